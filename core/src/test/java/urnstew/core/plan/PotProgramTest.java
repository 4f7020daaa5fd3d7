package urnstew.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import urnstew.core.Samples;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.SimmerPhases;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageCourse;
import urnstew.core.formula.StageEnd;
import urnstew.core.reduction.Heating.SimmeredByEye;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.PotState;
import urnstew.core.reduction.Program;
import urnstew.core.reduction.Reduction;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.reduction.SimmerLevel;
import urnstew.core.reduction.Unknowns;
import urnstew.units.Mass;

/** The stages of a formula are what is planned: each with its own heat, lid, pieces and end. */
class PotProgramTest {
  static Stream<Formula> sauces() {
    return ReferenceFormulas.load().stream().filter(formula -> formula.target().isPresent());
  }

  /** Hours are the sum of the stages, in every sauce of the library. */
  @ParameterizedTest
  @MethodSource("sauces")
  void hoursAreTheSumOfTheStages(Formula formula) {
    SimmerPhases phases = SimmerPhases.of(formula.choosing(List.of()));
    Stage answering = phases.all().get(phases.answering()).last();
    PlanInputs inputs =
        Samples.planInputs(formula, 20, answering.heat().heating(), answering.lid());
    Plan plan = Planner.plan(inputs);
    Timing.Scheduled hours = assertInstanceOf(Timing.Scheduled.class, plan.timing());
    ReductionCurve fall = plan.prediction().likely();
    double simmer = 0;
    for (int phase = 0; phase < plan.phases().size(); phase++) {
      double to = fall.phaseStart(phase + 1).orElse(fall.last().seconds());
      simmer += to - fall.phaseStart(phase).orElseThrow();
    }
    double planned = Duration.between(hours.simmerAt(), hours.thickAt()).toMillis() / 1000.0;
    assertEquals(planned, simmer, 0.01, "the simmer is its phases");
    assertEquals(plan.preparation().time(), Duration.between(hours.lightAt(), hours.simmerAt()));
  }

  /** Twenty minutes covered before the reduction are twenty more than the reduction alone. */
  @Test
  void coveredMinutesComeOnTop() {
    PlanInputs whole = inputs("flamed-shells", SimmerLevel.LIVELY, Lid.OFF);
    double with = seconds(whole, whole.formula());
    Formula of = whole.formula().formula();
    List<Stage> stages =
        of.stages().stream()
            .map(
                stage ->
                    stage.title().equals("Covered")
                        ? stage.going(stage.course().until(new StageEnd.Unsaid()))
                        : stage)
            .toList();
    // The shells stay in, so that the same pot is heated.
    List<Stage> still = stages.stream().map(s -> s.going(s.course().moving(List.of()))).toList();
    double alone = seconds(whole, resolved(of.with(still)));
    double covered = seconds(whole, resolved(of.with(unmoved(of.stages()))));
    assertEquals(20 * 60, covered - alone, 90, "with everything left in");
    assertTrue(with > 20 * 60);
  }

  private static List<Stage> unmoved(List<Stage> stages) {
    return stages.stream().map(s -> s.going(s.course().moving(List.of()))).toList();
  }

  /** A fish steak: seared, out, back in covered, out again before the sauce is reduced (T-08). */
  @Test
  void steaksComeAndGo() {
    PlanInputs inputs = inputs("fish-steak", SimmerLevel.LIVELY, Lid.OFF);
    ReductionCurve fall = Planner.plan(inputs).prediction().likely();
    double back = fall.phaseStart(1).orElseThrow();
    double out = fall.phaseStart(2).orElseThrow();
    assertEquals(0, fish(fall.at(back / 2)), 1e-9, "laid aside while the sauce simmers");
    assertTrue(fish(fall.at((back + out) / 2)) > 0.5, "in for five minutes");
    assertEquals(0, fish(fall.at(out + 60)), 0.005, "out while it is reduced");
    double aside =
        fall.last().aside().stream()
            .mapToDouble(kind -> kind.pieces().whole().total().kilograms())
            .sum();
    assertTrue(aside > 0.5, "and beside the pot in the end: " + aside);
    PotState covered = fall.at((back + out) / 2);
    assertEquals(Lid.ON, covered.setting().lid());
    assertEquals(Samples.BARE, covered.setting().heating());
  }

  /** Swordfish is most of the protein that stays whole. */
  private static double fish(PotState state) {
    double whole = state.contents().pieces().whole().proteinKilograms();
    return whole < 0.02 ? 0 : state.contents().pieces().whole().total().kilograms();
  }

