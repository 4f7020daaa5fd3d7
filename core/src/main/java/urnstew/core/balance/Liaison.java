package urnstew.core.balance;

import urnstew.core.thermo.Composition;
import urnstew.core.thermo.ThermalProperties;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * Egg and cream tempered by spoonfuls of the hot sauce and stirred in to their window.
 *
 * <p>Heat given is heat taken; specific heats by Choi and Okos. The window of 70 to 78 °C is an
 * assumption: below it the yolk does not bind, above it it sets in grains.
 *
 * @param spoonfuls of sauce into the bowl, one by one, whisking
 * @param bowl how warm the bowl is then
 * @param pot how warm the pot must be when the bowl goes in, off the heat
 * @param end how warm it is when all is in
 */
public record Liaison(int spoonfuls, Temperature bowl, Temperature pot, Temperature end) {
  /** Middle of the window. */
  private static final Temperature END = Temperature.ofCelsius(74);

  /** So warm the bowl goes in without a shock; no yolk sets there yet. */
  private static final Temperature TEMPERED = Temperature.ofCelsius(50);

  private static final Mass SPOONFUL = Mass.ofGrams(40);

  /**
   * How to bind a pot.
   *
   * @param sauce what is in it
   * @param liaison what is in the bowl
   * @param cold how warm the bowl is at first, 0 to 40 °C
   * @param hot how warm the sauce is that is spooned in, 75 to 105 °C
   * @throws InvalidInput if the bowl is too large for the pot to warm
   */
  public static Liaison of(
      Composition sauce, Composition liaison, Temperature cold, Temperature hot) {
    Require.within("liaisonTemperature", cold.celsius(), 0, 40, "°C");
    Require.within("sauceTemperature", hot.celsius(), 75, 105, "°C");
    double bowl = capacity(liaison);
    double spoonful = capacity(sauce) * SPOONFUL.kilograms() / sauce.total().kilograms();
    double wanted = bowl * (TEMPERED.celsius() - cold.celsius());
    int spoonfuls = (int) Math.ceil(wanted / (spoonful * (hot.celsius() - TEMPERED.celsius())));
    double mixed =
        (bowl * cold.celsius() + spoonfuls * spoonful * hot.celsius())
            / (bowl + spoonfuls * spoonful);
    double rest = capacity(sauce) - spoonfuls * spoonful;
    double inBowl = bowl + spoonfuls * spoonful;
    double pot = END.celsius() + inBowl * (END.celsius() - mixed) / Math.max(rest, 1e-9);
    if (rest <= 0 || pot > hot.celsius()) {
      throw new InvalidInput(
          "liaison",
          "too-much",
          "So much egg and cream cannot be warmed by this pot.",
          "less than a third of the sauce",
          "Bind with less, or warm the cream first.");
    }
    return new Liaison(spoonfuls, Temperature.ofCelsius(mixed), Temperature.ofCelsius(pot), END);
  }

  private static double capacity(Composition of) {
    return ThermalProperties.joulesPerKelvin(of, END.celsius());
  }
}
