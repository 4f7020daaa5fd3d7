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
 * limit. Once one lies below, it has fallen, and a reading at the limit does not lift it again: it
 * is reheated to the temperature of reheating within the time that the rule set gives from the last
 * moment at which it was shown hot, or thrown away (Food Code 3-403.11(D); England Regulations
 * 2013, Schedule 4, where it may be below once only).
 */
public final class HoldMonitor {
  /** How often a hold is read (common practice: in time to mend what is found). */
  public static final Duration READ_EVERY = Duration.ofHours(1);

  private final RuleSet rules;
  private final Duration grace;
  private Instant lastHot;
  private boolean fallen;
  private int falls;

  private HoldMonitor(Instant start, RuleSet rules) {
    this.rules = rules;
    this.lastHot = start;
    Duration reheat = rules.time(Limit.REHEAT_WITHIN);
    Duration alone = rules.time(Limit.WARM_TIME);
    this.grace = reheat.compareTo(alone) < 0 ? reheat : alone;
  }

  /**
   * How it stands.
   *
   * @param start when it was put there, hot
   */
  public static HoldOutlook at(
      Instant now, Instant start, List<HoldReading> readings, RuleSet rules) {
    HoldMonitor watch = new HoldMonitor(start, rules);
    boolean lost =
        readings.stream()
            .sorted(Comparator.comparing(HoldReading::at))
            .anyMatch(reading -> !watch.stands(reading));
    return lost ? watch.thrownAway() : watch.outlook(now);
  }

  /** Takes a reading in; whether it may still be eaten. */
  private boolean stands(HoldReading reading) {
    double shown = reading.celsius() - reading.errorKelvins();
    boolean inTime = !reading.at().isAfter(lastHot.plus(grace));
    if (fallen) {
      boolean reheated = shown >= rules.of(Limit.REHEAT).value();
      fallen = !reheated;
      lastHot = reheated && inTime ? reading.at() : lastHot;
      return inTime;
    }
    if (shown >= rules.of(Limit.HOT_HOLD).value()) {
      lastHot = reading.at();
      return true;
    }
    fallen = true;
    falls++;
    boolean allowed =
        rules.find(Limit.WARM_PERIODS).map(most -> falls <= most.value()).orElse(true);
    return inTime && allowed;
  }

  private HoldOutlook outlook(Instant now) {
    Instant discard = lastHot.plus(grace);
    if (fallen) {
      return now.isAfter(discard)
          ? thrownAway()
          : new HoldOutlook(HoldOutlook.State.REHEAT, lastHot, Optional.of(discard), discard);
    }
    Instant read = lastHot.plus(READ_EVERY);
    return new HoldOutlook(
        now.isAfter(read) ? HoldOutlook.State.TO_READ : HoldOutlook.State.HOT,
        lastHot,
        Optional.of(read),
        discard);
  }

  private HoldOutlook thrownAway() {
    return new HoldOutlook(
        HoldOutlook.State.DISCARD, lastHot, Optional.empty(), lastHot.plus(grace));
  }
}
