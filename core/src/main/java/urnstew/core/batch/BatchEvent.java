package urnstew.core.batch;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import urnstew.units.Mass;

/** Something that happened to a batch; never changed, never removed. */
public sealed interface BatchEvent {
  /** Identity, made where it was typed. */
  UUID id();

  /** When it happened. */
  Instant at();

  /**
   * A reading.
   *
   * @param id identity
   * @param at when it was taken
   * @param measurement what was read
   */
  record ReadingTaken(UUID id, Instant at, Measurement measurement) implements BatchEvent {}

  /**
   * A reading was wrong; it stays in the history and counts no more.
   *
   * @param id identity
   * @param at when it was struck out
   * @param readingId which
   * @param reason why, may be empty
   */
  record ReadingStruckOut(UUID id, Instant at, UUID readingId, String reason)
      implements BatchEvent {}

  /**
   * A struck-out reading was right after all; it counts again.
   *
   * @param id identity
   * @param at when it was put back
   * @param readingId which
   */
  record ReadingRestored(UUID id, Instant at, UUID readingId) implements BatchEvent {}

  /**
   * Everything for the simmer went into the pot.
   *
   * @param id identity
   * @param at when
   */
  record SimmerStarted(UUID id, Instant at) implements BatchEvent {}

  /**
   * The batch came off the heat.
   *
   * @param id identity
   * @param at when
   * @param finalMass what was weighed at the end, if it was
   * @param note what the cook wants to remember, may be empty
   */
  record Finished(UUID id, Instant at, Optional<Mass> finalMass, String note)
      implements BatchEvent {}
}
