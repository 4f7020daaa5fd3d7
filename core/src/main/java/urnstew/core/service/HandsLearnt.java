package urnstew.core.service;

import java.time.Duration;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import urnstew.core.task.Effort;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;

/**
 * How much longer than reckoned the hands of this kitchen need, by kind of work. Few works say
 * little: the ratio is shrunk towards 1, as if four more had taken as long as reckoned
 * (assumption).
 *
 * @param byKind only kinds of which something is known
 */
public record HandsLearnt(Map<Kind, Learnt> byKind) {
  /** Nothing yet. */
  public static final HandsLearnt NONE = new HandsLearnt(Map.of());

  private static final int AS_RECKONED = 4;

  /** Beyond that somebody forgot to tick. */
  private static final double FARTHEST = 4;

  public HandsLearnt {
    byKind = Map.copyOf(byKind);
  }

  /**
   * What is known of a kind.
   *
   * @param ratio of the time that it takes to the time reckoned, a quarter to four
   * @param works that say so
   */
  public record Learnt(double ratio, int works) {}

  /**
   * A work of hands that was begun and ended.
   *
   * @param reckoned longer than nothing
   * @param really longer than nothing
   */
  public record Took(Kind kind, Duration reckoned, Duration really) {}

  /** From works that were ticked at their beginning and their end. */
  public static HandsLearnt of(List<Took> works) {
    Map<Kind, Double> sums = new EnumMap<>(Kind.class);
    Map<Kind, Integer> counts = new EnumMap<>(Kind.class);
    for (Took one : works) {
      double ratio = (double) one.really().toMillis() / one.reckoned().toMillis();
      if (ratio >= 1 / FARTHEST && ratio <= FARTHEST) {
        sums.merge(one.kind(), Math.log(ratio), Double::sum);
        counts.merge(one.kind(), 1, Integer::sum);
      }
    }
    Map<Kind, Learnt> learnt = new EnumMap<>(Kind.class);
    counts.forEach(
        (kind, count) -> {
          double sum = Optional.ofNullable(sums.get(kind)).orElse(0.0);
          learnt.put(kind, new Learnt(Math.exp(sum / (count + AS_RECKONED)), count));
        });
    return new HandsLearnt(learnt);
  }

  /** The same work as long as it takes here. */
  public Task of(Task task) {
    return Optional.ofNullable(byKind.get(task.kind()))
        .map(one -> task.lasting(task.effort().handsTimes(one.ratio())))
        .orElse(task);
  }

  /** Whether a work says something: it is over when the hands are out of it. */
  public static boolean tells(Task task) {
    Effort effort = task.effort();
    return effort.unattended().likely().isZero() && !effort.hands().likely().isZero();
  }
}
