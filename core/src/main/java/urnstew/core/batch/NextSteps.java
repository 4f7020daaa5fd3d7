package urnstew.core.batch;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import urnstew.core.batch.BatchEvent.StepDone;
import urnstew.core.batch.NextStep.Kind;
import urnstew.core.correction.Advisor.Advice;
import urnstew.core.formula.SimmerPhases.SimmerPhase;
import urnstew.core.reduction.Hazard;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.ReductionCurve;

/** What is to be done at a pot, as far as it can be known. */
final class NextSteps {
  private static final double TASTE_BEFORE_SECONDS = 900;

  private final BatchHistory history;
  private final ReductionCurve likely;
  private final double moment;
  private final Set<String> done;

  NextSteps(BatchHistory history, ReductionCurve likely, double moment) {
    this.history = history;
    this.likely = likely;
    this.moment = moment;
    this.done =
        history.counting(StepDone.class).stream().map(StepDone::step).collect(Collectors.toSet());
  }

  List<NextStep> all(List<BatchLine> lines, Duration stirEvery, Optional<Advice> advice) {
    List<NextStep> steps = new ArrayList<>(new StageSteps(history, likely, lines).all());
    stir(stirEvery).ifPresent(steps::add);
    advice.ifPresent(reading -> steps.add(read(reading)));
    if (likely.outcome() instanceof Reaches reaches) {
      double end = reaches.after().toMillis() / 1000.0;
      steps.add(taste(end));
      steps.add(step("heat-off", end, Kind.HEAT_OFF, "Heat off", cue()));
    }
    steps.sort(Comparator.comparingDouble(NextStep::simmerSeconds));
    return steps;
  }

  /** Stirring, once the sauce can stick; counted from the last time that it was stirred. */
  private Optional<NextStep> stir(Duration every) {
    double last =
        history.counting(StepDone.class).stream()
            .filter(event -> event.step().equals("stir"))
            .mapToDouble(event -> history.simmerSeconds(event.at()))
            .max()
            .orElse(0);
    return Hazard.along(likely).stream()
        .filter(hazard -> hazard.kind() == Hazard.Kind.SCORCHES)
        .findFirst()
        .map(hazard -> Math.max(hazard.after().toSeconds(), last + every.toSeconds()))
        .map(
            seconds ->
                new NextStep(
                    "stir",
                    seconds,
                    Kind.STIR,
                    "Stir to the floor",
                    String.format(Locale.ROOT, "every %d min from here", every.toMinutes()),
                    0,
                    0,
                    -1,
                    false));
  }

  private NextStep read(Advice advice) {
    String what =
        switch (advice.kind()) {
          case PLATE -> "Plate test";
          case DIP -> "Dip";
          case WEIGHING -> "Weigh";
        };
    String detail =
        String.format(
            Locale.ROOT,
            "tells most: ±%d min would become ±%d",
            Math.round(advice.halfWidthSeconds() / 60),
            Math.round(advice.narrowedSeconds() / 60));
    return step("read-" + Math.round(moment), advice.seconds(), Kind.READ, what, detail);
  }

  private NextStep taste(double end) {
    double at = Math.max(moment, end - TASTE_BEFORE_SECONDS);
    double here = likely.massAt(at).kilograms();
    double then = likely.last().mass().kilograms();
    String detail =
        String.format(
            Locale.ROOT,
            "%.1f kg still to go: salt will read %.0f %% stronger",
            here - then,
            100 * (here / then - 1));
    return step("taste", at, Kind.TASTE, "Taste for salt and sharpness", detail);
  }

  /** How it looks when the last phase is over. */
  private String cue() {
    List<SimmerPhase> phases = history.snapshot().inputs().formula().phases().all();
    return phases.isEmpty() ? "" : phases.get(phases.size() - 1).last().cues().ready();
  }

  private NextStep step(String key, double seconds, Kind kind, String what, String detail) {
    return new NextStep(key, seconds, kind, what, detail, 0, 0, -1, done.contains(key));
  }
}
