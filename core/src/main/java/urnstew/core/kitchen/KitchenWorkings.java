package urnstew.core.kitchen;

import java.util.List;
import urnstew.core.explain.Confidence;
import urnstew.core.explain.Term;
import urnstew.core.explain.Working;
import urnstew.core.thermo.Altitude;

/** Says how the kitchen's own figures came about. */
public final class KitchenWorkings {
  private KitchenWorkings() {}

  /** Boiling point, pot sizes and burner powers. */
  public static List<Working> of(Altitude altitude) {
    return List.of(boilingPoint(altitude), capacity(), powerIntoPot());
  }

  private static Working boilingPoint(Altitude altitude) {
    return new Working(
        "boilingPoint",
        "The air is thinner up here, so water boils at a lower temperature.",
        "p = 101.325 · (1 − 2.25577·10⁻⁵ h)^5.25588,  p_sat(T_b) = p",
        List.of(
            new Term("altitude", "h", altitude.meters(), "m"),
            new Term("air pressure", "p", altitude.pressure().kilopascals(), "kPa"),
            new Term("water boils at", "T_b", altitude.boilingPoint().celsius(), "°C")),
        List.of("Standard weather: a deep low boils about 1 K cooler"),
        List.of("US Standard Atmosphere 1976", "Wagner and Pruss 1993 (saturation line)"),
        Confidence.PUBLISHED);
  }

  private static Working capacity() {
    return new Working(
        "capacity",
        "A frustum of a cone, or a box, from the inside sizes, up to the rim.",
        "V = πH/12 · (d₀² + d₀d₁ + d₁²),  V = L · W · H",
        List.of(),
        List.of("The corner between floor and wall is sharp"),
        List.of("Geometry"),
        Confidence.EXACT);
  }

  private static Working powerIntoPot() {
    return new Working(
        "powerIntoPot",
        "Only a share of the label power enters the pot: gas 0.35 to 0.50, radiant 0.65 to 0.75,"
            + " induction 0.80 to 0.90. The geometric middle is used; the range widens the band.",
        "P = P_label · √(η_least · η_most)",
        List.of(
            new Term("gas", "η", HeatKind.GAS.likelyShare(), ""),
            new Term("radiant", "η", HeatKind.RADIANT.likelyShare(), ""),
            new Term("induction", "η", HeatKind.INDUCTION.likelyShare(), "")),
        List.of("The shares are assumptions until the stove is measured"),
        List.of("Assumptions (to be checked)"),
        Confidence.ASSUMED);
  }
}
