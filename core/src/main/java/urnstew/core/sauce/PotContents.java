package urnstew.core.sauce;

import urnstew.core.thermo.Composition;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * What is in a pot: the sauce, and pieces beside it.
 *
 * @param sauce everything that flows
 * @param thickeningKilograms tomato solids that thickeners in it stand for beyond their own, kg
 * @param pieces what stays whole
 */
public record PotContents(Composition sauce, double thickeningKilograms, Pieces pieces) {
  /** An empty pot. */
  public static final PotContents NOTHING = PotContents.of(Composition.NOTHING);

  /** Sauce alone. */
  public static PotContents of(Composition sauce) {
    return new PotContents(sauce, 0, Pieces.NONE);
  }

  public PotContents plus(PotContents other) {
    return new PotContents(
        sauce.plus(other.sauce),
        thickeningKilograms + other.thickeningKilograms,
        pieces.plus(other.pieces));
  }

  public PotContents times(double factor) {
    return new PotContents(sauce.times(factor), thickeningKilograms * factor, pieces.times(factor));
  }

  /** Without such whole pieces, as far as there are any. */
  public PotContents without(Composition apart) {
    return new PotContents(sauce, thickeningKilograms, pieces.without(apart));
  }

  /** Without so much of what is dissolved in the sauce. */
  public PotContents withoutOfTheSauce(Composition part) {
    return new PotContents(sauce.without(part), thickeningKilograms, pieces);
  }

  /** With a share of all water and alcohol driven off, also out of the pieces. */
  public PotContents dried(MassFraction share) {
    return new PotContents(dried(sauce, share), thickeningKilograms, pieces.dried(share));
  }

  /** With so much of the water of the sauce driven off, or all of it. */
  public PotContents dried(Mass water) {
    double left = Math.max(0, sauce.waterKilograms() - water.kilograms());
    return new PotContents(
        sauce.withLiquids(left, sauce.ethanolKilograms()), thickeningKilograms, pieces);
  }

  static Composition dried(Composition wet, MassFraction share) {
    double left = 1 - share.value();
    return wet.withLiquids(wet.waterKilograms() * left, wet.ethanolKilograms() * left);
  }

  /** After the pieces have given all they will give. */
  public PotContents cooked() {
    return new PotContents(sauce.plus(pieces.given(0)), thickeningKilograms, pieces.after(0));
  }

  /** With so much water and alcohol left, as water, that it thickens like these solids. */
  public PotContents reducedTo(MassFraction equivalentSolids) {
    double solids = sauce.solids().kilograms();
    double liquid = (solids + thickeningKilograms) / equivalentSolids.value() - solids;
    return new PotContents(sauce.withLiquids(Math.max(0, liquid), 0), thickeningKilograms, pieces);
  }

  /** Mass of sauce and pieces. */
  public Mass total() {
    return sauce.total().plus(pieces.whole().total());
  }

  /** Sauce and pieces as one. */
  public Composition everything() {
    return sauce.plus(pieces.whole());
  }

  /** Non-fat solids of the fat-free sauce phase, with what thickeners stand for. */
  public MassFraction equivalentSolids() {
    return new MassFraction(
        equivalentSolidsShare(
            sauce.solids().kilograms() + thickeningKilograms,
            sauce.waterKilograms() + sauce.ethanolKilograms(),
            thickeningKilograms));
  }

  /** Share of solids and stand-ins in the fat-free phase; for kernels. */
  public static double equivalentSolidsShare(
      double standingKilograms, double liquidKilograms, double thickeningKilograms) {
    double phase = liquidKilograms + standingKilograms - thickeningKilograms;
    return phase <= 0 ? 0 : Math.min(1, standingKilograms / phase);
  }
}
