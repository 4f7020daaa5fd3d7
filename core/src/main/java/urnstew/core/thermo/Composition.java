package urnstew.core.thermo;

import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;

/**
 * What something consists of, as the mass of each proximate component.
 *
 * @param waterKilograms water, kg
 * @param proteinKilograms protein, kg
 * @param fatKilograms fat, kg
 * @param carbohydrateKilograms carbohydrate without fibre, kg
 * @param fibreKilograms fibre, kg
 * @param ashKilograms ash with salt, kg
 */
public record Composition(
    double waterKilograms,
    double proteinKilograms,
    double fatKilograms,
    double carbohydrateKilograms,
    double fibreKilograms,
    double ashKilograms) {

  /** Nothing at all. */
  public static final Composition NOTHING = new Composition(0, 0, 0, 0, 0, 0);

  public Composition {
    Require.notNegative("water", waterKilograms, "kg");
    Require.notNegative("protein", proteinKilograms, "kg");
    Require.notNegative("fat", fatKilograms, "kg");
    Require.notNegative("carbohydrate", carbohydrateKilograms, "kg");
    Require.notNegative("fibre", fibreKilograms, "kg");
    Require.notNegative("ash", ashKilograms, "kg");
  }

  /** Mass of everything. */
  public Mass total() {
    return new Mass(waterKilograms + fatKilograms + solidsKilograms());
  }

  /** Mass of the non-fat solids. */
  public Mass solids() {
    return new Mass(solidsKilograms());
  }

  /** Non-fat solids as a share of the fat-free sauce phase. */
  public MassFraction solidsFraction() {
    double fatFree = waterKilograms + solidsKilograms();
    return new MassFraction(fatFree == 0 ? 0 : solidsKilograms() / fatFree);
  }

  /** The same, but with another mass of water. */
  public Composition withWater(double kilograms) {
    return new Composition(
        kilograms,
        proteinKilograms,
        fatKilograms,
        carbohydrateKilograms,
        fibreKilograms,
        ashKilograms);
  }

  public Composition plus(Composition other) {
    return new Composition(
        waterKilograms + other.waterKilograms,
        proteinKilograms + other.proteinKilograms,
        fatKilograms + other.fatKilograms,
        carbohydrateKilograms + other.carbohydrateKilograms,
        fibreKilograms + other.fibreKilograms,
        ashKilograms + other.ashKilograms);
  }

  public Composition times(double factor) {
    return new Composition(
        waterKilograms * factor,
        proteinKilograms * factor,
        fatKilograms * factor,
        carbohydrateKilograms * factor,
        fibreKilograms * factor,
        ashKilograms * factor);
  }

  /** Water left when the fat-free phase has this solids fraction, kg. */
  public double waterAtSolidsFraction(MassFraction fraction) {
    return solidsKilograms() * (1 - fraction.value()) / fraction.value();
  }

  private double solidsKilograms() {
    return proteinKilograms + carbohydrateKilograms + fibreKilograms + ashKilograms;
  }
}
