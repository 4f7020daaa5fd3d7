package urnstew.core.correction;

import java.util.ArrayList;
import java.util.List;
import urnstew.core.correction.ParameterEstimate.Quantity;
import urnstew.core.explain.Confidence;
import urnstew.core.explain.Term;
import urnstew.core.explain.Working;
import urnstew.core.reduction.Heating.InOven;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.PotState;
import urnstew.core.reduction.SimmerSetting;
import urnstew.core.thermo.Altitude;
import urnstew.core.thermo.Steam;

/** Says how a finishing time came about. */
public final class PotWorking {
  private static final List<String> SOURCES =
      List.of(
          "US Standard Atmosphere 1976",
          "Wagner and Pruss 1993 (saturation line, latent heat)",
          "Choi and Okos 1986 (specific heat, density)");

  private PotWorking() {}

  /**
   * The working of a prediction.
   *
   * @param figure key of the figure it belongs to
   * @param target when it is thick enough
   * @param prediction what was predicted
   * @param readings how many readings it rests on
   */
  public static Working of(String figure, Target target, Prediction prediction, int readings) {
    SimmerSetting setting = prediction.likely().last().setting();
    return new Working(
        figure,
        inWords(setting) + (readings > 0 ? " Your readings have corrected the rate." : ""),
        setting.heatLimited()
            ? "ṁ = (P − Q) / h_fg"
            : "ṁ = f · k · A · (a_w · p_sat(T) − φ p_sat(T_room)) / p,  ṁ ≤ (P − Q) / h_fg",
        terms(setting, target, prediction),
        assumptions(setting, target),
        SOURCES,
        readings > 0 ? Confidence.MEASURED : Confidence.ASSUMED);
  }

  private static String inWords(SimmerSetting setting) {
    if (setting.heating() instanceof InOven) {
      return "The oven's air and walls heat the pot; water leaves through the surface.";
    }
    return setting.heatLimited()
        ? "The burner heats the pot to the boil; then all heat that is not lost to the room turns"
            + " water into steam."
        : "The burner heats the pot; then the cook keeps it below the boil, and water leaves"
            + " through the surface.";
  }

  private static List<Term> terms(SimmerSetting setting, Target target, Prediction prediction) {
    Altitude altitude = setting.surroundings().altitude();
    PotState first = prediction.likely().first();
    PotState last = prediction.likely().last();
    ParameterEstimate estimate = prediction.estimate();
    List<Term> terms = new ArrayList<>();
    terms.add(new Term("water to lose", "Δm", last.ledger().waterKilograms(), "kg"));
    terms.add(
        new Term(
            "thick enough at",
            "s",
            target.equivalentSolids(estimate.bodyFactor()).percent(),
            "% solids"));
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
            setting.heatSource().powerIntoPot().watts() * estimate.factor(Quantity.POWER),
            "W"));
    terms.add(
        new Term("surface", "A", setting.shape().surfaceAt(first.depth()).squareMeters(), "m²"));
    terms.add(
        new Term("this pot against the assumed", "f", estimate.factor(Quantity.EVAPORATION), ""));
    if (prediction.likely().outcome() instanceof Reaches reaches) {
      terms.add(new Term("simmer", "t", reaches.after().toSeconds() / 60.0, "min"));
    }
    return terms;
  }

  private static List<String> assumptions(SimmerSetting setting, Target target) {
    List<String> all = new ArrayList<>();
    if (setting.heatLimited()) {
      all.add("The share of the label power that enters the pot is a range by kind of burner");
      all.add("Walls lose 10 and the top 17 W/(m² K)");
    } else {
      all.add("How much leaves below the boil differs from pot to pot, times or divided by 1.5");
      all.add("The pot is kept at one temperature below the local boiling point");
    }
    all.add(
        "A simmer kept by eye is turned down: 50 kW/m² through the floor at 5 % solids, 27 at"
            + " 10, 8 at 20; a burner that is set and left gives what it gives");
    if (target instanceof Target.Solids) {
      all.add("What the cans hold is taken as on the table; a plate test or °Brix would tell");
    }
    all.add("The band holds nine pots in ten");
    return all;
  }
}
