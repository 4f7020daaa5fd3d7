package urnstew.core.batch;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Figure;
import urnstew.core.task.Span;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;
import urnstew.units.Mass;

/**
 * What a pot on the stove asks for, as tasks. All hours are the clock's. Minutes of hands are
 * assumptions.
 */
public final class PotTasks {
  private static final Effort MOMENT = Effort.ofMinutes(0.3, 1, 2);
  private static final Effort READING = Effort.ofMinutes(1, 2, 4);

  private PotTasks() {}

  /** A stage before the simmer, or after it. */
  public record TimedStage(int stage, String title, Instant from, Duration lasts) {}

  /** A step of a forecast. */
  public record TimedStep(NextStep step, Instant at) {}

  /**
   * What is known of a pot.
   *
   * @param before stages before the simmer, in their order
   * @param simmerAt when the simmer starts or started
   * @param simmerTold whether somebody said so, or read the pot since
   * @param steps of the forecast
   * @param thick when it is thick enough, with its band; empty where it never is
   * @param finish stages after that
   */
  public record Known(
      List<TimedStage> before,
      Instant simmerAt,
      boolean simmerTold,
      List<TimedStep> steps,
      Optional<Due> thick,
      List<TimedStage> finish) {}

  /** All of them that are not done, by the clock. */
  public static List<Task> of(Subject pot, Known known) {
    List<Task> tasks = new ArrayList<>();
    for (int i = 0; i < known.before().size(); i++) {
      TimedStage stage = known.before().get(i);
      boolean last = i == known.before().size() - 1;
      Instant next = last ? known.simmerAt() : known.before().get(i + 1).from();
      // Whoever is quicker than planned is at the simmer already.
      Instant over = next.isBefore(known.simmerAt()) ? next : known.simmerAt();
      tasks.add(stage(pot, Kind.STAGE, stage, Due.fromThen(stage.from()).until(over)));
    }
    if (!known.simmerTold()) {
      Due due = Due.fromThen(known.simmerAt()).until(known.simmerAt().plus(Due.AHEAD));
      tasks.add(Task.of("simmer", Kind.START_SIMMER, pot, "start the simmer", due, MOMENT));
    }
    known.steps().stream().flatMap(step -> step(pot, step).stream()).forEach(tasks::add);
    tasks.add(
        known
            .thick()
            .map(due -> Task.of("thick", Kind.THICK, pot, "thick enough", due, MOMENT))
            .orElseGet(() -> never(pot, known.simmerAt())));
    known.finish().forEach(stage -> tasks.add(finish(pot, stage)));
    return tasks;
  }

  private static Task never(Subject pot, Instant from) {
    return Task.of(
        "never-thick",
        Kind.NEVER_THICK,
        pot,
        "it will not get thick enough as it stands",
        Due.fromThen(from),
        READING);
  }

  private static Task finish(Subject pot, TimedStage stage) {
    return stage(pot, Kind.FINISH, stage, Due.fromThen(stage.from()));
  }

  private static Task stage(Subject pot, Kind kind, TimedStage stage, Due due) {
    return Task.of(
        "stage-" + stage.stage(),
        kind,
        pot,
        stage.title().toLowerCase(Locale.ROOT),
        due,
        Effort.ofHands(Span.exactly(stage.lasts())));
  }

  private static Optional<Task> step(Subject pot, TimedStep timed) {
    NextStep step = timed.step();
    if (step.done()) {
      return Optional.empty();
    }
    String what = step.what().toLowerCase(Locale.ROOT);
    return switch (step.kind()) {
      case ADD ->
          Optional.of(
              Task.of(step.key(), Kind.ADD, pot, "add the " + what, Due.at(timed.at()), MOMENT)
                  .with(new Figure.Much(Mass.ofKilograms(step.kilograms()))));
      case PHASE ->
          Optional.of(
              Task.of(
                  step.key(),
                  Kind.PHASE,
                  pot,
                  what + ": " + step.detail(),
                  Due.at(timed.at()),
                  MOMENT));
      case OUT, BACK ->
          Optional.of(Task.of(step.key(), Kind.MOVE_PIECES, pot, what, Due.at(timed.at()), MOMENT));
      case TAKE_OUT ->
          Optional.of(Task.of(step.key(), Kind.TAKE_OUT, pot, what, Due.at(timed.at()), MOMENT));
      case BIND ->
          Optional.of(
              Task.of(
                  step.key(),
                  Kind.FINISH,
                  pot,
                  what + ": " + step.detail(),
                  Due.fromThen(timed.at()),
                  MOMENT));
      // It comes again: each time is a task of its own.
      case STIR ->
          Optional.of(
              Task.of(
                  step.key() + "@" + timed.at(), Kind.STIR, pot, what, Due.at(timed.at()), MOMENT));
      case TASTE ->
          Optional.of(Task.of(step.key(), Kind.TASTE, pot, what, Due.at(timed.at()), READING));
      case READ ->
          Optional.of(
              Task.of(step.key(), Kind.READ_POT, pot, what, Due.fromThen(timed.at()), READING));
      // Told by being thick enough.
      case HEAT_OFF -> Optional.empty();
    };
  }
}
