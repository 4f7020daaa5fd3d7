package urnstew.app.service;

import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * How the rest of a service was planned at a moment.
 *
 * @param moment before which nothing new was put
 * @param lateMinutes by which plates are late, all together
 * @param by who found it
 * @param works in the order of their beginning, those that had begun too
 * @param tooLong what waits longer than it may
 * @param tightest key of the work with least to spare
 */
public record ServicePlan(
    Instant moment,
    Verdict verdict,
    long lateMinutes,
    boolean proven,
    String by,
    List<Work> works,
    List<Wait> tooLong,
    Optional<String> tightest) {
  public ServicePlan {
    works = List.copyOf(works);
    tooLong = List.copyOf(tooLong);
  }

  /** A work at its place. */
  public record Work(
      String key,
      Instant begins,
      Instant handsUntil,
      Instant ends,
      Optional<String> by,
      List<Hold> holds,
      long spareSeconds,
      long bufferSeconds) {
    public Work {
      holds = List.copyOf(holds);
    }
  }

  /** What it holds, and until when. */
  public record Hold(String lane, Instant until) {}

  /** What waits too long between two works. */
  public record Wait(String before, String after, long waitsSeconds, long longestSeconds) {}
}
