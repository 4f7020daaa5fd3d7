package urnstew.core.pantry;

import java.util.Optional;
import urnstew.core.consistency.Thickener;
import urnstew.core.sauce.Pieces;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * Something that goes into a sauce.
 *
 * @param id stable key
 * @param name in a cook's words
 * @param kind shelf of the pantry
 * @param perKilogram composition of one kilogram, closed to 1 kg
 * @param salt what it carries, as sodium over 393 mg/g
 * @param taste what makes one kilogram sweet, sour and savoury
 * @param measuring how it is named and measured
 * @param thickener whether it thickens without losing water
 * @param pieces what it gives to the sauce, where it stays whole
 * @param buying how it comes into the kitchen
 * @param labelling what an eater may have to know
 * @param provenance where the figures come from
 */
public record Ingredient(
    String id,
    String name,
    IngredientKind kind,
    Composition perKilogram,
    MassFraction salt,
    TasteContent taste,
    Measuring measuring,
    Thickener thickener,
    Optional<PieceYield> pieces,
    Buying buying,
    Labelling labelling,
    Provenance provenance) {
  /** Sodium that is written as one of salt, by mass. */
  public static final double SODIUM_OF_SALT = 0.393;

  /** Share of alcohol by weight from which a spirit burns on a hot pan (common practice). */
  private static final double BURNS = 0.2;

  private static final double SLOWEST_SECONDS = 3600;

  /**
   * What something that stays whole gives to the sauce.
   *
   * @param juiceShare of its raw mass
   * @param fatShare of its fat
   * @param releaseSeconds time constant of giving
   */
  public record PieceYield(double juiceShare, double fatShare, double releaseSeconds) {
    /** What pieces have yet to give, by their mass and their fat as they are now. */
    public static PieceYield of(Pieces now) {
      double fat = now.whole().fatKilograms();
      return new PieceYield(
          now.juiceKilograms() / now.whole().total().kilograms(),
          fat == 0 ? 0 : now.fatKilograms() / fat,
          now.releaseSeconds());
    }
  }

  /** The same with another composition of one kilogram. */
  public Ingredient with(Composition other) {
    return with(other, salt, thickener, pieces, buying);
  }

  /** The same, bought otherwise. */
  public Ingredient with(Buying other) {
    return with(perKilogram, salt, thickener, pieces, other);
  }

  /** The same with more salt in it. */
  Ingredient saltedBy(MassFraction more) {
    MassFraction all = new MassFraction(salt.value() + more.value());
    return with(perKilogram, all, thickener, pieces, buying);
  }

  /** The same where nothing of it stays whole. */
  public Ingredient asJuice() {
    return with(perKilogram, salt, thickener, Optional.empty(), buying);
  }

  /** The same as pieces that gave some already: they keep salt and taste by their weight. */
  public Ingredient asPieces(Pieces now) {
    double out = now.whole().total().kilograms();
    return with(
        now.whole().times(1 / out), salt, thickener, Optional.of(PieceYield.of(now)), buying);
  }

  /** The same by what is found in a kilogram of it. */
  public Ingredient as(Composition found, MassFraction itsSalt, TasteContent itsTaste) {
    return new Ingredient(
        id,
        name,
        kind,
        found,
        itsSalt,
        itsTaste,
        measuring,
        thickener,
        pieces,
        buying,
        labelling,
        provenance);
  }

  /** The same as it stands in a tub: with the salt, taste and labels of what was really made. */
  public Ingredient keptAs(Ingredient tub) {
    return new Ingredient(
        tub.id,
        tub.name,
        kind,
        perKilogram,
        tub.salt,
        tub.taste,
        measuring,
        thickener,
        pieces,
        tub.buying,
        tub.labelling,
        tub.provenance);
  }

  /** The same, shut in something: it neither thickens the sauce nor gives it anything. */
  Ingredient shutIn() {
    Optional<PieceYield> nothing = Optional.of(new PieceYield(0, 0, SLOWEST_SECONDS));
    return with(perKilogram, salt, Thickener.NONE, nothing, buying);
  }

  private Ingredient with(
      Composition composition,
      MassFraction itsSalt,
      Thickener thickens,
      Optional<PieceYield> gives,
      Buying bought) {
    return new Ingredient(
        id,
        name,
        kind,
        composition,
        itsSalt,
        taste,
        measuring,
        thickens,
        gives,
        bought,
        labelling,
        provenance);
  }

  /** Sodium in a kilogram of it, kg: what its salt was counted from. */
  public double sodiumKilogramsPerKilogram() {
    return salt.value() * SODIUM_OF_SALT;
  }

  /** Whether it is, or carries, what a trait says. */
  public boolean is(Trait trait) {
    return labelling.traits().contains(trait);
  }

  /** Whether it catches fire on a hot pan: a fifth of its weight is alcohol. */
  public boolean burns() {
    return perKilogram.ethanolKilograms() > BURNS;
  }

  /** Whether it is fish or shellfish that was neither cured nor cooked. */
  public boolean comesRawFromTheSea() {
    return (kind == IngredientKind.FISH || kind == IngredientKind.SHELLFISH) && !is(Trait.CURED);
  }

  /**
   * Share of its mass that stays in pieces which can be taken out of the sauce and served apart:
   * steaks, shells, thighs; not mince, olives or onions, which go with every spoon.
   */
  public double servedApartShare() {
    boolean flesh =
        kind == IngredientKind.MEAT
            || kind == IngredientKind.FISH
            || kind == IngredientKind.SHELLFISH;
    boolean spoonable = measuring.spoonDensity().isPresent();
    return flesh && !spoonable ? pieces.map(yield -> 1 - yield.juiceShare()).orElse(0.0) : 0;
  }

  /** What of it is served apart when it has given all that it gives: its fat is the sauce's. */
  public Composition servedApart(Mass mass) {
    return servedApartShare() == 0 ? Composition.NOTHING : contents(mass).cooked().pieces().whole();
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
