package urnstew.core.thermo;

import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;

/**
 * What something consists of, as the mass of each proximate component.
 *
 * <p>Solids are protein, carbohydrate, fibre and ash. A part of them is dissolved: that is what a
 * refractometer reads, and it is never mixed with the whole.
 *
 * @param waterKilograms water, kg
 * @param ethanolKilograms alcohol, kg
 * @param proteinKilograms protein, kg
 * @param fatKilograms fat, kg
 * @param carbohydrateKilograms carbohydrate without fibre, kg
 * @param fibreKilograms fibre, kg
 * @param ashKilograms ash with salt, kg
 * @param solubleKilograms part of the solids that is dissolved, kg; not more than the solids
 */
public record Composition(
    double waterKilograms,
    double ethanolKilograms,
    double proteinKilograms,
    double fatKilograms,
    double carbohydrateKilograms,
    double fibreKilograms,
    double ashKilograms,
    double solubleKilograms) {
  /** Rounding of a sum of parts, relative. */
  private static final double ROUNDING = 1e-9;

  /** Nothing at all. */
  public static final Composition NOTHING = new Composition(0, 0, 0, 0, 0, 0, 0, 0);

  public Composition {
    Require.notNegative("water", waterKilograms, "kg");
    Require.notNegative("protein", proteinKilograms, "kg");
    Require.notNegative("fat", fatKilograms, "kg");
    Require.notNegative("carbohydrate", carbohydrateKilograms, "kg");
    Require.notNegative("fibre", fibreKilograms, "kg");
    Require.notNegative("ash", ashKilograms, "kg");
    Require.notNegative("ethanol", ethanolKilograms, "kg");
    double solids = proteinKilograms + carbohydrateKilograms + fibreKilograms + ashKilograms;
    Require.within("soluble", solubleKilograms, 0, solids * (1 + ROUNDING), "kg");
  }

  /** Mass of everything. */
  public Mass total() {
    return new Mass(waterKilograms + ethanolKilograms + fatKilograms + solidsKilograms());
  }

  /** Mass of the non-fat solids. */
  public Mass solids() {
    return new Mass(solidsKilograms());
  }

  /** Non-fat solids as a share of the fat-free sauce phase. */
  public MassFraction solidsFraction() {
    double fatFree = waterKilograms + ethanolKilograms + solidsKilograms();
    return new MassFraction(fatFree == 0 ? 0 : solidsKilograms() / fatFree);
  }

  /** Dissolved solids as a share of the water phase: what a refractometer shows, 0 to 1. */
  public MassFraction solubleFraction() {
    double phase = waterKilograms + ethanolKilograms + solubleKilograms;
    return new MassFraction(phase == 0 ? 0 : solubleKilograms / phase);
  }

  /** The same, but with another mass of water. */
  public Composition withWater(double kilograms) {
    return withLiquids(kilograms, ethanolKilograms);
  }

  /** The same, but with other masses of water and alcohol. */
  public Composition withLiquids(double waterKilograms, double ethanolKilograms) {
    return new Composition(
        waterKilograms,
        ethanolKilograms,
        proteinKilograms,
        fatKilograms,
        carbohydrateKilograms,
        fibreKilograms,
        ashKilograms,
        solubleKilograms);
  }

  /** The same, but with the solids times a factor; water, alcohol and fat stay. */
  public Composition withSolidsTimes(double factor) {
    return new Composition(
        waterKilograms,
        ethanolKilograms,
        proteinKilograms * factor,
        fatKilograms,
        carbohydrateKilograms * factor,
        fibreKilograms * factor,
        ashKilograms * factor,
        solubleKilograms * factor);
  }

  public Composition plus(Composition other) {
    return new Composition(
        waterKilograms + other.waterKilograms,
        ethanolKilograms + other.ethanolKilograms,
        proteinKilograms + other.proteinKilograms,
        fatKilograms + other.fatKilograms,
        carbohydrateKilograms + other.carbohydrateKilograms,
        fibreKilograms + other.fibreKilograms,
        ashKilograms + other.ashKilograms,
        solubleKilograms + other.solubleKilograms);
  }

  /** Without a part of it; never less of anything than nothing. */
  public Composition without(Composition part) {
    double protein = Math.max(0, proteinKilograms - part.proteinKilograms);
    double carbohydrate = Math.max(0, carbohydrateKilograms - part.carbohydrateKilograms);
    double fibre = Math.max(0, fibreKilograms - part.fibreKilograms);
    double ash = Math.max(0, ashKilograms - part.ashKilograms);
    double soluble = Math.max(0, solubleKilograms - part.solubleKilograms);
    return new Composition(
        Math.max(0, waterKilograms - part.waterKilograms),
        Math.max(0, ethanolKilograms - part.ethanolKilograms),
        protein,
        Math.max(0, fatKilograms - part.fatKilograms),
        carbohydrate,
        fibre,
        ash,
        Math.min(soluble, protein + carbohydrate + fibre + ash));
  }

  public Composition times(double factor) {
    return new Composition(
        waterKilograms * factor,
        ethanolKilograms * factor,
        proteinKilograms * factor,
        fatKilograms * factor,
        carbohydrateKilograms * factor,
        fibreKilograms * factor,
        ashKilograms * factor,
        solubleKilograms * factor);
  }

  private double solidsKilograms() {
    return proteinKilograms + carbohydrateKilograms + fibreKilograms + ashKilograms;
  }
}
