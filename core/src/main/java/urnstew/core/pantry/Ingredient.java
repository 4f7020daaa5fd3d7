package urnstew.core.pantry;

import java.util.List;
import java.util.Optional;
import urnstew.core.consistency.Thickener;
import urnstew.core.sauce.Pieces;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.units.Density;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * Something that goes into a sauce.
 *
 * @param id stable key
 * @param name in a cook's words
 * @param perKilogram composition of one kilogram, closed to 1 kg
 * @param salt what it carries, as sodium over 393 mg/g
 * @param spoonDensity mass of a filled spoon by its volume, where spoons make sense
 * @param piece natural piece, where there is one
 * @param thickener whether it thickens without losing water
 * @param pieces what it gives to the sauce, where it stays whole
 * @param packs sizes in which it is bought; empty where any amount can be had
 * @param source where the row comes from
 */
public record Ingredient(
    String id,
    String name,
    Composition perKilogram,
    MassFraction salt,
    Optional<Density> spoonDensity,
    Optional<Pack> piece,
    Thickener thickener,
    Optional<PieceYield> pieces,
    List<Pack> packs,
    String source) {
  public Ingredient {
    packs = List.copyOf(packs);
  }

  /**
   * What something that stays whole gives to the sauce.
   *
   * @param juiceShare of its raw mass
   * @param fatShare of its fat
   * @param releaseSeconds time constant of giving
   */
  public record PieceYield(double juiceShare, double fatShare, double releaseSeconds) {}

  public Ingredient with(Composition other) {
    return new Ingredient(
        id, name, other, salt, spoonDensity, piece, thickener, pieces, packs, source);
  }

  /** So much of it, as it goes into a pot. */
  public PotContents contents(Mass mass) {
    Composition all = perKilogram.times(mass.kilograms());
    double thickening = thickener.extraKilogramsPerKilogram() * mass.kilograms();
    return pieces
        .map(
            yield ->
                new PotContents(
                    Composition.NOTHING,
                    thickening,
                    new Pieces(
                        all,
                        yield.juiceShare() * mass.kilograms(),
                        yield.fatShare() * all.fatKilograms(),
                        yield.releaseSeconds())))
        .orElseGet(() -> new PotContents(all, thickening, Pieces.NONE));
  }
}
