package urnstew.core.reduction;

import java.util.ArrayList;
import java.util.List;
import urnstew.core.kitchen.VesselShape;
import urnstew.core.reduction.Heating.BurnerSet;
import urnstew.core.reduction.Heating.InOven;
import urnstew.core.reduction.Heating.SimmeredByEye;
import urnstew.core.sauce.Filling;
import urnstew.core.sauce.PieceKind;
import urnstew.core.sauce.Pieces;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.core.thermo.HeatContent;
import urnstew.core.thermo.SteamLine;
import urnstew.core.thermo.ThermalProperties;
import urnstew.units.Length;

/**
 * A pot between two changes: the slopes of what moves, with all that does not.
 *
 * <p>Heat is counted from liquid at 0 °C, so that dH/dt = P − Q − ṁ·h_v closes by itself, and the
 * temperature follows from H. Moving: all water and alcohol, the share of juice still in pieces, H,
 * and the six ledgers. Heating: evaporation from the surface. Kept by eye: the burner gives what
 * holds the temperature, if it can. At the boil: what heat is left over leaves as steam. Both are
 * held by a relaxation of 300 s, which lets the temperature trail by a few millikelvins.
 */
final class Stretch {
  static final int WATER = 0;
  static final int ETHANOL = 1;
  static final int LEFT = 2;
  static final int HEAT = 3;
  static final int HEAT_IN = 4;
  static final int HEAT_LOST = 5;
  static final int STEAM_HEAT = 6;
  static final int STEAM_WATER = 7;
  static final int STEAM_ETHANOL = 8;
  static final int SIZE = 9;

  /** Relaxation that holds a temperature, s. */
  private static final double HOLD_SECONDS = 300;

  /** Kelvins a kept pot may sag before the knob is turned up, or stand over before it is off. */
  private static final double SAG = 0.5;

  private static final double BOIL_SAG = 0.05;
  private static final double AT_ONCE = 1e-6;

  /** Dissolved solids as hexose, kg/mol (assumption), and water. */
  private static final double SOLUTE_KILOGRAMS_PER_MOLE = 0.18;

  private static final double WATER_KILOGRAMS_PER_MOLE = 0.018015;

  /** Ebullioscopic constant of water, K kg/mol (CRC Handbook, from memory). */
  private static final double BOILING_ELEVATION = 0.512;

  /** Volatility of a little alcohol in water at the boil, against water (from memory, Perry). */
  private static final double ALCOHOL_VOLATILITY = 10.6;

  private static final double ALCOHOL_LATENT_HEAT = 846_000;

  private static final double SHRINKING_FROM = 40;
  private static final double SHRINKING_FULL = 70;

  /** What happens to the heat. */
  enum Mode {
    /** On the way up, on all there is. */
    FREE,
    /** Too hot for the wanted simmer: heat off until it has fallen. */
    COOLING,
    /** Held below the boil by the cook's hand. */
    KEPT,
    /** At the boil. */
    BOILING
  }

  private final SimmerSetting setting;
  private final VesselShape shape;
  private final PotContents start;
  private final boolean giving;
  private final PieceKind[] kinds;
  private final List<PieceKind> aside;
  private final Composition everything;
  private final Composition dry;
  private final HeatContent dryHeat;
  private final SurfaceTransfer transfer;
  private final double boilingCelsius;
  private final double roomCelsius;
  private final double floor;
  private final double capacity;
  private final double belowBoil;
  private final double evaporationFactor;
  private final double powerFactor;
  private final double burnerWatts;

  /**
   * @param setting how it cooks
   * @param air above it
   * @param charge what is in it
   * @param unknowns what a reading would show
   * @param seconds when it begins
   */
  Stretch(SimmerSetting setting, Air air, Charge charge, Unknowns unknowns, double seconds) {
    this.setting = setting;
    this.shape = setting.shape();
    this.start = charge.in().rest();
    this.giving = start.pieces().juiceKilograms() + start.pieces().fatKilograms() > 0;
    this.kinds = charge.in().kinds().toArray(PieceKind[]::new);
    this.aside = charge.aside();
    this.everything = charge.all().everything();
    this.evaporationFactor = unknowns.evaporationAt(seconds);
    this.powerFactor = unknowns.powerAt(seconds);
    this.dry = everything.withLiquids(0, 0);
    this.dryHeat =
        HeatContent.of(dry).plus(new HeatContent(setting.vessel().joulesPerKelvin(), 0, 0));
    this.transfer = air.transfer();
    this.boilingCelsius = air.boilingCelsius();
    this.roomCelsius = setting.surroundings().room().celsius();
    this.floor = shape.floor().squareMeters();
    this.capacity = shape.capacity().cubicMeters();
    this.belowBoil =
        setting.heating() instanceof SimmeredByEye byEye
            ? Math.max(SAG, byEye.level().belowBoil().kelvins() - unknowns.warmthKelvins())
            : 0;
    this.burnerWatts = burnerWatts(setting, powerFactor);
  }

