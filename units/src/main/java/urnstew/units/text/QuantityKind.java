package urnstew.units.text;

import java.util.Map;
import urnstew.units.Mass;
import urnstew.units.Volume;

/** What a text is expected to be a quantity of, with the units that cooks write for it. */
public enum QuantityKind {
  /** Canonical unit: kilogram. */
  MASS("g, kg, oz or lb"),
  /** Canonical unit: cubic metre. US customary measures (NIST Handbook 44, Appendix C). */
  VOLUME("ml, l, cup, tbsp or tsp"),
  /** Canonical unit: metre. */
  LENGTH("mm, cm, m, in or ft"),
  /** Canonical unit: watt. A Btu on a burner's label is a Btu an hour. */
  POWER("W, kW or Btu/h"),
  /** Canonical unit: share from 0 to 1; a bare number is per cent. */
  SHARE("%"),
  /** Canonical unit: degree Celsius. */
  TEMPERATURE("°C or °F"),
  /** Canonical unit: second. */
  DURATION("s, min or h"),
  /** A plain number. */
  COUNT("a plain number");

  private static final double CUP = Volume.CUBIC_METERS_PER_US_GALLON / 16;
  private static final double IMPERIAL_PINT = 0.56826125e-3;
  private static final double BTU_PER_HOUR = 1055.05585262 / 3600;

  private static final Map<String, Double> MASSES =
      Map.ofEntries(
          Map.entry("kg", 1.0),
          Map.entry("kilo", 1.0),
          Map.entry("kilos", 1.0),
          Map.entry("kilogram", 1.0),
          Map.entry("kilograms", 1.0),
          Map.entry("g", 1e-3),
          Map.entry("gr", 1e-3),
          Map.entry("gram", 1e-3),
          Map.entry("grams", 1e-3),
          Map.entry("mg", 1e-6),
          Map.entry("lb", Mass.KILOGRAMS_PER_POUND),
          Map.entry("lbs", Mass.KILOGRAMS_PER_POUND),
          Map.entry("pound", Mass.KILOGRAMS_PER_POUND),
          Map.entry("pounds", Mass.KILOGRAMS_PER_POUND),
          Map.entry("oz", Mass.KILOGRAMS_PER_POUND / 16),
          Map.entry("ounce", Mass.KILOGRAMS_PER_POUND / 16),
          Map.entry("ounces", Mass.KILOGRAMS_PER_POUND / 16));

  private static final Map<String, Double> VOLUMES =
      Map.ofEntries(
          Map.entry("l", 1e-3),
          Map.entry("liter", 1e-3),
          Map.entry("liters", 1e-3),
          Map.entry("litre", 1e-3),
          Map.entry("litres", 1e-3),
          Map.entry("dl", 1e-4),
          Map.entry("cl", 1e-5),
          Map.entry("ml", 1e-6),
          Map.entry("cup", CUP),
          Map.entry("cups", CUP),
          Map.entry("tbsp", CUP / 16),
          Map.entry("tablespoon", CUP / 16),
          Map.entry("tablespoons", CUP / 16),
          Map.entry("tsp", CUP / 48),
          Map.entry("teaspoon", CUP / 48),
          Map.entry("teaspoons", CUP / 48));

  /** Measures that hang on the pint, in pints. */
  private static final Map<String, Double> PINTS =
      Map.ofEntries(
          Map.entry("pt", 1.0),
          Map.entry("pint", 1.0),
          Map.entry("pints", 1.0),
          Map.entry("qt", 2.0),
          Map.entry("quart", 2.0),
          Map.entry("quarts", 2.0),
          Map.entry("gal", 8.0),
          Map.entry("gallon", 8.0),
          Map.entry("gallons", 8.0));

  private static final Map<String, Double> LENGTHS =
      Map.ofEntries(
          Map.entry("m", 1.0),
          Map.entry("cm", 1e-2),
          Map.entry("mm", 1e-3),
          Map.entry("in", 0.0254),
          Map.entry("inch", 0.0254),
          Map.entry("inches", 0.0254),
          Map.entry("\"", 0.0254),
          Map.entry("ft", 0.3048),
          Map.entry("foot", 0.3048),
          Map.entry("feet", 0.3048));

  private static final Map<String, Double> POWERS =
      Map.of(
          "w",
          1.0,
          "watt",
          1.0,
          "watts",
          1.0,
          "kw",
          1e3,
          "btu",
          BTU_PER_HOUR,
          "btu/h",
          BTU_PER_HOUR);

  private static final Map<String, Double> TEMPERATURES = Map.of("c", 1.0, "f", 1 / 1.8);

  private static final Map<String, Double> DURATIONS =
      Map.ofEntries(
          Map.entry("s", 1.0),
          Map.entry("sec", 1.0),
          Map.entry("seconds", 1.0),
          Map.entry("min", 60.0),
          Map.entry("mins", 60.0),
          Map.entry("minute", 60.0),
          Map.entry("minutes", 60.0),
          Map.entry("h", 3600.0),
          Map.entry("hr", 3600.0),
          Map.entry("hrs", 3600.0),
          Map.entry("hour", 3600.0),
          Map.entry("hours", 3600.0));

  private final String unitsInWords;

  QuantityKind(String unitsInWords) {
    this.unitsInWords = unitsInWords;
  }

  /** The units that are understood, as a cook would list them. */
  public String unitsInWords() {
    return unitsInWords;
  }

  /** Canonical units in one {@code unit}, or 0 where the unit does not belong to this kind. */
  double factor(String unit, Pint pint) {
    return switch (this) {
      case MASS -> MASSES.getOrDefault(unit, 0.0);
      case VOLUME ->
          VOLUMES.getOrDefault(
              unit, PINTS.getOrDefault(unit, ounces(unit, pint)) * pintVolume(pint));
      case LENGTH -> LENGTHS.getOrDefault(unit, 0.0);
      case POWER -> POWERS.getOrDefault(unit, 0.0);
      case SHARE -> unit.equals("%") || unit.equals("brix") ? 0.01 : 0;
      case TEMPERATURE -> TEMPERATURES.getOrDefault(unit, 0.0);
      case DURATION -> DURATIONS.getOrDefault(unit, 0.0);
      case COUNT -> 0;
    };
  }

  /** What is added after the factor: only scales of temperature begin elsewhere. */
  double offset(String unit) {
    return this == TEMPERATURE && unit.equals("f") ? -32 / 1.8 : 0;
  }

  /** A fluid ounce is a sixteenth of the US pint, a twentieth of the imperial one. */
  private static double ounces(String unit, Pint pint) {
    boolean isOunce = unit.equals("floz") || unit.equals("fl oz");
    return isOunce ? 1.0 / (pint == Pint.US ? 16 : 20) : 0;
  }

  private static double pintVolume(Pint pint) {
    return pint == Pint.US ? CUP * 2 : IMPERIAL_PINT;
  }
}
