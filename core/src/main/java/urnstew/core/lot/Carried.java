package urnstew.core.lot;

import urnstew.core.balance.InPot;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.pantry.TasteContent;
import urnstew.core.sauce.PotContents;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * What a kilogram of something made here carries: all that went in stays in while water leaves.
 *
 * @param salt of its mass
 * @param taste what makes one kilogram sweet, sour and savoury
 */
public record Carried(MassFraction salt, TasteContent taste) {
  /** Of what is in a pot, over the mass that came out of it. */
  public static Carried of(InPot pot, Mass out) {
    return of(pot.saltKilograms(), pot.taste(), out);
  }

  /** Of salt in kg, and of all that tastes, over the mass that came out. */
  public static Carried of(double saltKilograms, TasteContent taste, Mass out) {
    double share = 1 / out.kilograms();
    return new Carried(new MassFraction(Math.min(1, saltKilograms * share)), taste.times(share));
  }

  /** By what a formula makes at its own target and size. */
  public static Carried by(ResolvedFormula formula) {
    PotContents cooked = formula.beforeTheFinish().cooked();
    PotContents done = formula.formula().target().map(cooked::reducedTo).orElse(cooked);
    PotContents out = formula.finished(done).without(formula.discarded());
    return of(InPot.of(formula.portions(), out), out.total());
  }

  /** Of some of this and some of another, kg of both. */
  public Carried and(Mass some, Carried other, Mass more) {
    double all = some.kilograms() + more.kilograms();
    double share = all == 0 ? 0 : more.kilograms() / all;
    return new Carried(
        new MassFraction(salt.value() * (1 - share) + other.salt.value() * share),
        taste.times(1 - share).plus(other.taste.times(share)));
  }
}
