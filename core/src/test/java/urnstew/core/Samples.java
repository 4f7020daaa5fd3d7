package urnstew.core;

import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.kitchen.HeatKind;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.RoundShape;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.kitchen.Vessel;
import urnstew.core.pantry.ReferencePantry;
import urnstew.core.plan.PlanInputs;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.SimmerLevel;
import urnstew.core.reduction.SimmerSetting;
import urnstew.core.sizing.Need;
import urnstew.core.thermo.Altitude;
import urnstew.core.thermo.Composition;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Power;

/** Made-up kitchens and pots that several tests share. */
public final class Samples {
  public static final Instant NOON = Instant.parse("2026-03-02T12:00:00Z");

  private Samples() {}

  public static ResolvedFormula marinara() {
    return ResolvedFormula.of(ReferenceFormulas.load().get(0), ReferencePantry.load());
  }

  /** Fat-free sauce of this mass and solids share. */
  public static Composition sauce(double kilograms, double solids) {
    return new Composition(kilograms * (1 - solids), 0, 0, kilograms * solids, 0, 0);
  }

  public static Vessel pot(double diameterMeters, double depthMeters) {
    Length diameter = new Length(diameterMeters);
    return new Vessel(
        new UUID(0, 1),
        "test pot",
        new RoundShape(diameter, diameter, new Length(depthMeters)),
        Mass.ofGrams(2400));
  }

  public static HeatSource burner(double labelWatts) {
    return new HeatSource(new UUID(0, 2), "test burner", HeatKind.INDUCTION, new Power(labelWatts));
  }

  public static SimmerSetting setting(
      Vessel vessel, double labelWatts, SimmerLevel level, Lid lid, double altitudeMeters) {
    return new SimmerSetting(
        vessel.shape(),
        burner(labelWatts),
        level,
        lid,
        Surroundings.at(new Altitude(altitudeMeters)));
  }

  public static PlanInputs planInputs(int covers, Vessel vessel, SimmerLevel level, Lid lid) {
    return new PlanInputs(
        marinara(),
        new Need(covers, Mass.ofGrams(110)),
        false,
        MassFraction.ofPercent(10.5),
        vessel,
        setting(vessel, 3500, level, lid, 2350),
        NOON,
        NOON.plus(Duration.ofHours(7)));
  }
}
