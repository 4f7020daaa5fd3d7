package urnstew.core.sizing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.Ribbon;
import urnstew.core.formula.Stage;
import urnstew.core.formula.Technique;
import urnstew.core.pan.Frying;
import urnstew.core.pantry.IngredientKind;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Power;
import urnstew.units.Require;
import urnstew.units.TemperatureDifference;

/**
 * One formula of a meal, at the size that is needed.
 *
 * @param batch the formula with what goes in
 * @param need who eats it
 * @param ribbon the pot, stage by stage
 */
public record Dish(ResolvedFormula batch, Need need, Ribbon ribbon) {
  /** By so much the oil may cool when a load goes in (common practice). */
  private static final TemperatureDifference MAY_FALL = new TemperatureDifference(15);

  private static final double LEAST_OIL_GRAMS = 50;

  /**
   * Sizes a formula for its eaters: everything times need over what it makes at its own size.
   *
   * @param target thickness wanted; empty for a part
   */
  public static Dish of(ResolvedFormula formula, Need need, Optional<MassFraction> target) {
    Ribbon own = Ribbon.of(formula, target);
    double made = Require.positive("made", own.end().total().kilograms(), "kg");
    double scale = WholeEggs.scale(formula, need.mass().kilograms() / made);
    ResolvedFormula batch = WholeEggs.rounded(formula.times(scale));
    return new Dish(batch, need, Ribbon.of(batch, target));
  }

  /**
   * What is fried in oil, by the title of its stage, and in how many loads; the oil in the pan is
   * what is bought, of which the slices take up a part.
   *
   * @param power that enters the pan
   */
  public Map<String, Integer> fryingLoads(Power power) {
    Map<String, Integer> loads = new LinkedHashMap<>();
    List<Stage> stages = batch.formula().stages();
    for (int place = 0; place < stages.size(); place++) {
      Mass oil = fats(place).map(Portion::bought).reduce(Mass.ZERO, Mass::plus);
      if (stages.get(place).technique() == Technique.FRY && oil.grams() >= LEAST_OIL_GRAMS) {
        Mass takenUp = fats(place).map(Portion::mass).reduce(Mass.ZERO, Mass::plus);
        Mass food = new Mass(batch.massOf(place).kilograms() - takenUp.kilograms());
        loads.put(stages.get(place).title(), Frying.of(oil, power, MAY_FALL).loads(food));
      }
    }
    return loads;
  }

  private Stream<Portion> fats(int stage) {
    return batch.portionsOf(stage).stream()
        .filter(portion -> portion.ingredient().kind() == IngredientKind.FAT);
  }

  /** What comes out. */
  public Mass made() {
    return ribbon.end().total();
  }

  /** Covers that so much of the finished sauce is enough for, whole ones. */
  public int coversOf(Mass sauce) {
    return (int) Math.floor(need.covers() * sauce.kilograms() / made().kilograms() + 1e-9);
  }
}
