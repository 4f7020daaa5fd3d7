package urnstew.app.service;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.service.BenchLateView.BenchMoveView;
import urnstew.app.service.ServiceWrites.SaidKind;

/**
 * A service while it goes on, and how it went.
 *
 * @param reckoning whether something was said that the bench does not know yet
 * @param plannedAt when the bench was last planned
 * @param bench as it was planned then
 * @param works how far each is
 * @param failedLaneIds burners, ovens and machines that do not work
 * @param moved what the last plan put elsewhere
 * @param log what was said, the last first
 */
record ServiceView(
    UUID id,
    UUID mealId,
    String name,
    Instant startedAt,
    @Nullable Instant endedAt,
    boolean reckoning,
    Instant plannedAt,
    BenchView bench,
    List<ServiceWorkView> works,
    List<ServiceCookView> cooks,
    List<String> failedLaneIds,
    List<BenchMoveView> moved,
    List<ServiceSaidView> log) {

  /** How far a work is. */
  enum WorkState {
    TO_COME,
    GOING,
    OVER
  }

  /**
   * A work as it really goes.
   *
   * @param wanted whether somebody wants it where it is
   * @param toBeMoved whether it stands on what does not work
   * @param firstBegins as it was planned when the service was started
   * @param batchId pot on the stove that tells of it
   */
  record ServiceWorkView(
      String key,
      WorkState state,
      @Nullable Instant begunAt,
      @Nullable Instant overAt,
      @Nullable String by,
      boolean wanted,
      boolean toBeMoved,
      @Nullable Instant firstBegins,
      @Nullable Instant firstEnds,
      @Nullable UUID batchId) {}

  /** A cook, and whether he or she is there. */
  record ServiceCookView(String name, boolean here) {}

  /**
   * Something that was said.
   *
   * @param what of which work, cook, burner or entry
   * @param who wrote it
   * @param takenBack whether it no longer counts
   */
  record ServiceSaidView(
      UUID id,
      Instant at,
      SaidKind kind,
      String what,
      @Nullable Long minutes,
      String who,
      boolean takenBack) {}

  /** A service among others. */
  record ServiceNameView(
      UUID id, UUID mealId, String name, Instant startedAt, @Nullable Instant endedAt) {}
}
