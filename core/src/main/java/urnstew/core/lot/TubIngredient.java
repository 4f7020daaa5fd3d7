package urnstew.core.lot;

import java.util.List;
import java.util.Optional;
import urnstew.core.batch.Unfinished;
import urnstew.core.consistency.Thickener;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.Buying;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.IngredientKind;
import urnstew.core.pantry.Labelling;
import urnstew.core.pantry.Measuring;
import urnstew.core.pantry.Provenance;
import urnstew.core.thermo.Composition;

/**
 * Finished sauce from a tub, as an ingredient of the next pot.
 *
 * <p>It does not thicken beyond its own solids, and its pieces count as sauce, since they have
 * given what they had.
 */
public final class TubIngredient {
  private static final double RANGE = 0.1;

  private TubIngredient() {}

  /**
   * One kilogram of it.
   *
   * @param id key, such as tub-ABCDE
   * @param formula of which it was made
   * @param carried salt and taste of a kilogram of it
   * @param kind composition of the tub, for any mass
   * @param labelling what is known to be in it, and what is not: of all that really went in
   */
  public static Ingredient of(
      String id, ResolvedFormula formula, Carried carried, Composition kind, Labelling labelling) {
    String name = formula.formula().name() + " from a tub";
    return of(id, name, carried, kind, labelling.madeOf(formula.goodsIds()));
  }

  /**
   * One kilogram of something that was stopped before it was done.
   *
   * @param unfinished the batch that was stopped
   */
  public static Ingredient of(
      String id, Unfinished unfinished, Composition kind, Labelling labelling) {
    ResolvedFormula whole = unfinished.whole();
    List<Portion> in =
        whole.portions().stream()
            .filter(portion -> !unfinished.toCome().contains(portion))
            .toList();
    return of(
        id,
        whole.formula().name() + ", not done",
        Carried.of(unfinished.saltKilograms(), unfinished.taste(), unfinished.mass()),
        kind,
        labelling.madeOf(new ResolvedFormula(whole.formula(), in).goodsIds()));
  }

  private static Ingredient of(
      String id, String name, Carried carried, Composition kind, Labelling labelling) {
    return new Ingredient(
        id,
        name,
        IngredientKind.TOMATO,
        kind.times(1 / kind.total().kilograms()),
        carried.salt(),
        carried.taste(),
        new Measuring(Optional.empty(), Optional.empty(), List.of()),
        Thickener.NONE,
        Optional.empty(),
        new Buying(1, List.of()),
        labelling,
        new Provenance("made here, by its formula", RANGE, RANGE, List.of()));
  }
}
