package urnstew.core.acidity;

import java.util.EnumMap;
import java.util.Map;
import urnstew.units.Require;

/**
 * Water and everything in it that decides its acidity. All of it adds up when two are mixed, and
 * stays when water leaves.
 *
 * @param waterKilograms water, kg
 * @param acidMoles of every acid, mol; one that is not named is not there
 * @param cationMoles strong ions with a positive charge (sodium, potassium and what counts like
 *     them), mol of charge
 * @param anionMoles strong ions with a negative charge (chloride and what counts like it), mol of
 *     charge
 */
public record Solutes(
    double waterKilograms, Map<Acid, Double> acidMoles, double cationMoles, double anionMoles) {
  /** Nothing at all. */
  public static final Solutes NOTHING = new Solutes(0, Map.of(), 0, 0);

  public Solutes {
    Require.notNegative("water", waterKilograms, "kg");
    Require.notNegative("cations", cationMoles, "mol");
    Require.notNegative("anions", anionMoles, "mol");
    acidMoles.values().forEach(moles -> Require.notNegative("acid", moles, "mol"));
    acidMoles = Map.copyOf(acidMoles);
  }

  /** Moles of an acid, in whatever form. */
  public double moles(Acid acid) {
    return acidMoles.getOrDefault(acid, 0.0);
  }

  public Solutes plus(Solutes other) {
    Map<Acid, Double> sum = new EnumMap<>(Acid.class);
    sum.putAll(acidMoles);
    other.acidMoles.forEach((acid, moles) -> sum.merge(acid, moles, Double::sum));
    return new Solutes(
        waterKilograms + other.waterKilograms,
        sum,
        cationMoles + other.cationMoles,
        anionMoles + other.anionMoles);
  }

  public Solutes times(double factor) {
    Map<Acid, Double> times = new EnumMap<>(Acid.class);
    acidMoles.forEach((acid, moles) -> times.put(acid, moles * factor));
    return new Solutes(waterKilograms * factor, times, cationMoles * factor, anionMoles * factor);
  }

  /** The same in another mass of water. */
  public Solutes in(double kilograms) {
    return new Solutes(kilograms, acidMoles, cationMoles, anionMoles);
  }

  /** With so many moles of a strong base; of a strong acid, where negative. */
  public Solutes withBase(double moles) {
    return moles >= 0
        ? new Solutes(waterKilograms, acidMoles, cationMoles + moles, anionMoles)
        : new Solutes(waterKilograms, acidMoles, cationMoles, anionMoles - moles);
  }

  /** With another amount of one acid. */
  public Solutes with(Acid acid, double moles) {
    Map<Acid, Double> other = new EnumMap<>(Acid.class);
    other.putAll(acidMoles);
    other.put(acid, moles);
    return new Solutes(waterKilograms, other, cationMoles, anionMoles);
  }
}
