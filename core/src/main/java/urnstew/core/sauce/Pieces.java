package urnstew.core.sauce;

import urnstew.core.thermo.Composition;
import urnstew.units.MassFraction;
import urnstew.units.Require;

/**
 * Meat, fish or vegetables that stay whole and give juice and fat to the sauce as they cook.
 *
 * <p>What is still to be given falls as dr/dt = −g(t)·r/τ, with g rising from 0 at 40 °C to 1 at 70
 * °C (assumption: proteins shrink in that window). Juice is 94 % water and 6 % soluble protein
 * (assumption).
 *
 * @param whole what they consist of now, kg
 * @param juiceKilograms part of it that will still leave as juice, kg
 * @param fatKilograms part of it that will still melt out, kg
 * @param releaseSeconds τ, from about 500 s for mince to 1,800 s for chunks
 */
public record Pieces(
    Composition whole, double juiceKilograms, double fatKilograms, double releaseSeconds) {
  /** No pieces at all. */
  public static final Pieces NONE = new Pieces(Composition.NOTHING, 0, 0, 600);

  private static final double JUICE_SOLIDS_SHARE = 0.06;
  private static final double ROUNDING = 1e-9;

  public Pieces {
    double most = whole.waterKilograms() / (1 - JUICE_SOLIDS_SHARE);
    Require.within("juice", juiceKilograms, 0, most * (1 + ROUNDING), "kg");
    Require.within("pieceFat", fatKilograms, 0, whole.fatKilograms() * (1 + ROUNDING), "kg");
    Require.within("releaseSeconds", releaseSeconds, 400, 20_000, "s");
  }

  /** Pieces of both; the time constant is the mean of both, weighted by their juice. */
  public Pieces plus(Pieces other) {
    double giving = juiceKilograms + fatKilograms;
    double otherGiving = other.juiceKilograms + other.fatKilograms;
    double all = giving + otherGiving;
    double seconds =
        all == 0
            ? releaseSeconds
            : (giving * releaseSeconds + otherGiving * other.releaseSeconds) / all;
    return new Pieces(
        whole.plus(other.whole),
        juiceKilograms + other.juiceKilograms,
        fatKilograms + other.fatKilograms,
        seconds);
  }

  /** Without these, as far as they are among them; what is left gives no more than it holds. */
  Pieces without(Composition apart) {
    Composition rest = whole.without(apart);
    return new Pieces(
        rest,
        Math.min(juiceKilograms, rest.waterKilograms()),
        Math.min(fatKilograms, rest.fatKilograms()),
        releaseSeconds);
  }

  /** With a share of all water and alcohol driven off. */
  Pieces dried(MassFraction share) {
    return new Pieces(
        PotContents.dried(whole, share),
        juiceKilograms * (1 - share.value()),
        fatKilograms,
        releaseSeconds);
  }

  public Pieces times(double factor) {
    return new Pieces(
        whole.times(factor), juiceKilograms * factor, fatKilograms * factor, releaseSeconds);
  }

  /** What goes over into the sauce when only this share of juice and fat is still to come. */
  public Composition given(double leftShare) {
    double dissolved = givenSolidsKilograms(leftShare);
    double protein = Math.min(dissolved, whole.proteinKilograms());
    double carbohydrate = Math.min(dissolved - protein, whole.carbohydrateKilograms());
    double fibre = Math.min(dissolved - protein - carbohydrate, whole.fibreKilograms());
    return new Composition(
        juiceKilograms * (1 - leftShare) - dissolved,
        0,
        protein,
        fatKilograms * (1 - leftShare),
        carbohydrate,
        fibre,
        Math.max(0, dissolved - protein - carbohydrate - fibre),
        dissolved);
  }

  /** Dissolved solids among what was given, kg: no more than there are, of the nearest to hand. */
  public double givenSolidsKilograms(double leftShare) {
    double dissolved = juiceKilograms * (1 - leftShare) * JUICE_SOLIDS_SHARE;
    return Math.min(dissolved, whole.solids().kilograms());
  }

  /** Water still in the pieces, kg. */
  public double waterKilograms(double leftShare) {
    return whole.waterKilograms() - juiceKilograms * (1 - leftShare) * (1 - JUICE_SOLIDS_SHARE);
  }

  /** The pieces after giving so much. */
  public Pieces after(double leftShare) {
    Composition rest = whole.without(given(leftShare));
    return new Pieces(rest, juiceKilograms * leftShare, fatKilograms * leftShare, releaseSeconds);
  }
}
