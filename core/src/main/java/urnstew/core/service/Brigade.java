package urnstew.core.service;

import java.time.Instant;
import java.util.List;
import java.util.Set;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Oven;

/**
 * Who and what a service can count on.
 *
 * @param hands cooks
 * @param burners all that can bear a pot
 * @param ovens with their shelves
 * @param taken what is held by something else
 * @param machines names of tools of which there is one; boards and bowls there are enough
 */
public record Brigade(
    List<Hand> hands,
    List<HeatSource> burners,
    List<OvenRoom> ovens,
    List<Taken> taken,
    Set<String> machines) {
  public Brigade {
    hands = List.copyOf(hands);
    burners = List.copyOf(burners);
    ovens = List.copyOf(ovens);
    taken = List.copyOf(taken);
    machines = Set.copyOf(machines);
  }

  /** A cook, while he or she is there. */
  public record Hand(String name, Instant from, Instant until) {}

  /**
   * An oven.
   *
   * @param shelves 1 to 20
   */
  public record OvenRoom(Oven oven, int shelves) {}

  /**
   * What is not there for a while: a vessel, burner, oven or machine, or a cook.
   *
   * @param resource its id, or the cook's name
   */
  public record Taken(String resource, Instant from, Instant until) {}
}