  /** The knob cannot give more than is printed on the burner. */
  private static double burnerWatts(SimmerSetting setting, double factor) {
    double full =
        Math.min(
            setting.heatSource().powerIntoPot().watts() * factor,
            setting.heatSource().labelPower().watts());
    return setting.heating() instanceof BurnerSet set ? full * set.share().value() : full;
  }

  SimmerSetting setting() {
    return setting;
  }

  /** The state vector at the start of a stretch. */
  double[] initial(double celsius, Ledger ledger) {
    double[] state = new double[SIZE];
    state[WATER] = everything.waterKilograms();
    state[ETHANOL] = everything.ethanolKilograms();
    state[LEFT] = 1;
    state[HEAT] = heatContent(state).joules(celsius);
    state[HEAT_IN] = ledger.heatInJoules();
    state[HEAT_LOST] = ledger.heatLostJoules();
    state[STEAM_HEAT] = ledger.steamJoules();
    state[STEAM_WATER] = ledger.waterKilograms();
    state[STEAM_ETHANOL] = ledger.ethanolKilograms();
    return state;
  }

  PotState at(double seconds, double[] state, double broughtJoules) {
    return new PotState(
        seconds, charge(state).all(), aside, celsius(state), setting, ledger(state, broughtJoules));
  }

  Ledger ledger(double[] state, double broughtJoules) {
    return new Ledger(
        state[HEAT_IN],
        state[HEAT_LOST],
        state[STEAM_HEAT],
        broughtJoules,
        state[STEAM_WATER],
        state[STEAM_ETHANOL]);
  }

  /** What is in it by now. */
  Charge charge(double[] state) {
    Pieces pieces = start.pieces();
    Composition sauce = start.sauce();
    if (giving) {
      pieces = pieces.after(state[LEFT]);
      sauce = sauce.plus(start.pieces().given(state[LEFT]));
    }
    double held = pieces.whole().waterKilograms();
    List<PieceKind> now = List.of();
    if (kinds.length > 0) {
      now = new ArrayList<>();
      for (PieceKind kind : kinds) {
        double left = left(kind, state);
        PieceKind cooked = new PieceKind(kind.key(), kind.pieces().after(left));
        sauce = sauce.plus(kind.pieces().given(left));
        held += cooked.pieces().whole().waterKilograms();
        now.add(cooked);
      }
    }
    sauce = sauce.withLiquids(Math.max(0, state[WATER] - held), Math.max(0, state[ETHANOL]));
    PotContents rest = new PotContents(sauce, start.thickeningKilograms(), pieces);
    return new Charge(new Filling(rest, now), aside);
  }

  /** Share of a kind's juice still to come: as all others, at its own time constant. */
  private double left(PieceKind kind, double[] state) {
    return Math.pow(
        Math.max(0, state[LEFT]), start.pieces().releaseSeconds() / kind.pieces().releaseSeconds());
  }

  double celsius(double[] state) {
    return heatContent(state).celsius(state[HEAT], boilingCelsius);
  }

  double equivalentSolids(double[] state) {
    double standing = sauceSolids(state) + start.thickeningKilograms();
    return PotContents.equivalentSolidsShare(
        standing, sauceWater(state) + state[ETHANOL], start.thickeningKilograms());
  }

  /**
   * The same when its pieces have given all their juice: what it is to be thick enough by, so that
   * a pot whose pieces are still raw is never called done.
   */
  double equivalentSolidsWhenGiven(double[] state) {
    double standing =
        start.sauce().solids().kilograms()
            + start.pieces().givenSolidsKilograms(0)
            + start.thickeningKilograms();
    double water = state[WATER] - start.pieces().waterKilograms(0);
    for (PieceKind kind : kinds) {
      standing += kind.pieces().givenSolidsKilograms(0);
      water -= kind.pieces().waterKilograms(0);
    }
    return PotContents.equivalentSolidsShare(
        standing, Math.max(0, water) + state[ETHANOL], start.thickeningKilograms());
  }

  /** Whether it stands above the rim. */
  boolean overflows(double[] state) {
    return cubicMeters(state, celsius(state)) > capacity;
  }

  /** The mode that a stretch begins in. */
  Mode startingMode(double[] state) {
    return mode(state, AT_ONCE, AT_ONCE);
  }

