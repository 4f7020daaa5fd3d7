package urnstew.app.keeping;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import urnstew.app.keeping.KeepingView.CoolingForecastView;
import urnstew.app.keeping.KeepingView.CoolingView;
import urnstew.app.keeping.KeepingView.CoursePoint;
import urnstew.app.keeping.KeepingView.MarkTimeView;
import urnstew.app.keeping.KeepingView.MarkView;
import urnstew.app.keeping.KeepingView.SetupView;
import urnstew.core.cooling.ColdPlace;
import urnstew.core.cooling.CoolingCourse;
import urnstew.core.cooling.CoolingForecast;
import urnstew.core.cooling.CoolingHistory;
import urnstew.core.cooling.CoolingOutlook;
import urnstew.core.cooling.CoolingSauce;
import urnstew.core.cooling.CoolingSetup;
import urnstew.core.cooling.MarkOutlook;
import urnstew.core.rules.Limit;
import urnstew.core.rules.RuleSet;
import urnstew.units.Temperature;

/** Coolings of the core for the screens. */
final class CoolingViews {
  private static final int MOST_POINTS = 60;

  private CoolingViews() {}

  static CoolingView of(CoolingHistory history, RuleSet rules, CoolingOutlook outlook) {
    Instant zero = history.begun();
    return new CoolingView(
        outlook.verdict(),
        outlook.action(),
        rules.of(Limit.COOL_FROM).value(),
        outlook.clockFrom().orElse(null),
        outlook.clockRuns(),
        outlook.marks().stream().map(CoolingViews::mark).toList(),
        course(outlook.likely(), zero),
        course(outlook.slow(), zero),
        outlook.speedFactor(),
        setup(history.standing(), history.sauce(), history.start()),
        history.reheated(),
        rules.of(Limit.REHEAT).value(),
        List.of(outlook.working(history.sauce(), history.standing())));
  }

  private static MarkView mark(MarkOutlook mark) {
    return new MarkView(
        mark.mark().celsius(),
        mark.mark().section(),
        mark.deadline(),
        mark.state(),
        mark.shownAt().orElse(null),
        mark.likely().orElse(null),
        mark.latest().orElse(null));
  }

  private static List<CoursePoint> course(CoolingCourse course, Instant zero) {
    return course.sampled(MOST_POINTS).stream()
        .map(
            point ->
                new CoursePoint(
                    zero.plusMillis(Math.round(point.seconds() * 1000)), point.celsius()))
        .toList();
  }

  static SetupView setup(CoolingSetup setup, CoolingSauce sauce, Temperature from) {
    Temperature around = setup.spot().usual();
    return new SetupView(
        setup.pan().name(),
        setup.count(),
        setup.depth(sauce).meters(),
        setup.spot().place(),
        around.celsius(),
        setup.covered(),
        setup.stirredEvery().map(every -> (int) every.toMinutes()).orElse(null),
        setup.onward().map(onward -> onward.below().celsius()).orElse(null),
        setup.spot().place() == ColdPlace.ICE_BATH
            ? sauce.iceBetween(from, around).kilograms()
            : 0);
  }

  static CoolingForecastView forecast(
      CoolingForecast forecast, CoolingSauce sauce, Temperature start) {
    return new CoolingForecastView(
        forecast.verdict(),
        setup(forecast.setup(), sauce, start),
        forecast.likelyClockSeconds(),
        forecast.marks().stream()
            .map(
                mark ->
                    new MarkTimeView(
                        mark.mark().celsius(),
                        mark.mark().section(),
                        seconds(mark.mark().within()),
                        nullable(mark.likelySeconds()),
                        nullable(mark.slowSeconds())))
            .toList());
  }

  private static long seconds(Duration time) {
    return time.toSeconds();
  }

  private static @Nullable Double nullable(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }
}
