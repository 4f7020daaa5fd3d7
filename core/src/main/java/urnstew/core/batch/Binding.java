package urnstew.core.batch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import urnstew.core.balance.Finish;
import urnstew.core.consistency.Thickener;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageRole;
import urnstew.core.pantry.Ingredient;
import urnstew.core.thermo.Composition;
import urnstew.core.thermo.ThermalProperties;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/**
 * A finish that binds by what would set in grains if it boiled: yolk, coral, or what is made with
 * them. It goes in by spoonfuls off the heat, within a window of temperature.
 *
 * <p>Heat given is heat taken: the pot must be as warm before as it takes to end in the middle of
 * the window. Windows are common practice.
 *
 * @param key what is ticked
 * @param spoonfuls of 15 g, each stirred in before the next
 * @param pot how warm the pot is when the first goes in
 * @param end how warm it is when all is in
 * @param window within which it binds
 */
record Binding(String key, int spoonfuls, Temperature pot, Temperature end, Finish.Window window) {
  private static final Mass SPOONFUL = Mass.ofGrams(15);
  private static final Temperature BOWL = Temperature.ofCelsius(20);

  /** What may be warmer than this, such as cream, does not set in grains (common practice). */
  private static final double SETS_BELOW_CELSIUS = 80;

  /** No sauce comes hotter from the simmer (assumption). */
  private static final double HOTTEST_CELSIUS = 98;

  /**
   * Finishes of a formula that bind so.
   *
   * @param sauce what is in the pot when they go in
   */
  static List<Binding> of(ResolvedFormula batch, Composition sauce) {
    List<Binding> all = new ArrayList<>();
    List<Stage> stages = batch.formula().stages();
    for (int place = 0; place < stages.size(); place++) {
      if (stages.get(place).role() == StageRole.FINISH) {
        binding(batch, place, sauce).ifPresent(all::add);
      }
    }
    return all;
  }

  private static Optional<Binding> binding(ResolvedFormula batch, int place, Composition sauce) {
    List<Portion> here = batch.portionsOf(place);
    return here.stream()
        .flatMap(portion -> window(portion).stream())
        .min(Comparator.comparing(window -> window.to().celsius()))
        .map(window -> at(place, bowl(here), sauce, window));
  }

  /** What is beaten together: what binds, and the butter of its stage. */
  private static Composition bowl(List<Portion> here) {
    return here.stream()
        .filter(
            portion ->
                window(portion).isPresent() || portion.ingredient().thickener() == Thickener.BUTTER)
        .map(portion -> portion.contents().everything())
        .reduce(Composition.NOTHING, Composition::plus);
  }

  private static Binding at(int place, Composition bowl, Composition sauce, Finish.Window window) {
    double end = (window.from().celsius() + window.to().celsius()) / 2;
    double share = capacity(bowl) / capacity(sauce);
    double pot = Math.min(HOTTEST_CELSIUS, end + share * (end - BOWL.celsius()));
    double reached = (pot + share * BOWL.celsius()) / (1 + share);
    int spoonfuls = (int) Math.ceil(bowl.total().kilograms() / SPOONFUL.kilograms());
    return new Binding(
        "bind-" + place,
        spoonfuls,
        Temperature.ofCelsius(pot),
        Temperature.ofCelsius(reached),
        window);
  }

  private static double capacity(Composition of) {
    return ThermalProperties.joulesPerKelvin(of, SETS_BELOW_CELSIUS);
  }

  private static Optional<Finish.Window> window(Portion portion) {
    return portion
        .goods()
        .map(Portion::ingredient)
        .filter(ingredient -> ingredient.thickener() == Thickener.LIAISON)
        .flatMap(ingredient -> sets(ingredient).stream())
        .min(Comparator.comparing(window -> window.to().celsius()));
  }

  private static Optional<Finish.Window> sets(Ingredient ingredient) {
    return Finish.of(ingredient)
        .flatMap(Finish::window)
        .filter(window -> window.to().celsius() <= SETS_BELOW_CELSIUS);
  }

  String what() {
    return spoonfuls == 1 ? "Bind with 1 spoonful" : "Bind with " + spoonfuls + " spoonfuls";
  }

  String how() {
    return String.format(
        Locale.ROOT,
        "pot off the heat at %.0f °C, one by one, stirring; stop at %.0f °C: above %.0f °C it sets"
            + " in grains",
        pot.celsius(),
        end.celsius(),
        window.to().celsius());
  }
}