  /** The mode after a step: a held temperature may sag or stand over a little. */
  Mode mode(double[] state, Mode before) {
    double sag = setting.heating() instanceof SimmeredByEye ? SAG : BOIL_SAG;
    return switch (before) {
      case FREE -> mode(state, 0, SAG);
      case COOLING -> mode(state, sag, 0);
      case KEPT, BOILING -> mode(state, sag, SAG);
    };
  }

  private Mode mode(double[] state, double sag, double over) {
    double margin = overCeiling(state);
    if (margin > over && setting.heating() instanceof SimmeredByEye) {
      return Mode.COOLING;
    }
    return margin < -sag || !canHold(state) ? Mode.FREE : held();
  }

  /** Whether the heat is enough for what leaves at this temperature. */
  private boolean canHold(double[] state) {
    double[] slope = new double[SIZE];
    slope(state, slope, Mode.FREE);
    double celsius = celsius(state);
    double liquid =
        slope[STEAM_WATER] * HeatContent.WATER.joules(celsius)
            + slope[STEAM_ETHANOL] * HeatContent.ETHANOL.joules(celsius);
    return slope[HEAT] + liquid >= 0;
  }

  /** The mode that ends the way up or down. */
  Mode held() {
    return setting.heating() instanceof SimmeredByEye ? Mode.KEPT : Mode.BOILING;
  }

  /** Kelvins above the temperature at which the mode changes. */
  double overCeiling(double[] state) {
    return celsius(state) - ceilingCelsius(state);
  }

  /** The local boiling point of this sauce, less what the cook keeps it below. */
  private double ceilingCelsius(double[] state) {
    return boilingCelsius + elevation(state) - belowBoil;
  }

  /** What is dissolved lifts the boiling point, K; less than 2 K up to 30 % solids. */
  private double elevation(double[] state) {
    double moles = soluble(state) / SOLUTE_KILOGRAMS_PER_MOLE;
    return BOILING_ELEVATION * moles / Math.max(sauceWater(state), 1e-6);
  }

  /** Longest step that is still stable and true, s. */
  double longestStep(double[] state, Mode mode) {
    double[] slope = new double[SIZE];
    slope(state, slope, mode);
    double celsius = celsius(state);
    double leaving = Math.max(-slope[WATER], 1e-12);
    double step = Math.min(480, 0.2 * sauceWater(state) / leaving);
    if (state[ETHANOL] > 0) {
      step = Math.min(step, 1.2 * state[ETHANOL] / Math.max(-slope[ETHANOL], 1e-12));
    }
    if (mode == Mode.FREE || mode == Mode.COOLING) {
      double perKelvin =
          slope[HEAT_LOST] / Math.max(1, celsius - roomCelsius) + 0.16 * slope[STEAM_HEAT];
      HeatContent heat = heatContent(state);
      double warming = Math.abs(slope[HEAT]) / heat.joulesPerKelvin(celsius);
      step = Math.min(step, heat.joulesPerKelvin(celsius) / Math.max(perKelvin, 1e-6));
      step = Math.min(step, 3 / Math.max(warming, 1e-9));
    }
    return Math.max(step, 0.5);
  }

  /** Derivatives of everything that moves. */
  void slope(double[] state, double[] slope, Mode mode) {
    HeatContent content = heatContent(state);
    double celsius = content.celsius(state[HEAT], boilingCelsius);
    double cubicMeters = Math.min(cubicMeters(state, celsius), capacity);
    Length filled = new Length(Math.max(0, shape.metersAt(cubicMeters)));
    double surface = shape.surfaceAt(filled).squareMeters();
    double wall = shape.wallAt(filled).squareMeters();
    double water = Math.max(sauceWater(state), 1e-9);
    double alcohol = ALCOHOL_VOLATILITY * Math.max(0, state[ETHANOL]) / water;
    double latent = SteamLine.latentJoulesPerKilogram(celsius) + alcohol * ALCOHOL_LATENT_HEAT;
    double drying = surfaceRate(state, celsius, surface);
    double lost = lostWatts(wall, surface, celsius);
    double most = mostWatts(state, wall, surface, celsius);
    double held = (content.joules(ceilingCelsius(state)) - state[HEAT]) / HOLD_SECONDS;
    double stiffening = content.joulesPerKelvin(celsius) * elevation(state) / water;
    double given =
        switch (mode) {
          case COOLING -> 0;
          case KEPT -> Math.max(0, Math.min(most, lost + (latent + stiffening) * drying + held));
          case FREE, BOILING -> most;
        };
    double leaving =
        mode == Mode.BOILING
            ? Math.max(drying, (given - lost - held) / (latent + stiffening))
            : drying;
    double carried =
        leaving
            * (latent
                + HeatContent.WATER.joules(celsius)
                + alcohol * HeatContent.ETHANOL.joules(celsius));
    slope[WATER] = -leaving;
    slope[ETHANOL] = -leaving * alcohol;
    slope[LEFT] = -state[LEFT] * shrinking(celsius) / start.pieces().releaseSeconds();
    slope[HEAT] = given - lost - carried;
    slope[HEAT_IN] = given;
    slope[HEAT_LOST] = lost;
    slope[STEAM_HEAT] = carried;
    slope[STEAM_WATER] = leaving;
    slope[STEAM_ETHANOL] = leaving * alcohol;
  }

