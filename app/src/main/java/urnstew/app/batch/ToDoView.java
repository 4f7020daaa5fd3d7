package urnstew.app.batch;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import urnstew.app.batch.BatchView.LineView;
import urnstew.app.batch.BatchView.StepView;
import urnstew.app.plan.PlanView;
import urnstew.app.plan.PlanView.StageView;
import urnstew.app.task.TaskView;
import urnstew.core.batch.NextStep;

/**
 * Something that a pot still wants, told so that somebody can do it who was not there.
 *
 * @param key stable within the batch
 * @param at when it is due
 * @param kind of a step; absent for a whole stage
 * @param what in short
 * @param detail why, or how
 * @param massKilograms that goes in, where one thing does
 * @param lines that a stage takes at once, with how much
 * @param ready how it looks when it is done
 * @param caution where it can hurt
 * @param takeOuts what must come out of what the finish lets in
 */
public record ToDoView(
    String key,
    Instant at,
    NextStep.@Nullable Kind kind,
    String what,
    String detail,
    @Nullable Double massKilograms,
    List<ToDoLineView> lines,
    String ready,
    String caution,
    List<String> takeOuts) {
  private static final Pattern STAGE = Pattern.compile("stage-(\\d+)$");
  private static final Pattern PHASE = Pattern.compile("^phase-(\\d+)$");

  /** So much of one thing. */
  public record ToDoLineView(String name, double massKilograms, String note) {}

  /**
   * All of it, in the order in which it comes.
   *
   * @param tasks of the pot; none where it is off the heat, which wants nothing more
   */
  static List<ToDoView> of(PlanView plan, ForecastView forecast, List<TaskView> tasks) {
    List<ToDoView> all = new ArrayList<>();
    for (TaskView task : tasks) {
      stageOf(plan, task).ifPresent(stage -> all.add(stage(task, stage, forecast)));
    }
    if (!tasks.isEmpty()) {
      forecast.steps().stream()
          .filter(step -> !step.done())
          .forEach(step -> all.add(step(step, plan, forecast)));
    }
    all.sort(Comparator.comparing(ToDoView::at));
    return all;
  }

  /** A stage before or after the simmer, or the one with which it starts. */
  private static Optional<StageView> stageOf(PlanView plan, TaskView task) {
    Matcher stage = STAGE.matcher(task.key());
    if (stage.find()) {
      return Optional.of(plan.stages().get(Integer.parseInt(stage.group(1))));
    }
    return task.key().endsWith("/simmer") ? phase(plan, 0) : Optional.empty();
  }

  private static Optional<StageView> phase(PlanView plan, int phase) {
    return plan.stages().stream()
        .filter(stage -> stage.phase() != null && stage.phase() == phase)
        .findFirst();
  }

  private static ToDoView stage(TaskView task, StageView stage, ForecastView forecast) {
    return new ToDoView(
        task.key(),
        task.at(),
        null,
        stage.title(),
        stage.how(),
        null,
        lines(stage, forecast),
        stage.readyCue(),
        stage.caution(),
        onThePlate(stage));
  }

  private static ToDoView step(StepView step, PlanView plan, ForecastView forecast) {
    Matcher begins = PHASE.matcher(step.key());
    Optional<StageView> stage =
        begins.find() ? phase(plan, Integer.parseInt(begins.group(1))) : Optional.empty();
    return new ToDoView(
        step.key(),
        step.at(),
        step.kind(),
        step.what(),
        step.detail(),
        step.kind() == NextStep.Kind.ADD ? step.kilograms() : null,
        stage.map(of -> lines(of, forecast)).orElse(List.of()),
        stage.map(StageView::readyCue).orElse(""),
        stage.map(StageView::caution).orElse(""),
        List.of());
  }

  /** Up to the end of the simmer they are steps of their own, counted for this batch. */
  private static List<String> onThePlate(StageView stage) {
    return stage.role().equals("FINISH") ? stage.takeOuts() : List.of();
  }

  /** What it takes and has not got; what comes in at its minute is a step of its own. */
  private static List<ToDoLineView> lines(StageView stage, ForecastView forecast) {
    boolean last = stage.role().equals("FINISH");
    return forecast.lines().stream()
        .filter(line -> line.stage().equals(stage.title()) && !line.poured())
        .filter(line -> last || !line.later() || !asked(line, forecast))
        .map(line -> new ToDoLineView(line.name(), line.dueKilograms(), line.note()))
        .toList();
  }

  private static boolean asked(LineView line, ForecastView forecast) {
    return forecast.steps().stream()
        .anyMatch(step -> step.kind() == NextStep.Kind.ADD && step.line() == line.line());
  }
}
