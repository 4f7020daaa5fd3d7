package urnstew.core.batch;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.batch.PotTasks.Known;
import urnstew.core.batch.PotTasks.TimedStage;
import urnstew.core.batch.PotTasks.TimedStep;
import urnstew.core.task.Due;
import urnstew.core.task.Subject;
import urnstew.core.task.Subject.Place;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;
import urnstew.core.task.TaskList;

class PotTasksTest {
  private static final Subject POT = new Subject(Place.POT, "p", "Ridge ragù");
  private static final List<TimedStage> BEFORE =
      List.of(
          new TimedStage(0, "Soffritto", at(0), Duration.ofMinutes(14)),
          new TimedStage(1, "Brown the meat", at(14), Duration.ofMinutes(21)));
  private static final List<TimedStage> FINISH =
      List.of(new TimedStage(3, "Finish", at(90), Duration.ofMinutes(2)));

  private static Instant at(int minutes) {
    return Samples.NOON.plus(Duration.ofMinutes(minutes));
  }

  private static TimedStep step(String key, NextStep.Kind kind, int minutes, boolean done) {
    return new TimedStep(
        new NextStep(key, 0, kind, "Whole milk", "", 0.2, 0, 3, done), at(minutes));
  }

  private static List<String> told(
      int now, int simmerAt, boolean told, List<TimedStep> steps, Optional<Due> thick) {
    return TaskList.inOrder(
            PotTasks.of(POT, new Known(BEFORE, at(simmerAt), told, steps, thick, FINISH)), at(now))
        .stream()
        .map(Task::kind)
        .map(Kind::name)
        .toList();
  }

  private static Optional<Due> thick() {
    return Optional.of(Due.at(at(80), at(90), at(110)));
  }

  @Test
  void itsStagesFollowEachOtherUntilTheSimmer() {
    assertEquals(
        List.of("STAGE", "STAGE", "START_SIMMER", "FINISH", "THICK"),
        told(5, 35, false, List.of(), thick()));
    assertEquals(
        List.of("STAGE", "START_SIMMER", "FINISH", "THICK"),
        told(20, 35, false, List.of(), thick()),
        "the first is over");
    assertEquals(
        List.of("START_SIMMER", "FINISH", "THICK"), told(36, 35, false, List.of(), thick()));
    assertEquals(
        List.of("FINISH", "THICK"),
        told(51, 35, false, List.of(), thick()),
        "nobody is asked long");
  }

  /** Whoever starts the simmer sooner than planned has no stage left before it. */
  @Test
  void aSimmerThatStartsSoonerEndsWhatWasBeforeIt() {
    assertEquals(List.of("FINISH", "THICK"), told(6, 5, true, List.of(), thick()));
  }

  @Test
  void whatIsDoneIsNotAskedAndHeatOffIsToldOnce() {
    List<TimedStep> steps =
        List.of(
            step("line-3", NextStep.Kind.ADD, 60, true),
            step("line-4", NextStep.Kind.ADD, 65, false),
            step("heat-off", NextStep.Kind.HEAT_OFF, 90, false));
    assertEquals(List.of("ADD", "FINISH", "THICK"), told(40, 35, true, steps, thick()));
    assertEquals(
        List.of("NEVER_THICK", "ADD", "FINISH"), told(40, 35, true, steps, Optional.empty()));
  }

  @Test
  void eachStirringIsATaskOfItsOwn() {
    List<TimedStep> first = List.of(step("stir", NextStep.Kind.STIR, 40, false));
    List<TimedStep> next = List.of(step("stir", NextStep.Kind.STIR, 55, false));
    assertEquals(2, List.of(key(first), key(next)).stream().distinct().count());
  }

  private static String key(List<TimedStep> steps) {
    return PotTasks.of(POT, new Known(BEFORE, at(35), true, steps, thick(), FINISH)).stream()
        .filter(task -> task.kind() == Kind.STIR)
        .findFirst()
        .orElseThrow()
        .key();
  }
}
