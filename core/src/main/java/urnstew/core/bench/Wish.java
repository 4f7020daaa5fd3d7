package urnstew.core.bench;

/** What could be given up of a problem where not all of it can be had. */
public sealed interface Wish {
  /** That it is over by its hour. */
  record OnTime(String key) implements Wish {}

  /** That what follows does not wait longer than it may. */
  record Fresh(String before, String after) implements Wish {}

  /** That something stays where a cook put it. */
  record Locked(String key) implements Wish {}

  /** That a vessel, burner, machine, oven or cook is left to what it is held by. */
  record Held(Occupied occupied) implements Wish {}

  /** That a cook comes and leaves when said. */
  record Hours(String cook) implements Wish {}
}
