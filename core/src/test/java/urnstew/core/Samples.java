package urnstew.core;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import urnstew.core.batch.BatchClock;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchHistory;
import urnstew.core.batch.BatchParts;
import urnstew.core.batch.BatchSnapshot;
import urnstew.core.batch.Forecast;
import urnstew.core.batch.Forecaster;
import urnstew.core.correction.Prior;
import urnstew.core.correction.Target;
import urnstew.core.formula.Cues;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageCourse;
import urnstew.core.formula.StageHeat;
import urnstew.core.formula.StageRole;
import urnstew.core.formula.Technique;
import urnstew.core.kitchen.HeatKind;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Instruments;
import urnstew.core.kitchen.Metal;
import urnstew.core.kitchen.RoundShape;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.kitchen.Vessel;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.ReferencePantry;
import urnstew.core.plan.PlanInputs;
import urnstew.core.reduction.Heating;
import urnstew.core.reduction.Heating.SimmeredByEye;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.SimmerLevel;
import urnstew.core.reduction.SimmerSetting;
import urnstew.core.sauce.PotContents;
import urnstew.core.sizing.Need;
import urnstew.core.sizing.PackRule;
import urnstew.core.thermo.Altitude;
import urnstew.core.thermo.Composition;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Power;
import urnstew.units.Temperature;

/** Made-up kitchens and pots that several tests share. */
public final class Samples {
  public static final Instant NOON = Instant.parse("2026-03-02T12:00:00Z");
  public static final Heating BARE = new SimmeredByEye(SimmerLevel.BARE);
  public static final Heating GENTLE = new SimmeredByEye(SimmerLevel.GENTLE);
  public static final Heating LIVELY = new SimmeredByEye(SimmerLevel.LIVELY);
  public static final Heating ROLLING = Heating.BurnerSet.FULL;

  private static final double SOLUBLE = 0.87;

  private Samples() {}

  public static ResolvedFormula marinara() {
    return formula("plain-marinara");
  }

  public static ResolvedFormula ragu() {
    return formula("ridge-ragu");
  }

  public static Ingredient ingredient(String id) {
    return ReferencePantry.load().ingredient(id);
  }

  public static ResolvedFormula formula(String id) {
    Formula found =
        ReferenceFormulas.load().stream().filter(f -> f.id().equals(id)).findFirst().orElseThrow();
    return ResolvedFormula.of(found, ReferenceFormulas.larder());
  }

  /** Composition without alcohol; of the solids 87 % are dissolved. */
  public static Composition composition(
      double water, double protein, double fat, double carbohydrate, double fibre, double ash) {
    double solids = protein + carbohydrate + fibre + ash;
    return new Composition(water, 0, protein, fat, carbohydrate, fibre, ash, SOLUBLE * solids);
  }

  /** Fat-free sauce of this mass and solids share. */
  public static Composition sauce(double kilograms, double solids) {
    return composition(kilograms * (1 - solids), 0, 0, kilograms * solids, 0, 0);
  }

  public static PotContents pot(Composition sauce) {
    return PotContents.of(sauce);
  }

  /** A steel pot of 2.4 kg. */
  public static Vessel pot(double diameterMeters, double depthMeters) {
    Length diameter = new Length(diameterMeters);
    return new Vessel(
        new UUID(0, 1),
        "test pot",
        new RoundShape(diameter, diameter, new Length(depthMeters)),
        Mass.ofGrams(2400),
        Metal.STAINLESS_STEEL,
        true,
        Optional.of(Temperature.ofCelsius(250)));
  }

  public static HeatSource burner(double labelWatts) {
    return new HeatSource(
        new UUID(0, 2), "test burner", HeatKind.INDUCTION, new Power(labelWatts), Optional.empty());
  }

  public static SimmerSetting setting(
      Vessel vessel, double labelWatts, Heating heating, Lid lid, double altitudeMeters) {
    return new SimmerSetting(
        vessel, burner(labelWatts), heating, lid, Surroundings.at(new Altitude(altitudeMeters)));
  }

  /** A sauce of the shelf in a large pot, wanted so late that nothing hurries. */
  public static PlanInputs planInputs(Formula formula, int covers, Heating heating, Lid lid) {
    SimmerSetting setting = setting(pot(0.42, 0.4), 5000, heating, lid, 2350);
    return new PlanInputs(
        ResolvedFormula.of(formula, ReferenceFormulas.larder()),
        new Need(covers, Mass.ofGrams(110)),
        PackRule.AS_NEEDED,
        new Target.Solids(formula.target().orElseThrow()),
        setting,
        List.of(),
        Prior.of(setting.heatSource()),
        NOON,
        NOON.plus(Duration.ofHours(30)));
  }

  public static PlanInputs planInputs(int covers, Vessel vessel, Heating heating, Lid lid) {
    SimmerSetting setting = setting(vessel, 3500, heating, lid, 2350);
    return new PlanInputs(
        marinara(),
        new Need(covers, Mass.ofGrams(110)),
        PackRule.AS_NEEDED,
        new Target.Solids(MassFraction.ofPercent(10.5)),
        setting,
        List.of(),
        Prior.of(setting.heatSource()),
        NOON,
        NOON.plus(Duration.ofHours(7)));
  }

  /** A marinara for 34 that was lit at noon; nothing has happened to it yet. */
  public static BatchHistory lit(int timeScale) {
    return new BatchHistory(
        new BatchSnapshot(
            planInputs(34, pot(0.36, 0.20), GENTLE, Lid.OFF),
            Duration.ofMinutes(4),
            Instruments.ASSUMED,
            new BatchClock(NOON, timeScale),
            BatchSnapshot.MODEL_VERSION),
        List.of());
  }

  /** The same with three quarters of an hour in an open oven as its last stage. */
  public static Formula bakedAtLast(Formula formula) {
    List<Stage> stages = new ArrayList<>(formula.stages());
    stages.add(bake(177, 45, Lid.OFF, 0, StageRole.FINISH));
    return formula.with(stages);
  }

  public static Stage bake(double celsius, int minutes, Lid lid, double dried, StageRole role) {
    return new Stage(
        "Bake",
        role,
        Technique.BAKE,
        StageHeat.oven(Temperature.ofCelsius(celsius), false),
        lid,
        StageCourse.PLAIN,
        Duration.ofMinutes(minutes),
        new MassFraction(dried),
        List.of(),
        List.of(),
        new Cues("", "", ""),
        List.of(),
        "",
        "",
        Optional.empty());
  }

  /** As it is told by whoever wrote to it last. */
  public static Forecast forecast(BatchHistory history) {
    return Forecaster.forecast(history, lastWritten(history));
  }

  /** The same. */
  public static BatchParts parts(BatchHistory history) {
    return Forecaster.parts(history, lastWritten(history));
  }

  private static Instant lastWritten(BatchHistory history) {
    return history.events().stream()
        .map(BatchEvent::at)
        .reduce(history.snapshot().clock().startedAt(), (a, b) -> a.isAfter(b) ? a : b);
  }
}
