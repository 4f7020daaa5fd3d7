package urnstew.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.correction.Target;
import urnstew.core.kitchen.Vessel;
import urnstew.core.plan.Alternative.Kind;
import urnstew.core.plan.Timing.Scheduled;
import urnstew.core.reduction.Lid;
import urnstew.core.sizing.BatchSize;
import urnstew.core.sizing.Sizing;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

class WhatGivesTest {
  private static final Vessel POT = Samples.pot(0.36, 0.2);
  private static final PlanInputs EASY = Samples.planInputs(34, POT, Samples.GENTLE, Lid.OFF);

  @Test
  void theThicknessAfterAFixedTimeIsReachedAfterThatTime() {
    for (int minutes : new int[] {15, 25, 40}) {
      MassFraction reached = FixedTime.equivalentSolids(EASY, Duration.ofMinutes(minutes));
      Plan plan = Planner.plan(EASY.with(new Target.Solids(reached)));
      assertTrue(plan.timing() instanceof Scheduled);
      Scheduled hours = (Scheduled) plan.timing();
      double simmer = Duration.between(hours.simmerAt(), hours.thickAt()).toSeconds() / 60.0;
      assertEquals(minutes, simmer, 0.02 * minutes);
      assertEquals(34, plan.size().portions(), 1e-6);
    }
  }

  @Test
  void longerIsThicker() {
    double before = 0;
    for (int minutes = 5; minutes <= 60; minutes += 5) {
      double now = FixedTime.equivalentSolids(EASY, Duration.ofMinutes(minutes)).value();
      assertTrue(now > before, minutes + " min");
      before = now;
    }
  }

  @Test
  void whenTimeIsShortEachOfTheThreeGivesJustEnough() {
    Scheduled easy = (Scheduled) Planner.plan(EASY).timing();
    Duration all = Duration.between(easy.lightAt(), EASY.readyBy());
    PlanInputs hurried = EASY.readyAt(EASY.now().plus(all).minus(Duration.ofMinutes(12)));
    List<Alternative> ways = ways(hurried);
    for (Kind kind : List.of(Kind.THINNER, Kind.FEWER, Kind.LATER_HOUR)) {
      Scheduled hours = (Scheduled) Planner.plan(only(ways, kind)).timing();
      assertTrue(hours.spareAtWorst().toSeconds() > -120, kind + " " + hours.spareAtWorst());
      assertTrue(hours.spareAtWorst().toMinutes() < 10, kind + " " + hours.spareAtWorst());
    }
    assertTrue(only(ways, Kind.FEWER).need().covers() < 34);
    assertTrue(
        only(ways, Kind.THINNER).equivalentSolids().compareTo(hurried.equivalentSolids()) < 0);
  }

  private static PlanInputs only(List<Alternative> ways, Kind kind) {
    return ways.stream().filter(way -> way.kind() == kind).findFirst().orElseThrow().inputs();
  }

  @Test
  void nothingGivesWhereThereIsTime() {
    assertFalse(
        ways(EASY).stream()
            .anyMatch(way -> way.kind() == Kind.THINNER || way.kind() == Kind.FEWER));
  }

  private static List<Alternative> ways(PlanInputs inputs) {
    return new Alternatives(
            inputs,
            Planner.plan(inputs),
            List.of(POT),
            Samples.ingredient("tomato-paste").contents(Mass.ofKilograms(1)),
            Samples.ingredient("water").contents(Mass.ofKilograms(1)))
        .sooner();
  }

  @Test
  void aPotFilledByItsCoversIsFullToItsHeadroom() {
    PlanInputs full = EASY.with(EASY.need().forCovers(Planner.coversToFill(EASY)));
    BatchSize size =
        Sizing.size(full.formula(), full.need(), full.equivalentSolids(), full.buying());
    double filled =
        PotFit.volume(size.start(), Planner.simmerTemperature(full)).cubicMeters()
            / POT.shape().capacity().cubicMeters();
    assertEquals(0.75, filled, 1e-9);
    List<StageFit> stages =
        StageFit.of(
            size.batch(),
            Optional.of(full.equivalentSolids()),
            POT,
            List.of(POT),
            Planner.simmerTemperature(full));
    assertTrue(stages.stream().allMatch(fit -> fit.fullShare() < 0.8), "no stage stands higher");
    assertTrue(stages.stream().anyMatch(fit -> fit.fullShare() > 0.7), "and one as high");
  }
}
