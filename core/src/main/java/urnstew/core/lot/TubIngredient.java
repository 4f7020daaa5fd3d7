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
import urnstew.core.pantry.TasteContent;
import urnstew.core.thermo.Composition;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * Finished sauce from a tub, as an ingredient of the next pot.
 *
 * <p>What went into the formula stays in it while water leaves: salt, sugars, acids and glutamate
 * of all portions over the mass that came out. It does not thicken beyond its own solids, and its
 * pieces count as sauce, since they have given what they had.
 */
public final class TubIngredient {
  private static final double RANGE = 0.1;

  private TubIngredient() {}

  /**
   * One kilogram of it.
   *
   * @param id key, such as tub-ABCDE
   * @param formula of which it was made
   * @param kind composition of the tub, for any mass
   * @param labelling what is known to be in it, and what is not: of all that really went in
   */
  public static Ingredient of(
      String id, ResolvedFormula formula, Composition kind, Labelling labelling) {
    return of(
        id,
        formula.formula().name() + " from a tub",
        formula.portions(),
        mass(formula),
        kind,
        labelling.madeOf(formula.goodsIds()));
  }

  /**
   * One kilogram of something that was stopped before it was done.
   *
   * @param unfinished the batch that was stopped
   */
  public static Ingredient of(
      String id, Unfinished unfinished, Composition kind, Labelling labelling) {
    List<Portion> in =
        unfinished.whole().portions().stream()
            .filter(portion -> !unfinished.toCome().contains(portion))
            .toList();
    return of(
        id,
        unfinished.whole().formula().name() + ", not done",
        in,
        unfinished.mass(),
        kind,
        labelling.madeOf(new ResolvedFormula(unfinished.whole().formula(), in).goodsIds()));
  }

  private static Ingredient of(
      String id,
      String name,
      List<Portion> portions,
      Mass made,
      Composition kind,
      Labelling labelling) {
    double out = made.kilograms();
    double salt = 0;
    TasteContent taste = TasteContent.NOTHING;
    for (Portion portion : portions) {
      Ingredient what = portion.ingredient();
      double share = portion.mass().kilograms() / out;
      salt += share * what.salt().value();
      taste = taste.plus(what.taste().times(share));
    }
    return new Ingredient(
        id,
        name,
        IngredientKind.TOMATO,
        kind.times(1 / kind.total().kilograms()),
        new MassFraction(salt),
        taste,
        new Measuring(Optional.empty(), Optional.empty(), List.of()),
        Thickener.NONE,
        Optional.empty(),
        new Buying(1, List.of()),
        labelling,
        new Provenance("made here, by its formula", RANGE, RANGE, List.of()));
  }

  /** What the formula makes at its own target and size. */
  private static Mass mass(ResolvedFormula formula) {
    var cooked = formula.beforeTheFinish().cooked();
    var done = formula.formula().target().map(cooked::reducedTo).orElse(cooked);
    return formula.finished(done).without(formula.discarded()).total();
  }
}
