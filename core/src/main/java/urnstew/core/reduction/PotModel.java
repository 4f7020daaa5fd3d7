package urnstew.core.reduction;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import urnstew.core.numerics.RungeKutta;
import urnstew.core.reduction.Outcome.NeverReaches;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.thermo.Composition;
import urnstew.core.thermo.FoodProperties;
import urnstew.units.Area;
import urnstew.units.Length;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;
import urnstew.units.Volume;

/**
 * The fall of water and the rise of temperature in one pot.
 *
 * <p>While heating: C·dT/dt = P − Q − h_fg·ṁ. Once the kept temperature is reached the cook turns
 * the knob: below the boil the surface sets ṁ (see {@link SurfaceTransfer}), at the boil the burner
 * does (see {@link HeatBalance}); ṁ never exceeds (P − Q)/h_fg. Solids and fat stay. Range: solids
 * up to 27 %, 24 hours.
 */
final class PotModel {
  private static final double HEATING_STEP_SECONDS = 45;
  private static final double KEPT_STEP_SECONDS = 480;
  private static final double LONGEST_SECONDS = Duration.ofHours(24).toSeconds();

  /** Share of tomato solids that is soluble (assumption, models of this product). */
  private static final double SOLUBLE_SHARE = 0.87;

  /** Mean molar mass of the soluble solids, as hexose (assumption). */
  private static final double SOLUBLE_KILOGRAMS_PER_MOLE = 0.18;

  /** Ebullioscopic constant of water, K kg/mol (CRC Handbook, from memory). */
  private static final double BOILING_ELEVATION = 0.512;

  private final SimmerSetting setting;
  private final Composition start;
  private final double evaporationFactor;
  private final double powerWatts;
  private final SurfaceTransfer transfer;
  private final double boilingCelsius;

  PotModel(SimmerSetting setting, Composition nominalStart, Unknowns unknowns) {
    this.setting = setting;
    this.start = nominalStart.times(unknowns.mass());
    this.evaporationFactor = unknowns.evaporation();
    this.powerWatts =
        Math.min(
            setting.heatSource().powerIntoPot().watts() * unknowns.power(),
            setting.heatSource().labelPower().watts());
    this.transfer = new SurfaceTransfer(setting.level(), setting.surroundings());
    this.boilingCelsius = setting.surroundings().altitude().boilingPoint().celsius();
  }

  /** Runs until it is thick enough. */
  Trajectory untilThick(MassFraction target) {
    return run(start.waterAtSolidsFraction(target), LONGEST_SECONDS);
  }

  /** Runs for a time, thick enough or not. */
  Trajectory during(Duration time) {
    return run(0, Math.max(1, time.toMillis() / 1000.0));
  }

  private Trajectory run(double targetWater, double longest) {
    List<PotState> states = new ArrayList<>();
    double[] state = {start.waterKilograms(), setting.surroundings().room().celsius()};
    states.add(new PotState(0, state[0], state[1]));
    double seconds = 0;
    boolean kept = false;
    while (state[0] > targetWater && seconds < longest) {
      double step = Math.min(longest - seconds, kept ? KEPT_STEP_SECONDS : HEATING_STEP_SECONDS);
      step = kept ? step : stepToKept(state, step);
      double[] next = RungeKutta.step(kept ? this::keptSlope : this::heatingSlope, state, step);
      if (next[0] < targetWater) {
        step *= (state[0] - targetWater) / (state[0] - next[0]);
        next = RungeKutta.step(kept ? this::keptSlope : this::heatingSlope, state, step);
        next[0] = targetWater;
      }
      seconds += step;
      state = next;
      kept = kept || state[1] >= keptCelsius(state[0]) - 1e-3;
      if (kept) {
        state[1] = keptCelsius(state[0]);
      }
      states.add(new PotState(seconds, state[0], state[1]));
    }
    boolean reached = state[0] <= targetWater;
    return new Trajectory(
        start,
        setting.shape(),
        states,
        reached ? new Reaches(Duration.ofMillis(Math.round(seconds * 1000))) : never(kept));
  }

  /** A step that does not shoot past the kept temperature. */
  private double stepToKept(double[] state, double step) {
    double[] next = RungeKutta.step(this::heatingSlope, state, step);
    double kept = keptCelsius(next[0]);
    return next[1] <= kept ? step : step * (kept - state[1]) / (next[1] - state[1]);
  }

  private Outcome never(boolean kept) {
    if (!kept) {
      return new NeverReaches(Never.NO_HEAT);
    }
    return new NeverReaches(setting.lid() == Lid.ON ? Never.LID_ON : Never.TOO_SLOW);
  }

  /** Temperature at which the cook keeps the pot; rises a little as it thickens. */
  private double keptCelsius(double water) {
    double moles = start.solids().kilograms() * SOLUBLE_SHARE / SOLUBLE_KILOGRAMS_PER_MOLE;
    double elevation = BOILING_ELEVATION * moles / Math.max(water, 1e-6);
    return boilingCelsius + elevation - setting.level().belowBoil().kelvins();
  }

  private double[] heatingSlope(double water, double celsius) {
    Composition contents = start.withWater(Math.max(0, water));
    double net = netWatts(contents, celsius);
    double leaving = Math.min(surfaceRate(contents, celsius), ceiling(net, celsius));
    double warming =
        (net - leaving * latentHeat(celsius)) / FoodProperties.heatCapacity(contents, celsius);
    return new double[] {-leaving, warming};
  }

  private double[] keptSlope(double water, double celsius) {
    Composition contents = start.withWater(Math.max(0, water));
    double ceiling = ceiling(netWatts(contents, celsius), celsius);
    double leaving =
        setting.level().heatLimited() ? ceiling : Math.min(surfaceRate(contents, celsius), ceiling);
    return new double[] {-leaving, 0};
  }

  private double surfaceRate(Composition contents, double celsius) {
    Area surface = setting.shape().surfaceAt(depth(contents, celsius));
    return evaporationFactor
        * setting.lid().escapingShare()
        * transfer.kilogramsPerSecond(surface, new Temperature(celsius));
  }

  private double netWatts(Composition contents, double celsius) {
    return powerWatts
        - HeatBalance.lossWatts(
            setting.shape(),
            depth(contents, celsius),
            setting.lid(),
            celsius,
            setting.surroundings().room().celsius());
  }

  private Length depth(Composition contents, double celsius) {
    double volume = FoodProperties.volumeCubicMeters(contents, celsius);
    return setting
        .shape()
        .depthAt(new Volume(Math.min(volume, setting.shape().capacity().cubicMeters())));
  }

  private static double ceiling(double netWatts, double celsius) {
    return HeatBalance.ceilingKilogramsPerSecond(netWatts, new Temperature(celsius));
  }

  private static double latentHeat(double celsius) {
    return urnstew.core.thermo.Steam.latentHeatJoulesPerKilogram(new Temperature(celsius));
  }
}
