package urnstew.app.balance;

import java.util.Optional;
import urnstew.core.balance.InPot;
import urnstew.core.balance.RemainingProcess;
import urnstew.core.formula.ResolvedFormula;
import urnstew.units.Mass;

/**
 * Something to be balanced.
 *
 * @param title what it is
 * @param formula of which it is made
 * @param now the pot as it is
 * @param course what is still to happen, with nothing on the plate yet
 * @param portion sauce for each
 * @param portions as plan and pot tell them; none where only the portion is known
 */
record Pot(
    String title,
    ResolvedFormula formula,
    InPot now,
    RemainingProcess course,
    Mass portion,
    Optional<Double> portions) {
  /** The same with so much sauce for each. */
  Pot serving(Mass other) {
    return new Pot(title, formula, now, course, other, Optional.empty());
  }

  /** How many it serves. */
  double serves() {
    return portions.orElseGet(() -> course.after(now).mass().kilograms() / portion.kilograms());
  }
}
