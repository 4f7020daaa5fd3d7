package urnstew.core.holding;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import urnstew.core.rules.Limit;
import urnstew.core.rules.RuleSet;

/**
 * Watches something held hot.
 *
 * <p>A reading shows it hot if, with the thermometer's error taken off, it lies at or above the
 * limit. From the last moment so shown the clocks run: of reheating, and of time alone as the
 * limit, after which it is thrown away. A reading below the limit stays below until a hot one
 * comes; a hot one that comes too late mends nothing.
 */
public final class HoldWatch {
  /** How often a hold is read (common practice: in time to mend what is found). */
  public static final Duration READ_EVERY = Duration.ofHours(1);

  private HoldWatch() {}

  /**
   * How it stands.
   *
   * @param start when it was put there, hot
   */
  public static HoldOutlook at(
      Instant now, Instant start, List<HoldReading> readings, RuleSet rules) {
    double limit = rules.of(Limit.HOT_HOLD).value();
    Duration alone = rules.time(Limit.WARM_TIME);
    Instant lastHot = start;
    boolean cold = false;
    for (HoldReading reading :
        readings.stream().sorted(Comparator.comparing(HoldReading::at)).toList()) {
      boolean late = cold && reading.at().isAfter(lastHot.plus(alone));
      if (late) {
        return thrownAway(lastHot, alone);
      }
      cold = reading.celsius() - reading.error() < limit;
      if (!cold) {
        lastHot = reading.at();
      }
    }
    return cold ? below(now, lastHot, rules) : above(now, lastHot, alone);
  }

  private static HoldOutlook above(Instant now, Instant lastHot, Duration alone) {
    Instant read = lastHot.plus(READ_EVERY);
    return new HoldOutlook(
        now.isAfter(read) ? HoldOutlook.State.TO_READ : HoldOutlook.State.HOT,
        lastHot,
        Optional.of(read),
        lastHot.plus(alone));
  }

  private static HoldOutlook below(Instant now, Instant lastHot, RuleSet rules) {
    Duration alone = rules.time(Limit.WARM_TIME);
    Instant reheat = lastHot.plus(rules.time(Limit.REHEAT_WITHIN));
    Instant discard = lastHot.plus(alone);
    if (now.isAfter(discard)) {
      return thrownAway(lastHot, alone);
    }
    return now.isAfter(reheat)
        ? new HoldOutlook(HoldOutlook.State.SERVE_NOW, lastHot, Optional.of(discard), discard)
        : new HoldOutlook(HoldOutlook.State.REHEAT, lastHot, Optional.of(reheat), discard);
  }

  private static HoldOutlook thrownAway(Instant lastHot, Duration alone) {
    return new HoldOutlook(
        HoldOutlook.State.DISCARD, lastHot, Optional.empty(), lastHot.plus(alone));
  }
}
