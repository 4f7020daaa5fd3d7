package urnstew.core.lot;

import java.time.Duration;
import java.util.List;
import urnstew.core.explain.Confidence;
import urnstew.core.explain.Term;
import urnstew.core.explain.Working;
import urnstew.core.thermo.Composition;
import urnstew.core.thermo.ThermalProperties;
import urnstew.units.InvalidInput;
import urnstew.units.Temperature;

/**
 * A tub on its way into the freezer or out of it.
 *
 * <p>Freezing: first cooled to its freezing point as one body, m·c·ln, then frozen through by
 * Plank. Thawing: Plank backwards, with the conductivity of the thawed layer. Freezing point by
 * what is dissolved, 1.86 K for each mol/kg with 150 g a mol of soluble solids (assumption between
 * salt, acid and sugar); nine tenths of the water freeze (assumption). Coefficients: still air 7,
 * moved air 15, running water 100 W/(m² K) (assumptions). Times are right within about a fifth.
 */
public final class Frozen {
  private static final double MELTS_JOULES_PER_KILOGRAM = 333_600;
  private static final double FREEZING_SHARE = 0.9;
  private static final double MOLAL_KELVINS = 1.86;
  private static final double KILOGRAMS_PER_MOLE = 0.15;
  private static final double FROZEN_CONDUCTIVITY = 1.5;

  private final Composition sauce;
  private final TubShape tub;

  /**
   * One tub.
   *
   * @param sauce its kind; amounts do not matter
   */
  public Frozen(Composition sauce, TubShape tub) {
    this.sauce = sauce;
    this.tub = tub;
  }

  /** Where the tub stands, and how heat passes there, W/(m² K). */
  public enum Air {
    STILL(7),
    MOVED(15),
    RUNNING_WATER(100);

    private final double coefficient;

    Air(double coefficient) {
      this.coefficient = coefficient;
    }
  }

  /** Temperature at which the first ice appears. */
  public Temperature freezingPoint() {
    double molal = sauce.solubleKilograms() / KILOGRAMS_PER_MOLE / sauce.waterKilograms();
    return Temperature.ofCelsius(-MOLAL_KELVINS * molal);
  }

  private double latent() {
    return MELTS_JOULES_PER_KILOGRAM
        * FREEZING_SHARE
        * sauce.waterKilograms()
        / sauce.total().kilograms();
  }

  private Plank plank(double conductivity) {
    double density =
        ThermalProperties.density(sauce, Temperature.ofCelsius(0)).kilogramsPerCubicMeter();
    return new Plank(density, latent(), conductivity);
  }

  /** Until it is frozen through. */
  public Duration freezing(Temperature from, Temperature freezer, Air air) {
    double below = freezingPoint().celsius() - freezer.celsius();
    if (below < 1) {
      throw new InvalidInput(
          "celsius",
          "freezer-too-warm",
          String.format("At %.0f °C this sauce does not freeze through.", freezer.celsius()),
          String.format("colder than %.0f °C", freezingPoint().celsius() - 1),
          "Choose a freezer of -18 °C or colder.");
    }
    double through =
        plank(FROZEN_CONDUCTIVITY)
            .secondsInTub(tub.diameterMeters(), tub.depth().meters(), air.coefficient, below);
    return seconds(coolingSeconds(from, freezer, air) + through);
  }

  /** One body: m·c·ln((T − T_a)/(T_f − T_a))/(h·A). */
  private double coolingSeconds(Temperature from, Temperature freezer, Air air) {
    double radius = tub.diameterMeters() / 2;
    double height = tub.depth().meters();
    double volumeOverSurface = radius * height / (2 * (radius + height));
    Temperature middle = Temperature.ofCelsius(Math.max(1, from.celsius() / 2));
    double heat =
        ThermalProperties.density(sauce, middle).kilogramsPerCubicMeter()
            * ThermalProperties.joulesPerKilogramKelvin(sauce, middle)
            * volumeOverSurface;
    double falls =
        (from.celsius() - freezer.celsius()) / (freezingPoint().celsius() - freezer.celsius());
    return falls <= 1 ? 0 : heat / air.coefficient * Math.log(falls);
  }

  /** Until the last ice is gone. */
  public Duration thawing(Temperature around, Air air) {
    double above = around.celsius() - freezingPoint().celsius();
    double thawed = ThermalProperties.wattsPerMeterKelvin(sauce, Temperature.ofCelsius(2));
    return seconds(
        plank(thawed)
            .secondsInTub(tub.diameterMeters(), tub.depth().meters(), air.coefficient, above));
  }

  private static Duration seconds(double seconds) {
    return Duration.ofSeconds(Math.round(seconds));
  }

  /** How a freezing time came about. */
  public Working freezingWorking(Temperature from, Temperature freezer, Air air) {
    return new Working(
        "freezing",
        "Cooled to its freezing point as one body, then frozen through from all sides.",
        "t = m·c/(h·A)·ln((T − T_a)/(T_f − T_a)) + ρ·λ/(T_f − T_a)·(P·a/h + R·a²/k)",
        List.of(
            new Term("freezing point", "T_f", freezingPoint().celsius(), "°C"),
            new Term("freezer", "T_a", freezer.celsius(), "°C"),
            new Term("heat of freezing", "λ", latent() / 1000, "kJ/kg"),
            new Term("outside coefficient", "h", air.coefficient, "W/(m² K)"),
            new Term("depth of the tub", "a", tub.depth().meters(), "m")),
        List.of(
            "A short tub lies between slab and long cylinder: their rates add up",
            "Nine tenths of the water freeze",
            "Tubs stand apart, so that air reaches each"),
        List.of(
            "R. Plank (1913), as in Singh and Heldman, Introduction to Food Engineering, chapter 7",
            "Choi and Okos (1986)"),
        Confidence.ASSUMED);
  }
}
