package urnstew.core.balance;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import urnstew.core.balance.InPot.Part;
import urnstew.core.formula.Family;
import urnstew.core.pantry.Ingredient;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * Where the salt of a pot comes from, what is still to come, and the dose that lands in the band.
 *
 * <p>Salt stays when water leaves: half the mass, twice the share. Ranges add up as if all cans and
 * cheeses erred the same way.
 *
 * @param in what is in, by ingredient, the saltiest first
 * @param toCome what follows: finish, cheese, pasta water
 * @param now share as it is
 * @param reduced share when the water is gone and nothing else has gone in
 * @param low share on the table if all goods are on the mild side
 * @param likely share on the table
 * @param high share on the table if all goods are on the salty side
 * @param saltedNow share on the table if it were salted to the middle of the band as it is now
 * @param band what the style likes, in percent
 * @param firstDose of the salt in use: safe even if all goods are on the salty side
 * @param heldBack of it, for after the tasting at the end
 */
public record SaltLedger(
    List<Entry> in,
    List<Entry> toCome,
    MassFraction now,
    MassFraction reduced,
    MassFraction low,
    MassFraction likely,
    MassFraction high,
    MassFraction saltedNow,
    Band band,
    Mass firstDose,
    Mass heldBack) {
  private static final double LEAST_GRAMS = 0.01;

  /** What brings less of the salt than that is summed up. */
  private static final double LEAST_SHARE = 0.02;

  private static final String OTHERS = "everything else";

  /**
   * One source of salt.
   *
   * @param name of the ingredient
   * @param salt that it brings
   * @param range how far that may lie from it
   */
  public record Entry(String name, Mass salt, Mass range) {}

  public SaltLedger {
    in = List.copyOf(in);
    toCome = List.copyOf(toCome);
  }

  /**
   * The ledger of a pot.
   *
   * @param inUse the kitchen's salt
   */
  public static SaltLedger of(InPot now, RemainingProcess course, Family family, Ingredient inUse) {
    InPot end = course.after(now);
    Band band = Band.of(family, Taste.SALT);
    double made = end.mass().kilograms();
    double salt = end.saltKilograms();
    double range = end.saltRangeKilograms();
    double toMiddle = dose(band.middle() / 100, salt, made, inUse);
    double safe = dose(band.high() / 100, salt + range, made, inUse);
    double first = Math.min(toMiddle, safe);
    double tasted = band.middle() / 100 * now.mass().kilograms();
    double comes = salt - now.saltKilograms();
    InPot reduced = course.reduced(now);
    List<Part> later = new ArrayList<>(course.onTheWay());
    later.addAll(course.finish());
    later.addAll(course.onThePlate());
    return new SaltLedger(
        entries(now.parts()),
        entries(later),
        share(now.saltKilograms(), now.mass().kilograms()),
        share(reduced.saltKilograms(), reduced.mass().kilograms()),
        share(salt - range, made),
        share(salt, made),
        share(salt + range, made),
        share(Math.max(tasted, now.saltKilograms()) + comes, made),
        band,
        new Mass(first),
        new Mass(toMiddle - first));
  }

  /**
   * Sodium of a portion, kg.
   *
   * @param share of salt in it
   */
  public static double sodiumKilograms(MassFraction share, Mass portion) {
    return share.value() * portion.kilograms() * Ingredient.SODIUM_OF_SALT;
  }

  /** (S + c d) / (M + d) = w. */
  private static double dose(double wanted, double salt, double mass, Ingredient inUse) {
    return Math.max(0, (wanted * mass - salt) / (inUse.salt().value() - wanted));
  }

  private static List<Entry> entries(List<Part> parts) {
    Map<String, Entry> byName = new LinkedHashMap<>();
    for (Part part : parts) {
      Entry one =
          new Entry(part.ingredient().name(), new Mass(part.salt()), new Mass(part.saltRange()));
      byName.merge(
          one.name(),
          one,
          (a, b) -> new Entry(a.name(), a.salt().plus(b.salt()), a.range().plus(b.range())));
    }
    double all = byName.values().stream().mapToDouble(one -> one.salt().kilograms()).sum();
    List<Entry> told = new ArrayList<>();
    Entry rest = new Entry(OTHERS, Mass.ZERO, Mass.ZERO);
    for (Entry one : byName.values()) {
      if (one.salt().kilograms() > LEAST_SHARE * all) {
        told.add(one);
      } else {
        rest = new Entry(OTHERS, rest.salt().plus(one.salt()), rest.range().plus(one.range()));
      }
    }
    told.sort((a, b) -> b.salt().compareTo(a.salt()));
    if (rest.salt().grams() > LEAST_GRAMS) {
      told.add(rest);
    }
    return told;
  }

  private static MassFraction share(double salt, double mass) {
    return new MassFraction(mass == 0 ? 0 : Math.max(0, Math.min(1, salt / mass)));
  }
}
