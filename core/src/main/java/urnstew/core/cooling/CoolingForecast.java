package urnstew.core.cooling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import urnstew.core.explain.Working;
import urnstew.core.rules.CoolingMark;
import urnstew.core.rules.Limit;
import urnstew.core.rules.RuleSet;
import urnstew.units.Length;
import urnstew.units.Temperature;

/**
 * A cooling that has not begun.
 *
 * @param setup how it would stand
 * @param depth how deep it would lie
 * @param verdict whether it would make it
 * @param marks times from the start of the clock
 * @param likelyClockSeconds until the clock starts
 */
public record CoolingForecast(
    CoolingSetup setup,
    Length depth,
    CoolingVerdict verdict,
    List<MarkTime> marks,
    double likelyClockSeconds) {
  /**
   * How long to one mark, from the start of the clock.
   *
   * @param mark of the rule
   * @param likelySeconds s; empty if never within two days
   * @param slowSeconds s, on the slow side; empty if never within two days
   */
  public record MarkTime(
      CoolingMark mark, OptionalDouble likelySeconds, OptionalDouble slowSeconds) {
    private boolean likelyInTime() {
      return likelySeconds.isPresent() && likelySeconds.getAsDouble() <= mark.within().toSeconds();
    }

    private boolean surelyInTime() {
      return slowSeconds.isPresent() && slowSeconds.getAsDouble() <= mark.within().toSeconds();
    }
  }

  public CoolingForecast {
    marks = List.copyOf(marks);
  }

  /** What a setup would do from this temperature on. */
  public static CoolingForecast of(
      CoolingSauce sauce, Temperature start, CoolingSetup setup, RuleSet rules) {
    double until = rules.of(Limit.COOL_LAST).value();
    double from = rules.of(Limit.COOL_FROM).value();
    List<CoolingRun.Step> steps = List.of(new CoolingRun.Step(0, Optional.of(setup)));
    CoolingCourse likely =
        new CoolingRun(sauce, BoundingCase.LIKELY, 1).from(steps, 0, start.celsius(), until);
    CoolingCourse slow =
        new CoolingRun(sauce, BoundingCase.SLOW, 1).from(steps, 0, start.celsius(), until);
    List<MarkTime> marks = new ArrayList<>();
    for (CoolingMark mark : rules.coolingMarks(start.celsius())) {
      marks.add(
          new MarkTime(
              mark,
              likely.secondsBetween(from, mark.celsius()),
              slow.secondsBetween(from, mark.celsius())));
    }
    return new CoolingForecast(
        setup,
        setup.depth(sauce),
        verdict(marks, setup.endsAtOrAbove(until)),
        marks,
        likely.secondsTo(from).orElse(0));
  }

  /** Whether a setup makes it on the slow side, without the rest of its forecast. */
  static boolean surely(CoolingSauce sauce, Temperature start, CoolingSetup setup, RuleSet rules) {
    double from = rules.of(Limit.COOL_FROM).value();
    List<CoolingRun.Step> steps = List.of(new CoolingRun.Step(0, Optional.of(setup)));
    CoolingCourse slow =
        new CoolingRun(sauce, BoundingCase.SLOW, 1)
            .upTo(steps, start.celsius(), 2.0 * rules.time(Limit.COOL_LAST_TIME).toSeconds());
    return rules.coolingMarks(start.celsius()).stream()
        .map(
            mark ->
                new MarkTime(
                    mark, OptionalDouble.empty(), slow.secondsBetween(from, mark.celsius())))
        .allMatch(MarkTime::surelyInTime);
  }

  private static CoolingVerdict verdict(List<MarkTime> marks, boolean endsTooWarm) {
    if (endsTooWarm || marks.get(marks.size() - 1).likelySeconds().isEmpty()) {
      return CoolingVerdict.NEVER;
    }
    if (marks.stream().allMatch(MarkTime::surelyInTime)) {
      return CoolingVerdict.MAKES_IT;
    }
    return marks.stream().allMatch(MarkTime::likelyInTime)
        ? CoolingVerdict.MAY_MISS
        : CoolingVerdict.WILL_MISS;
  }

  /** How the hours came about. */
  public Working working(CoolingSauce sauce) {
    return CoolingWorking.of(sauce, setup, 1);
  }
}
