package urnstew.core.task;

import java.util.Optional;
import java.util.UUID;
import urnstew.units.Temperature;

/** What work holds while it lasts, so that nothing else can. */
public sealed interface Need {
  /** A pot, pan or tray. */
  record OfVessel(UUID id, String name) implements Need {}

  record OfBurner(UUID id, String name) implements Need {}

  /**
   * Room in an oven.
   *
   * @param id empty where any will do
   * @param air how hot it must be
   */
  record OfOven(Optional<UUID> id, Temperature air) implements Need {}

  /** Board, bowl, mill: one of its kind. */
  record OfTool(String name) implements Need {}
}
