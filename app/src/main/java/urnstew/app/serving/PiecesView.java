package urnstew.app.serving;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import urnstew.app.serving.ServedBeside.PieceServed;
import urnstew.app.task.TaskView.SpanView;
import urnstew.core.serving.Beside;
import urnstew.core.serving.piece.Cooking;
import urnstew.core.serving.piece.Cut;
import urnstew.core.serving.piece.Pace;

/**
 * Pieces in their heat; times run from the moment that they first go in.
 *
 * @param eachMassKilograms raw
 * @param beforeSeconds spells that are over when the last one begins
 * @param rule what the code asks for; absent where this heat never meets it
 * @param core when the core by taste is there, with the readings of a probe
 * @param outSeconds when to take them out so that they rest to it
 * @param rubbery whether that lies between the windows in which they are tender
 * @param tenderAfterSeconds from when on they are tender; absent where time does nothing
 * @param ready how it looks; empty where nothing tells
 * @param juiceLeastKilograms that all of them give
 * @param slowerFactor what the readings say of the reckoning
 */
public record PiecesView(
    int count,
    double eachMassKilograms,
    long beforeSeconds,
    @Nullable RuleView rule,
    double coreCelsius,
    SpanView core,
    long outSeconds,
    long restsSeconds,
    double gainsKelvins,
    double suffersCelsius,
    @Nullable Long suffersSeconds,
    boolean rubbery,
    @Nullable Long tenderAfterSeconds,
    String ready,
    double juiceLeastKilograms,
    double juiceMostKilograms,
    double slowerFactor,
    List<CorePointView> course) {
  private static final int POINTS = 60;

  /** What the code asks for. */
  public record RuleView(
      double coreCelsius,
      long heldSeconds,
      String section,
      String ruleSetName,
      long fromSeconds,
      long enoughSeconds) {}

  /** The core at a moment, with its band. */
  public record CorePointView(
      double seconds, double fastCelsius, double likelyCelsius, double slowCelsius) {}

  static PiecesView of(PieceServed served, Beside beside) {
    Cooking cooking = served.cooking();
    Cut cut = cooking.piece().cut();
    Cooking.TasteCore tasted = cooking.tasted();
    double likely = tasted.at().likely().toMillis() / 60_000.0;
    double raw = beside.raw().kilograms();
    return new PiecesView(
        served.count(),
        cooking.piece().mass().kilograms(),
        cooking.before().stream().mapToLong(one -> one.time().toSeconds()).sum(),
        served.rule().map(rule -> rule(rule, served.ruleSetName())).orElse(null),
        cooking.taste().celsius(),
        SpanView.of(served.probed().at()),
        served.probed().out(tasted).toSeconds(),
        tasted.rests().toSeconds(),
        tasted.gainsKelvins(),
        cut.taste().suffersCelsius(),
        cooking.suffers().map(Duration::toSeconds).orElse(null),
        cut.tender().isBetween(likely),
        cut.tender().afterMinutes().map(minutes -> Math.round(60 * minutes)).orElse(null),
        cut.ready(),
        cut.juice().leastShare() * raw,
        cut.juice().mostShare() * raw,
        served.probed().factor(),
        course(served));
  }

  private static RuleView rule(Cooking.RuleCore rule, String ruleSet) {
    return new RuleView(
        rule.row().core().celsius(),
        rule.row().heldFor().toSeconds(),
        rule.row().section(),
        ruleSet,
        rule.from().toSeconds(),
        rule.enough().toSeconds());
  }

  /** Until a little after the latest that matters. */
  private static List<CorePointView> course(PieceServed served) {
    Cooking cooking = served.cooking();
    double end = served.probed().at().most().toSeconds();
    end = Math.max(end, served.rule().map(rule -> (double) rule.enough().toSeconds()).orElse(end));
    List<CorePointView> points = new ArrayList<>();
    for (int i = 0; i <= POINTS; i++) {
      double at = 1.15 * end * i / POINTS;
      points.add(
          new CorePointView(
              at,
              cooking.celsiusAt(Pace.FAST, at),
              cooking.celsiusAt(Pace.LIKELY, at),
              cooking.celsiusAt(Pace.SLOW, at)));
    }
    return points;
  }
}
