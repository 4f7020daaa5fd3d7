package urnstew.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import urnstew.core.Samples;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.Stage;
import urnstew.core.plan.Timing.Scheduled;
import urnstew.core.reduction.Lid;
import urnstew.core.task.Due;
import urnstew.core.task.Follows;
import urnstew.core.task.Need;
import urnstew.core.task.Need.OfVessel;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;

/** The work of every sauce of the shelf. */
class PlanTasksTest {
  static List<Formula> sauces() {
    return ReferenceFormulas.load().stream().filter(f -> f.target().isPresent()).toList();
  }

  private static PlanInputs inputs(Formula formula) {
    return Samples.planInputs(formula, 20, Samples.LIVELY, Lid.OFF);
  }

  /** Nothing is forgotten, nothing stands twice, and nothing comes before what it follows. */
  @ParameterizedTest
  @MethodSource("sauces")
  void isAllOfItInAnOrderThatCanBeDone(Formula formula) {
    PlanInputs inputs = inputs(formula);
    Plan plan = Planner.plan(inputs);
    List<Task> tasks = PlanTasks.of(inputs, plan);
    Map<String, Instant> begun = new HashMap<>();
    for (Task task : tasks) {
      for (Follows follows : task.follows()) {
        Instant before = begun.get(follows.key());
        assertTrue(before != null, task.key() + " follows what stands before it");
        assertTrue(!task.due().at().isBefore(before), task.key() + " after " + follows.key());
      }
      assertEquals(null, begun.put(task.key(), task.due().at()), "once: " + task.key());
    }
    List<String> stages =
        inputs.formula().formula().stages().stream().map(s -> s.title().toLowerCase()).toList();
    assertEquals(
        stages.size(),
        tasks.stream().filter(task -> task.key().contains("/stage-")).count(),
        "each stage is work");
    assertEquals(
        plan.size().batch().additions().size(),
        tasks.stream()
            .filter(task -> task.kind() == Kind.ADD || task.kind() == Kind.MOVE_PIECES)
            .count());
    assertTrue(
        tasks.stream()
            .filter(task -> task.kind() == Kind.STAGE || task.kind() == Kind.LIGHT)
            .allMatch(task -> task.needs().stream().anyMatch(PlanTasksTest::isCookedIn)),
        "the pot, or what stands beside it");
  }

  private static boolean isCookedIn(Need need) {
    return need instanceof OfVessel || need instanceof Need.OfTool;
  }

  /** Hours are the plan's own, with its band, and hands and the rest are all of a stage. */
  @Test
  void tellsTheHoursOfThePlan() {
    PlanInputs inputs = inputs(byId("ridge-ragu"));
    Plan plan = Planner.plan(inputs);
    Scheduled hours = (Scheduled) plan.timing();
    List<Task> tasks = PlanTasks.of(inputs, plan);
    Due thick = of(Kind.THICK, tasks).due();
    assertEquals(
        List.of(hours.earliest(), hours.thickAt(), hours.latest()),
        List.of(thick.earliest(), thick.at(), thick.latest()));
    assertEquals(hours.lightAt(), of(Kind.LIGHT, tasks).due().at());
    Task simmer = of(Kind.START_SIMMER, tasks);
    assertEquals(hours.simmerAt(), simmer.due().at());
    assertEquals(
        Duration.between(hours.simmerAt(), hours.thickAt()).toSeconds(),
        simmer.effort().total().likely().toSeconds(),
        1);
    assertTrue(simmer.effort().hands().most().compareTo(simmer.effort().total().likely()) < 0);
    assertTrue(
        tasks.stream()
            .filter(task -> task.kind() == Kind.PREP || task.kind() == Kind.BEGIN_EARLY)
            .allMatch(task -> task.due().at().isBefore(hours.lightAt())));
  }

  /**
   * Common practice: garlic waits a minute for its liquid, a plain sauce an hour for its finish.
   */
  @Test
  void saysHowLongWhatAStageLeavesMayWait() {
    for (Formula formula : sauces()) {
      List<Stage> stages = formula.stages();
      for (int i = 0; i < stages.size(); i++) {
        Stage stage = stages.get(i);
        boolean garlic = stage.lines().stream().anyMatch(l -> l.ingredientId().equals("garlic"));
        StageWork work = StageWork.of(stage);
        switch (stage.technique()) {
          case SWEAT ->
              assertEquals(
                  Duration.ofMinutes(garlic ? 1 : 10), work.longestGap().orElseThrow(), "sweat");
          case SIMMER -> assertEquals(Duration.ofHours(1), work.longestGap().orElseThrow());
          default -> assertTrue(work.hands().get(0) <= work.hands().get(2));
        }
      }
    }
  }

  private static Formula byId(String id) {
    return sauces().stream().filter(f -> f.id().equals(id)).findFirst().orElseThrow();
  }

  private static Task of(Kind kind, List<Task> tasks) {
    return tasks.stream().filter(task -> task.kind() == kind).findFirst().orElseThrow();
  }
}
