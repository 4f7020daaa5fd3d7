package urnstew.app.service;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.task.TaskView;
import urnstew.core.task.Task;

/**
 * A service on its bench.
 *
 * @param from before which nothing can begin
 * @param hours at which plates go out
 * @param verdict whether all of it is hot at its hour
 * @param lateMinutes by which plates are late, all together
 * @param proven whether nothing can be better
 * @param by who found it
 * @param lanes hands first, then what is held
 * @param work in the order of its beginning; none where no schedule was found
 * @param tooLong what waits longer than it may
 * @param takeOuts what was counted in and must be counted out before serving
 * @param spareSeconds by which the tightest work may be later with every hour kept
 * @param tightest key of that work
 * @param learnt by how much hands of this kitchen are taken to need longer than is usual
 */
record BenchView(
    UUID mealId,
    String name,
    int version,
    Instant from,
    List<BenchHourView> hours,
    Verdict verdict,
    long lateMinutes,
    boolean proven,
    String by,
    List<BenchLaneView> lanes,
    List<BenchWorkView> work,
    List<BenchWaitView> tooLong,
    List<BenchTakeOutView> takeOuts,
    @Nullable Long spareSeconds,
    @Nullable String tightest,
    List<BenchHandsView> learnt) {
  /** What a lane is. */
  enum LaneKind {
    COOK,
    BURNER,
    OVEN,
    MACHINE
  }

  /**
   * Hands in one kind of work.
   *
   * @param ratio of the time that they take to the usual
   * @param works that said so
   */
  record BenchHandsView(Task.Kind kind, double ratio, int works) {
    static List<BenchHandsView> of(ServiceSetup setup) {
      return setup.learnt().stream()
          .map(one -> new BenchHandsView(one.kind(), one.ratio(), one.works()))
          .toList();
    }
  }

  /**
   * Plates of a dish.
   *
   * @param until when the last of them go out; absent where all go out together
   */
  record BenchHourView(String dish, int covers, Instant at, @Nullable Instant until) {
    static List<BenchHourView> of(ServiceSetup setup) {
      return setup.hours().stream()
          .map(
              one ->
                  new BenchHourView(one.dish(), one.covers(), one.at(), one.until().orElse(null)))
          .toList();
    }
  }

  /** Something that must come out of a dish. */
  record BenchTakeOutView(String dish, String what) {}

  /** One lane; its id is its own among all. */
  record BenchLaneView(LaneKind kind, String id, String name) {}

  /**
   * A task at its place.
   *
   * @param handsUntil when the cook is free again
   * @param by name of the cook; absent where nobody is needed
   * @param holds what it holds, and until when
   * @param spareSeconds by which it may be later with every hour kept
   * @param bufferSeconds left after it since it varies
   */
  record BenchWorkView(
      TaskView task,
      Instant begins,
      Instant handsUntil,
      Instant ends,
      @Nullable String by,
      List<BenchHoldView> holds,
      long spareSeconds,
      long bufferSeconds) {}

  /** A lane that is held. */
  record BenchHoldView(String laneId, Instant until) {}

  /** What waits too long between two works. */
  record BenchWaitView(String before, String after, long waitsSeconds, long longestSeconds) {}
}
