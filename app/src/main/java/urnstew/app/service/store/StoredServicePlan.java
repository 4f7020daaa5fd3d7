package urnstew.app.service.store;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** How the rest of a service was planned. */
public record StoredServicePlan(
    Instant moment,
    String verdict,
    long lateMinutes,
    boolean proven,
    String by,
    List<Work> works,
    List<Wait> tooLong,
    @Nullable String tightest) {
  /** A work at its place. */
  public record Work(
      String key,
      Instant begins,
      Instant handsUntil,
      Instant ends,
      @Nullable String by,
      List<Hold> holds,
      long spareSeconds,
      long bufferSeconds) {}

  /** What it holds. */
  public record Hold(String lane, Instant until) {}

  /** What waits too long. */
  public record Wait(String before, String after, long waitsSeconds, long longestSeconds) {}
}
