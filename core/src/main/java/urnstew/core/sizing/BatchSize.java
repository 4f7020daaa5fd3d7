package urnstew.core.sizing;

import java.util.List;
import java.util.Optional;
import urnstew.core.explain.Working;
import urnstew.core.formula.FormulaAnalysis;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.sauce.PotContents;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * The size of one batch.
 *
 * @param scaleFactor times the formula's own size
 * @param batch the formula at that size
 * @param purchases what must be bought for it
 * @param start contents of the pot when the simmer starts
 * @param reduced the same with what was added on the way, when it is thick enough
 * @param end with what goes in at the finish
 * @param portions servings it gives after what clings to the pot
 * @param workings how the figures came about
 */
public record BatchSize(
    double scaleFactor,
    ResolvedFormula batch,
    List<Purchase> purchases,
    PotContents start,
    PotContents reduced,
    PotContents end,
    double portions,
    List<Working> workings) {
  public BatchSize {
    purchases = List.copyOf(purchases);
    workings = List.copyOf(workings);
  }

  /** What goes in. */
  public List<Amount> amounts() {
    return batch.portions().stream().map(Amount::new).toList();
  }

  /** Water and alcohol that must leave the pot. */
  public Mass waterToLose() {
    return new Mass(Math.max(0, batch.mass().kilograms() - end.total().kilograms()));
  }

  /** Salt of the sauce that comes out, with what cans and meat bring: it all stays. */
  public MassFraction salt() {
    return FormulaAnalysis.saltOfTheSauce(ingredients(), end);
  }

  /** What it costs; empty where a price is missing. */
  public Optional<Cost> cost() {
    return Cost.of(purchases);
  }

  /** All that goes in, at the batch's own size. */
  public List<Portion> ingredients() {
    return batch.portions();
  }
}