  private double surfaceRate(double[] state, double celsius, double surface) {
    double waterMoles = sauceWater(state) / WATER_KILOGRAMS_PER_MOLE;
    double soluteMoles = soluble(state) / SOLUTE_KILOGRAMS_PER_MOLE;
    double activity = waterMoles <= 0 ? 0 : waterMoles / (waterMoles + soluteMoles);
    return evaporationFactor
        * setting.lid().escapingShare()
        * transfer.kilogramsPerSecond(
            surface, celsius, activity * SteamLine.saturationPascals(celsius));
  }

  private double lostWatts(double wall, double surface, double celsius) {
    return setting.heating() instanceof InOven
        ? 0
        : HeatBalance.lossWatts(wall, surface, setting.lid(), celsius - roomCelsius);
  }

  private double mostWatts(double[] state, double wall, double surface, double celsius) {
    if (setting.heating() instanceof InOven oven) {
      double kelvins = oven.air().celsius() - celsius;
      return powerFactor
          * HeatBalance.ovenWatts(floor + wall, surface, setting.lid(), oven.fan(), kelvins);
    }
    if (setting.heating() instanceof BurnerSet) {
      return burnerWatts;
    }
    // Who keeps it livelier than assumed also sends more through the floor: the factor still acts.
    double borne =
        evaporationFactor
            * floor
            * HeatBalance.mostFloorWattsPerSquareMeter(equivalentSolids(state));
    return Math.min(burnerWatts, borne);
  }

  private static double shrinking(double celsius) {
    double along = (celsius - SHRINKING_FROM) / (SHRINKING_FULL - SHRINKING_FROM);
    return Math.max(0, Math.min(1, along));
  }

  private HeatContent heatContent(double[] state) {
    return dryHeat.with(state[WATER], state[ETHANOL]);
  }

  private double cubicMeters(double[] state, double celsius) {
    return ThermalProperties.volumeCubicMeters(dry, celsius)
        + state[WATER] * ThermalProperties.waterCubicMetersPerKilogram(celsius)
        + state[ETHANOL] * ThermalProperties.ethanolCubicMetersPerKilogram(celsius);
  }

  double sauceWater(double[] state) {
    double water = state[WATER] - start.pieces().waterKilograms(state[LEFT]);
    for (PieceKind kind : kinds) {
      water -= kind.pieces().waterKilograms(left(kind, state));
    }
    return water;
  }

  private double sauceSolids(double[] state) {
    return start.sauce().solids().kilograms() + givenSolids(state);
  }

  private double soluble(double[] state) {
    return start.sauce().solubleKilograms() + givenSolids(state);
  }

  private double givenSolids(double[] state) {
    double solids = start.pieces().givenSolidsKilograms(state[LEFT]);
    for (PieceKind kind : kinds) {
      solids += kind.pieces().givenSolidsKilograms(left(kind, state));
    }
    return solids;
  }

  /**
   * How far it is past the end of a phase: below zero before it, zero at it. A time is not looked
   * at here.
   *
   * @param target thickness in the end
   */
  double past(PhaseEnd end, double target, double[] state) {
    if (end instanceof PhaseEnd.Thick) {
      return equivalentSolidsWhenGiven(state) - target;
    }
    if (end instanceof PhaseEnd.ThickAs as) {
      return equivalentSolidsWhenGiven(state) - as.solids().value();
    }
    if (end instanceof PhaseEnd.DownToMass down) {
      double all = dry.total().kilograms() + state[WATER] + state[ETHANOL];
      return down.mass().kilograms() - all;
    }
    if (end instanceof PhaseEnd.DownToVolume down) {
      return down.volume().cubicMeters() - cubicMeters(state, celsius(state));
    }
    if (end instanceof PhaseEnd.DownToDepth down) {
      double full = shape.volumeAt(down.depth()).cubicMeters();
      return full - cubicMeters(state, celsius(state));
    }
    return end instanceof PhaseEnd.Warm warm
        ? celsius(state) - warm.temperature().celsius()
        : Double.NEGATIVE_INFINITY;
  }
}
