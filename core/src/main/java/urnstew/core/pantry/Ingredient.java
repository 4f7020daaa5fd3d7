package urnstew.core.pantry;

import java.util.List;
import java.util.Optional;
import urnstew.core.thermo.Composition;
import urnstew.units.Density;

/**
 * Something that goes into a sauce.
 *
 * @param id stable key
 * @param name in a cook's words
 * @param perKilogram composition of one kilogram, closed to 1 kg
 * @param spoonDensity mass of a filled spoon by its volume, where spoons make sense
 * @param piece natural piece, where there is one
 * @param packs sizes in which it is bought; empty where any amount can be had
 * @param source where the row comes from
 */
public record Ingredient(
    String id,
    String name,
    Composition perKilogram,
    Optional<Density> spoonDensity,
    Optional<Pack> piece,
    List<Pack> packs,
    String source) {
  public Ingredient {
    packs = List.copyOf(packs);
  }
}
