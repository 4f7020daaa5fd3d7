package urnstew.core.balance;

import java.util.List;
import java.util.Optional;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.IngredientKind;
import urnstew.core.sauce.PotContents;
import urnstew.units.Mass;

/**
 * Something that a pot can be corrected with.
 *
 * @param name in a cook's words
 * @param ingredient where it is one, and not a sauce
 * @param perKilogram what a kilogram of it brings
 */
public record Dosable(String name, Optional<Ingredient> ingredient, InPot perKilogram) {
  private static final double MOSTLY_SALT = 0.5;

  /** An ingredient of the pantry. */
  public static Dosable of(Ingredient ingredient) {
    return new Dosable(ingredient.name(), Optional.of(ingredient), InPot.kilogramOf(ingredient));
  }

  /** Another sauce as a dose, known by what is in some amount of it. */
  public static Dosable of(String name, InPot some) {
    return new Dosable(name, Optional.empty(), some.times(1 / some.mass().kilograms()));
  }

  /**
   * A sauce made without its salt.
   *
   * @param contents what it is when it is poured in
   */
  public static Dosable unsalted(String name, ResolvedFormula formula, PotContents contents) {
    List<Portion> portions =
        formula.portions().stream()
            .filter(p -> p.ingredient().salt().value() < MOSTLY_SALT)
            .toList();
    return of(name, InPot.of(portions, contents));
  }

  /** So much of it. */
  InPot of(Mass mass) {
    return perKilogram.times(mass.kilograms());
  }

  /**
   * Whether it thickens as the pot itself does, so that both are boiled down together. Of all else
   * the water it brings has to leave again, and what it brings stays: sugar is no tomato.
   */
  boolean isSauce() {
    return ingredient.map(known -> known.kind() == IngredientKind.TOMATO).orElse(true);
  }
}
