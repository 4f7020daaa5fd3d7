package urnstew.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.consistency.PlateSpread;
import urnstew.core.correction.Prediction;
import urnstew.core.correction.Prior;
import urnstew.core.correction.Prior.Past;
import urnstew.core.correction.Target;
import urnstew.core.explain.Caution;
import urnstew.core.plan.Influences.Influence;
import urnstew.core.plan.Timing.NotReached;
import urnstew.core.plan.Timing.Scheduled;
import urnstew.core.reduction.Lid;
import urnstew.core.sizing.Need;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

class PlannerTest {
  private static final PlanInputs CANTEEN =
      Samples.planInputs(34, Samples.pot(0.36, 0.20), Samples.GENTLE, Lid.OFF);

  @Test
  void isOnTheTableInTimeEvenAtTheSlowEdge() {
    Scheduled hours = assertInstanceOf(Scheduled.class, Planner.plan(CANTEEN).timing());
    assertEquals(0, hours.lightAt().getEpochSecond() % 300, "on a five-minute mark");
    assertTrue(!hours.spareAtWorst().isNegative());
    assertTrue(hours.spareAtWorst().compareTo(Duration.ofMinutes(5)) < 0);
    assertTrue(hours.earliest().isBefore(hours.thickAt()));
    assertTrue(hours.thickAt().isBefore(hours.latest()));
    assertEquals(
        CANTEEN.readyBy(),
        hours.latest().plus(CANTEEN.formula().finishTime()).plus(hours.spareAtWorst()));
  }

  @Test
  void tooLateAHourIsSaidNotHidden() {
    PlanInputs soon = at(CANTEEN, Duration.ofMinutes(20));
    Plan plan = Planner.plan(soon);
    Scheduled hours = assertInstanceOf(Scheduled.class, plan.timing());
    assertEquals(soon.now(), hours.lightAt());
    assertTrue(hours.spareAtWorst().isNegative());
    assertTrue(codes(plan).contains("late"));
  }

  @Test
  void aLidThatKeepsTheWaterInIsAnAnswerNotAnError() {
    Plan plan = Planner.plan(Samples.planInputs(34, Samples.pot(0.36, 0.20), Samples.BARE, Lid.ON));
    assertInstanceOf(NotReached.class, plan.timing());
    assertTrue(codes(plan).contains("never-thick"));
  }

  @Test
  void thePotMustHoldItWithRoomForBubbles() {
    Plan tight =
        Planner.plan(Samples.planInputs(34, Samples.pot(0.25, 0.14), Samples.GENTLE, Lid.OFF));
    assertTrue(codes(tight).contains("over-headroom"));
    InvalidInput fault =
        assertThrows(
            InvalidInput.class,
            () ->
                Planner.plan(
                    Samples.planInputs(250, Samples.pot(0.20, 0.13), Samples.GENTLE, Lid.OFF)));
    assertEquals("vessel", fault.parameter());
    assertTrue(codes(Planner.plan(CANTEEN)).isEmpty());
  }

  @Test
  void anHourThatHasPassedIsRefused() {
    assertEquals(
        "in-the-past",
        assertThrows(InvalidInput.class, () -> at(CANTEEN, Duration.ofMinutes(-1))).code());
    assertEquals(
        "too-far", assertThrows(InvalidInput.class, () -> at(CANTEEN, Duration.ofDays(8))).code());
  }

  @Test
  void everyInfluenceGoesTheWayThatPhysicsSays() {
    List<Influence> onTime = Influences.on(PlanFigure.SIMMER_TIME, CANTEEN);
    assertTrue(named(onTime, "thickness").higher() > 0, "thicker is later");
    assertTrue(named(onTime, "width").higher() < 0, "wider is sooner");
    assertTrue(named(onTime, "solids").higher() < 0, "richer cans are sooner");
    assertTrue(
        onTime.get(0).input().startsWith("how fast this pot"), "the pot is the great unknown");
    List<Influence> onMass = Influences.on(PlanFigure.FINAL_MASS, CANTEEN);
    assertEquals("sauce for each, 10 %", onMass.get(0).input());
    assertEquals(34 * 0.011 * 1.03, onMass.get(0).higher(), 1e-9);
  }

