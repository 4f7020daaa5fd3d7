package urnstew.app.service;

import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import urnstew.app.service.BenchView.BenchWorkView;

/**
 * What becomes of a service if one of its works takes longer.
 *
 * @param what its name
 * @param minutes longer
 * @param bench with it
 * @param holdsSeconds so much longer it may take with every hour kept
 * @param moved what is no longer where it was
 */
record BenchLateView(
    String what, int minutes, BenchView bench, long holdsSeconds, List<BenchMoveView> moved) {
  /** A work that moves. */
  record BenchMoveView(
      String key,
      String name,
      String what,
      Instant was,
      Instant now,
      @Nullable String wasBy,
      @Nullable String nowBy) {
    /** All that is at another moment, or another's, in the order of its beginning. */
    static List<BenchMoveView> between(BenchView before, BenchView after) {
      return after.work().stream()
          .flatMap(
              now ->
                  before.work().stream()
                      .filter(was -> was.task().key().equals(now.task().key()))
                      .filter(
                          was ->
                              !was.begins().equals(now.begins())
                                  || !Objects.equals(was.by(), now.by()))
                      .map(was -> of(was, now)))
          .toList();
    }

    private static BenchMoveView of(BenchWorkView was, BenchWorkView now) {
      return new BenchMoveView(
          now.task().key(),
          now.task().name(),
          now.task().what(),
          was.begins(),
          now.begins(),
          was.by(),
          now.by());
    }
  }
}
