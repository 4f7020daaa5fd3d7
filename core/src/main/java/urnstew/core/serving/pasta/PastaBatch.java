package urnstew.core.serving.pasta;

import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * So much pasta as it goes into the water, and what it becomes.
 *
 * <p>Cooked over raw = (1 − w)/(1 − w_c)·(1 − leached). Worked number: dry pasta of 9.9 % water
 * becomes 2.38 times as heavy at 62.13 %, 2.24 times with 6 % leached (check-values i01, m08: USDA
 * SR, from memory).
 *
 * @param shape of it
 * @param dry raw mass, 10 g to 100 kg
 * @param start its temperature, −25 to 40 °C
 */
public record PastaBatch(PastaShape shape, Mass dry, Temperature start) {
  /** Share of dry solids that goes over into the water, least to most (common practice). */
  public static final double LEACHED_LEAST = 0.04;

  public static final double LEACHED_MOST = 0.07;
  static final double JOULES_PER_KILOGRAM_KELVIN = 1800;

  private static final double LEACHED = 0.055;
  private static final MassFraction DRY_WATER = new MassFraction(0.099);
  private static final MassFraction FRESH_WATER = new MassFraction(0.31);

  /** Uptake goes with time to this power: it slows as the middle is reached (assumption). */
  private static final double UPTAKE_POWER = 0.6;

  private static final double MELTS_JOULES_PER_KILOGRAM = 334_000;

  /** Of the water that the pasta takes up, so much of its salt comes along (assumption). */
  private static final double SALT_TAKEN = 0.6;

  public PastaBatch {
    Require.within("pasta", dry.kilograms(), 0.01, 100, "kg");
    Require.within("pastaCelsius", start.celsius(), -25, 40, "°C");
  }

  public boolean isFrozen() {
    return start.celsius() < 0;
  }

  /** Its water before. */
  public MassFraction rawWater() {
    return shape.isFresh() ? FRESH_WATER : DRY_WATER;
  }

  /** What it weighs at a share of water, with this share of its solids leached. */
  public Mass cookedAt(MassFraction water, double leachedShare) {
    Require.within("cookedWater", water.value(), rawWater().value(), 0.85, "");
    return dry.times((1 - rawWater().value()) * (1 - leachedShare) / (1 - water.value()));
  }

  /** Al dente. */
  public Mass cooked() {
    return cookedAt(shape.alDente(), LEACHED);
  }

  /** What it weighs after a share of the time to al dente. */
  public Mass after(double share) {
    double whole = cooked().kilograms();
    double solids = dry.kilograms() * (1 - rawWater().value()) * (1 - LEACHED);
    double before = dry.kilograms() - solids;
    double gained = whole - solids - before;
    return new Mass(
        solids + before + gained * Math.pow(Math.min(1, Math.max(0, share)), UPTAKE_POWER));
  }

  /** Starch and protein that go over into the water. */
  public Mass leached() {
    return dry.times((1 - rawWater().value()) * LEACHED);
  }

  /** Water that it takes up until al dente. */
  public Mass drinks() {
    double solids = dry.kilograms() * (1 - rawWater().value()) * (1 - LEACHED);
    return new Mass(cooked().kilograms() - solids - dry.kilograms() * rawWater().value());
  }

  /** Salt that it takes up from water of this much salt, kg. */
  public Mass salt(double saltGramsPerLiter) {
    return new Mass(SALT_TAKEN * saltGramsPerLiter / 1000 * drinks().kilograms());
  }

  /** Heat that warms it to the boil, J; ice melts first. */
  public double joulesTo(Temperature boiling) {
    double warm =
        JOULES_PER_KILOGRAM_KELVIN * (boiling.celsius() - start.celsius())
            + (isFrozen() ? rawWater().value() * MELTS_JOULES_PER_KILOGRAM : 0);
    return dry.kilograms() * warm;
  }
}