  /** 410 g of meat to the kilogram of tomatoes, more or less: what the loads take is the lead. */
  @Test
  void meatBrownsInLoadsBeforeTheSimmer() {
    PlanInputs ragu =
        Samples.planInputs(34, Samples.pot(0.36, 0.20), Samples.GENTLE, Lid.OFF)
            .with(Samples.ragu())
            .with(new Target.Solids(MassFraction.ofPercent(13)));
    Plan plan = Planner.plan(ragu);
    Preparation.Step brown = plan.preparation().steps().get(1);
    double meat = 0.41 * plan.size().scaleFactor();
    assertEquals(
        meat,
        brown.browning().orElseThrow().loads() * brown.browning().orElseThrow().each().kilograms(),
        1e-9);
    Scheduled hours = assertInstanceOf(Scheduled.class, plan.timing());
    assertEquals(
        Duration.ofMinutes(14 + 3).plus(brown.time()),
        Duration.between(hours.lightAt(), hours.simmerAt()));
    assertEquals(
        plan.preparation().loads() >= 4,
        codes(plan).contains("many-loads"),
        plan.preparation().loads() + " loads");
    Plan crowd = Planner.plan(ragu.with(new Need(90, Mass.ofGrams(110))));
    assertTrue(codes(crowd).contains("many-loads"), crowd.preparation().loads() + " loads");
    Plan half = Planner.plan(ragu.with(new Need(8, Mass.ofGrams(110))));
    assertTrue(half.preparation().loads() < plan.preparation().loads(), "less meat, fewer loads");
    Plan wide =
        Planner.plan(
            ragu.with(
                Samples.setting(Samples.pot(0.5, 0.20), 3500, Samples.GENTLE, Lid.OFF, 2350)));
    assertTrue(wide.preparation().time().compareTo(plan.preparation().time()) < 0, "more floor");
    assertEquals(4, Planner.plan(CANTEEN).preparation().time().toMinutes(), "nothing is browned");
  }

  /** Bodies of last time turn the same width of a spoonful into the solids of last time. */
  @Test
  void asThickAsLastTimeKnowsTheBodyOfTheProduct() {
    Target plate = new Target.Plate(Length.ofMillimeters(78), PlateSpread.SPOONFUL);
    double ordinary = CANTEEN.with(plate).equivalentSolids().value();
    double full = withBodies(List.of(1.6, 1.6, 1.6)).with(plate).equivalentSolids().value();
    assertEquals(ordinary * Math.pow(1.6, -0.4), full, 0.06 * ordinary, "less of a thick product");
    Prediction known = Planner.plan(withBodies(List.of(1.0, 1.0, 1.0)).with(plate)).prediction();
    Prediction unknown = Planner.plan(CANTEEN.with(plate)).prediction();
    assertTrue(width(known) < width(unknown), "three plates make the hour surer");
  }

  private static PlanInputs withBodies(List<Double> bodies) {
    return new PlanInputs(
        CANTEEN.formula(),
        CANTEEN.need(),
        CANTEEN.buying(),
        CANTEEN.target(),
        CANTEEN.setting(),
        List.of(),
        Prior.of(CANTEEN.setting().heatSource(), new Past(List.of(), List.of(), bodies)),
        CANTEEN.now(),
        CANTEEN.readyBy());
  }

  private static double width(Prediction prediction) {
    return prediction.late().last().seconds() - prediction.early().last().seconds();
  }

  private static Influence named(List<Influence> influences, String start) {
    return influences.stream().filter(i -> i.input().startsWith(start)).findFirst().orElseThrow();
  }

  private static List<String> codes(Plan plan) {
    return plan.cautions().stream().map(Caution::code).toList();
  }

  private static PlanInputs at(PlanInputs in, Duration ahead) {
    return new PlanInputs(
        in.formula(),
        new Need(34, Mass.ofGrams(110)),
        in.buying(),
        in.target(),
        in.setting(),
        in.stages(),
        in.prior(),
        in.now(),
        in.now().plus(ahead));
  }
}
