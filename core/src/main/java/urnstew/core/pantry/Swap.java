package urnstew.core.pantry;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.ToDoubleFunction;
import urnstew.units.Mass;

/**
 * One ingredient exchanged for others, and what that changes.
 *
 * @param was what is taken out
 * @param mass how much of it
 * @param instead what goes in; nothing where it is only left out
 * @param tells what a table of compositions cannot
 * @param solidsKilograms more non-fat solids, kg; negative for less
 * @param saltKilograms more salt, kg
 * @param acidKilograms more acid, as citric, kg
 * @param fatKilograms more fat, kg
 * @param brings allergens that come with it
 * @param takesAway allergens that leave with what was there
 */
public record Swap(
    Ingredient was,
    Mass mass,
    List<Instead> instead,
    String tells,
    double solidsKilograms,
    double saltKilograms,
    double acidKilograms,
    double fatKilograms,
    Set<Allergen> brings,
    Set<Allergen> takesAway) {
  public Swap {
    instead = List.copyOf(instead);
    brings = Collections.unmodifiableSet(new TreeSet<>(brings));
    takesAway = Collections.unmodifiableSet(new TreeSet<>(takesAway));
  }

  /**
   * Something that goes in.
   *
   * @param ingredient what
   * @param mass how much
   */
  public record Instead(Ingredient ingredient, Mass mass) {}

  /** Of a substitute, looked up in the pantry. */
  public static Swap of(Ingredient was, Mass mass, Substitute substitute, Pantry pantry) {
    List<Instead> instead = new ArrayList<>();
    for (Substitute.Part part : substitute.parts()) {
      instead.add(new Instead(pantry.ingredient(part.ingredientId()), part.of(mass)));
    }
    return of(was, mass, instead, substitute.tells());
  }

  /** Left out, with nothing in its place. */
  public static Swap leftOut(Ingredient was, Mass mass) {
    return of(was, mass, List.of(), "left out: nothing in the pantry stands in for it");
  }

  private static Swap of(Ingredient was, Mass mass, List<Instead> instead, String tells) {
    Set<Allergen> before = was.labelling().allergens();
    Set<Allergen> after = new TreeSet<>();
    instead.forEach(one -> after.addAll(one.ingredient().labelling().allergens()));
    return new Swap(
        was,
        mass,
        instead,
        tells,
        more(was, mass, instead, one -> one.perKilogram().solids().kilograms()),
        more(was, mass, instead, one -> one.salt().value()),
        more(was, mass, instead, one -> one.taste().acidsAsCitricKilograms()),
        more(was, mass, instead, one -> one.perKilogram().fatKilograms()),
        without(after, before),
        without(before, after));
  }

  private static double more(
      Ingredient was, Mass mass, List<Instead> instead, ToDoubleFunction<Ingredient> perKilogram) {
    double in =
        instead.stream()
            .mapToDouble(
                one -> perKilogram.applyAsDouble(one.ingredient()) * one.mass().kilograms())
            .sum();
    return in - perKilogram.applyAsDouble(was) * mass.kilograms();
  }

  private static Set<Allergen> without(Set<Allergen> all, Set<Allergen> others) {
    Set<Allergen> rest = new TreeSet<>(all);
    rest.removeAll(others);
    return rest;
  }
}
