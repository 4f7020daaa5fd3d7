package urnstew.core.reduction;

import java.util.ArrayList;
import java.util.List;
import urnstew.core.explain.Confidence;
import urnstew.core.explain.Term;
import urnstew.core.explain.Working;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.thermo.Altitude;
import urnstew.core.thermo.Composition;
import urnstew.core.thermo.Steam;
import urnstew.units.MassFraction;

/** Says how a finishing time came about. */
public final class ReductionWorking {
  private static final List<String> SOURCES =
      List.of(
          "US Standard Atmosphere 1976",
          "Wagner and Pruss 1993 (saturation line, latent heat)",
          "Choi and Okos 1986 (specific heat, density)");

  private ReductionWorking() {}

  /**
   * The working of a prediction.
   *
   * @param figure key of the figure it belongs to
   * @param setting where and how it simmers
   * @param start contents at the start
   * @param target solids share wanted
   * @param prediction what was predicted
   */
  public static Working of(
      String figure,
      SimmerSetting setting,
      Composition start,
      MassFraction target,
      Prediction prediction) {
    boolean heatLimited = setting.level().heatLimited();
    boolean read = !prediction.unknowns().equals(Unknowns.NOMINAL);
    return new Working(
        figure,
        (heatLimited
                ? "The burner heats the pot to the boil; then all heat that is not lost to the room"
                    + " turns water into steam."
                : "The burner heats the pot; then the cook keeps it below the boil, and water leaves"
                    + " through the surface.")
            + (read ? " Your readings have corrected the rate." : ""),
        heatLimited
            ? "ṁ = (P − Q) / h_fg"
            : "ṁ = f · k · A · (p_sat(T) − φ p_sat(T_room)) / p,  ṁ ≤ (P − Q) / h_fg",
        terms(setting, start, target, prediction),
        assumptions(heatLimited),
        SOURCES,
        read ? Confidence.MEASURED : Confidence.ASSUMED);
  }

  private static List<Term> terms(
      SimmerSetting setting, Composition start, MassFraction target, Prediction prediction) {
    Altitude altitude = setting.surroundings().altitude();
    double lost = start.waterKilograms() - start.waterAtSolidsFraction(target);
    List<Term> terms = new ArrayList<>();
    terms.add(new Term("water to lose", "Δm", lost, "kg"));
    terms.add(new Term("air pressure here", "p", altitude.pressure().kilopascals(), "kPa"));
    terms.add(new Term("water boils here at", "T_b", altitude.boilingPoint().celsius(), "°C"));
    terms.add(
        new Term(
            "latent heat",
            "h_fg",
            Steam.latentHeatJoulesPerKilogram(altitude.boilingPoint()) / 1000,
            "kJ/kg"));
    terms.add(
        new Term(
            "power into the pot",
            "P",
            setting.heatSource().powerIntoPot().watts() * prediction.unknowns().power(),
            "W"));
    terms.add(
        new Term(
            "surface",
            "A",
            setting.shape().surfaceAt(prediction.likely().depthAt(0)).squareMeters(),
            "m²"));
    terms.add(
        new Term("this pot against the assumed", "f", prediction.unknowns().evaporation(), ""));
    if (prediction.likely().outcome() instanceof Reaches reaches) {
      double minutes = reaches.after().toSeconds() / 60.0;
      terms.add(new Term("simmer", "t", minutes, "min"));
    }
    return terms;
  }

  private static List<String> assumptions(boolean heatLimited) {
    return heatLimited
        ? List.of(
            "The share of the label power that enters the pot is a range by kind of burner",
            "Walls lose 10 and the top 17 W/(m² K)")
        : List.of(
            "How much leaves below the boil differs from pot to pot, times or divided by 1.5",
            "The pot is kept at one temperature below the local boiling point",
            "The band holds nine pots in ten");
  }
}
