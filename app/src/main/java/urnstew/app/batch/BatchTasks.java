package urnstew.app.batch;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import urnstew.app.batch.BatchMapper.Listed;
import urnstew.app.batch.BatchView.StepView;
import urnstew.app.plan.PlanView;
import urnstew.app.plan.PlanView.StageView;
import urnstew.core.batch.BatchClock;
import urnstew.core.batch.NextStep;
import urnstew.core.batch.PotTasks;
import urnstew.core.batch.PotTasks.Known;
import urnstew.core.batch.PotTasks.TimedStage;
import urnstew.core.batch.PotTasks.TimedStep;
import urnstew.core.batch.StageTime;
import urnstew.core.formula.StageRole;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Subject;
import urnstew.core.task.Subject.Place;
import urnstew.core.task.Task;

/** What a batch asks for, from its plan and its last forecast as they are stored. */
final class BatchTasks {
  private BatchTasks() {}

  /**
   * What somebody said of a pot.
   *
   * @param simmer whether it simmers
   * @param steps that are ticked
   */
  record Told(boolean simmer, Set<String> steps) {}

  static List<Task> of(
      UUID id, String name, BatchClock clock, PlanView plan, ForecastView forecast, Told told) {
    List<TimedStage> before = new ArrayList<>();
    List<TimedStage> finish = new ArrayList<>();
    Instant thickAt = forecast.thickAt();
    double lit = 0;
    double thick = 0;
    for (int i = 0; i < plan.stages().size(); i++) {
      StageView stage = plan.stages().get(i);
      if (stage.role().equals(StageRole.PREPARE.name())) {
        if (!told.steps().contains(StageTime.key(i))) {
          before.add(stage(i, stage, clock, lit));
        }
        lit += stage.seconds();
      } else if (stage.role().equals(StageRole.FINISH.name()) && thickAt != null) {
        finish.add(stage(i, stage, new BatchClock(thickAt, clock.timeScale()), thick));
        thick += stage.seconds();
      }
    }
    return PotTasks.of(
        new Subject(Place.POT, id.toString(), name),
        new Known(
            before,
            forecast.simmerStartedAt(),
            told.simmer(),
            forecast.steps().stream().map(BatchTasks::step).toList(),
            Optional.ofNullable(thickAt).map(likely -> thick(likely, forecast)),
            finish));
  }

  /** An edge that is never reached is left out of the band. */
  private static Due thick(Instant likely, ForecastView forecast) {
    return Due.at(
        Optional.ofNullable(forecast.earliest()).orElse(likely),
        likely,
        Optional.ofNullable(forecast.latest()).orElse(likely));
  }

  private static TimedStage stage(int place, StageView stage, BatchClock clock, double from) {
    Instant begins = clock.at(from);
    return new TimedStage(
        place, stage.title(), begins, Duration.between(begins, clock.at(from + stage.seconds())));
  }

  private static TimedStep step(StepView step) {
    return new TimedStep(
        new NextStep(
            step.key(),
            0,
            step.kind(),
            step.what(),
            step.detail(),
            step.kilograms(),
            step.offeredKilograms() == null ? 0 : step.offeredKilograms(),
            step.line(),
            step.done()),
        step.at());
  }

  /** One that cannot be shown: its name, and that somebody watches it by hand. */
  static Task look(Listed one) {
    return Task.of(
        "look",
        Task.Kind.LOOK,
        new Subject(Place.POT, one.id().toString(), one.name()),
        "it cannot be shown: watch it by hand",
        Due.overdue(one.startedAt(), one.startedAt()),
        Effort.NONE);
  }
}
