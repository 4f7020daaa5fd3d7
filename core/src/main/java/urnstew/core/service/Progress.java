package urnstew.core.service;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import urnstew.core.bench.Placement;

/**
 * How far a service is.
 *
 * @param now before which nothing new can begin
 * @param begun what has begun, by key of the task
 * @param over when what is over was over, by key of the task; all of it has begun
 * @param locked placements that somebody wants to stay
 */
public record Progress(
    Instant now, Map<String, Begun> begun, Map<String, Instant> over, List<Placement> locked) {
  public Progress {
    begun = Map.copyOf(begun);
    over = Map.copyOf(over);
    locked = List.copyOf(locked);
  }

  /**
   * How a work was begun.
   *
   * @param by whose hands; empty where nobody's are needed
   * @param holds ids of the burners, ovens and machines that it took
   */
  public record Begun(Instant at, Optional<String> by, Set<String> holds) {
    public Begun {
      holds = Set.copyOf(holds);
    }
  }

  /** Nothing has begun. */
  public static Progress none(Instant from) {
    return new Progress(from, Map.of(), Map.of(), List.of());
  }

  /** Whether it has not begun. */
  public boolean isToCome(String key) {
    return !begun.containsKey(key);
  }

  boolean isOver(String key) {
    return over.containsKey(key);
  }

  /** How it was begun; empty where it was not. */
  public Optional<Begun> of(String key) {
    return Optional.ofNullable(begun.get(key));
  }

  /** Whether it goes on now. */
  boolean isRunning(String key) {
    return begun.containsKey(key) && !isOver(key);
  }
}
