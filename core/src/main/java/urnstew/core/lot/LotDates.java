package urnstew.core.lot;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import urnstew.core.rules.Limit;
import urnstew.core.rules.RuleSet;

/**
 * Dates of a lot by the rule set.
 *
 * <p>The day of making is the first day; days frozen do not count (Food Code 3-501.17 and
 * 3-501.18). The day on which it goes into the freezer and the day on which it comes out both
 * count.
 *
 * @param made day of making; of several lots in one the earliest
 * @param frozen day on which it was frozen; empty if it never was
 * @param thawed day on which it came out; empty if it is still in
 */
public record LotDates(LocalDate made, Optional<LocalDate> frozen, Optional<LocalDate> thawed) {
  /** Never frozen. */
  public static LotDates madeOn(LocalDate day) {
    return new LotDates(day, Optional.empty(), Optional.empty());
  }

  public boolean isFrozen() {
    return frozen.isPresent() && thawed.isEmpty();
  }

  /** Last day of use while chilled; empty while frozen, when only quality counts. */
  public Optional<LocalDate> useBy(RuleSet rules) {
    if (isFrozen()) {
      return Optional.empty();
    }
    LocalDate last = made.plusDays(rules.days(Limit.KEEP_DAYS) - 1L);
    long out =
        frozen.isPresent()
            ? Math.max(0, ChronoUnit.DAYS.between(frozen.get(), thawed.orElseThrow()) - 1)
            : 0;
    return Optional.of(last.plusDays(out));
  }

  /** Days left for use, the last one counted; of a frozen lot those that thawing leaves it. */
  public int daysLeft(RuleSet rules, LocalDate today) {
    LocalDate last =
        useBy(rules)
            .orElseGet(
                () -> new LotDates(made, frozen, Optional.of(today)).useBy(rules).orElseThrow());
    return (int) ChronoUnit.DAYS.between(today, last) + 1;
  }
}