  /** The plan may heat and cover a phase otherwise; the formula's own word is kept elsewhere. */
  @Test
  void aPhaseCanGoOtherwise() {
    PlanInputs inputs = inputs("stuffed-squid", SimmerLevel.LIVELY, Lid.OFF);
    PlanInputs ajar =
        new PlanInputs(
            inputs.formula(),
            inputs.need(),
            inputs.buying(),
            inputs.target(),
            inputs.setting(),
            List.of(new StageSetting(0, Samples.GENTLE, Lid.AJAR)),
            inputs.prior(),
            inputs.now(),
            inputs.readyBy());
    assertEquals(Lid.ON, Planner.plan(inputs).phases().get(0).lid());
    assertEquals(Lid.AJAR, Planner.plan(ajar).phases().get(0).lid());
    double covered = at(Planner.plan(inputs), 1).mass().kilograms();
    double open = at(Planner.plan(ajar), 1).mass().kilograms();
    assertTrue(open < covered - 0.05, "more is gone: " + open + " and " + covered);
  }

  private static PotState at(Plan plan, int phase) {
    ReductionCurve fall = plan.prediction().likely();
    return fall.at(fall.phaseStart(phase).orElseThrow());
  }

  /** Down to a cup in the formula is down to three in a batch three times as large. */
  @Test
  void whatIsBoiledDownToGrowsWithTheBatch() {
    Formula marinara = Samples.marinara().formula();
    List<Stage> stages = new ArrayList<>(marinara.stages());
    StageCourse down = StageCourse.PLAIN.until(new StageEnd.DownToMass(Mass.ofKilograms(0.7)));
    stages.set(1, stages.get(1).going(down));
    ResolvedFormula own = resolved(marinara.with(stages));
    PlanInputs inputs = inputs("plain-marinara", SimmerLevel.LIVELY, Lid.OFF);
    for (double size : new double[] {1, 3}) {
      Program program = PotProgram.of(inputs.with(own), own.times(size));
      ReductionCurve fall =
          Reduction.untilThick(program, inputs.equivalentSolids(), Unknowns.NOMINAL);
      assertEquals(0.7 * size, fall.last().mass().kilograms(), 1e-6);
    }
  }

  /** What somebody said takes the place of the plan: phases end when the next was begun. */
  @Test
  void whatWasSaidCounts() {
    PlanInputs inputs = inputs("fish-steak", SimmerLevel.LIVELY, Lid.OFF);
    ResolvedFormula batch = Planner.plan(inputs).size().batch();
    Map<String, Double> told = Map.of(PotProgram.phase(1), 1500.0, PotProgram.move(3, 0), 1560.0);
    ReductionCurve fall =
        Reduction.untilThick(
            PotProgram.of(inputs, batch, Set.of(), told),
            inputs.equivalentSolids(),
            Unknowns.NOMINAL);
    assertEquals(1500, fall.phaseStart(1).orElseThrow(), 1e-6);
    assertEquals(0, fish(fall.at(1550)), 1e-9, "not in yet");
    assertTrue(fish(fall.at(1570)) > 0.5, "in when somebody said so");
    assertEquals(1800, fall.phaseStart(2).orElseThrow(), 1e-6, "five minutes later");
  }

  /** Without a stage that ends by its thickness clocks end the simmer, and thickness follows. */
  @Test
  void clocksAloneEndASimmer() {
    Formula squid = formula("stuffed-squid");
    List<Stage> stages =
        squid.stages().stream()
            .filter(stage -> !(stage.course().end() instanceof StageEnd.Thick))
            .toList();
    PlanInputs inputs = inputs("stuffed-squid", SimmerLevel.BARE, Lid.ON);
    PlanInputs timed = inputs.with(resolved(squid.with(stages)));
    PlanInputs sized = new SizedBy.Covers().size(timed, Optional.of(Duration.ofDays(1)));
    Plan plan = Planner.plan(sized);
    ReductionCurve fall = plan.prediction().likely();
    assertInstanceOf(Reaches.class, fall.outcome());
    double reached = fall.last().contents().cooked().equivalentSolids().value();
    assertEquals(sized.equivalentSolids().value(), reached, 3e-4);
    assertEquals(
        plan.size().reduced().total().kilograms(),
        fall.last().mass().kilograms() + aside(fall),
        0.02 * fall.last().mass().kilograms());
  }

  private static double aside(ReductionCurve fall) {
    return fall.last().aside().stream()
        .mapToDouble(kind -> kind.pieces().whole().total().kilograms())
        .sum();
  }

  private static double seconds(PlanInputs inputs, ResolvedFormula formula) {
    ResolvedFormula batch = formula.times(4);
    return Reduction.untilThick(
            PotProgram.of(inputs.with(formula), batch), inputs.equivalentSolids(), Unknowns.NOMINAL)
        .last()
        .seconds();
  }

  private static PlanInputs inputs(String id, SimmerLevel level, Lid lid) {
    return Samples.planInputs(formula(id), 20, new SimmeredByEye(level), lid);
  }

  private static Formula formula(String id) {
    return ReferenceFormulas.load().stream()
        .filter(found -> found.id().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private static ResolvedFormula resolved(Formula formula) {
    return ResolvedFormula.of(formula, ReferenceFormulas.larder());
  }
}
