package urnstew.core.sizing;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import urnstew.core.explain.Confidence;
import urnstew.core.explain.Term;
import urnstew.core.explain.Working;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Pack;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * Works back from portions on the plate to what goes into the pot.
 *
 * <p>Solids S, fat F and cooked pieces P stay, water is what is left: m = (S + X)/s + F + P +
 * m_finish, where s is the wanted solids share of the fat-free phase and X what thickeners stand
 * for; scale = need/m. Worked number: 2 kg at 6 % reduced to 9 % gives 1.333 kg.
 */
public final class Sizing {
  /** Above this a tomato sauce is a paste: top of the thickest band (assumption). */
  public static final MassFraction THICKEST = new MassFraction(0.27);

  private Sizing() {}

  /**
   * Sizes a batch.
   *
   * @param formula what is made
   * @param need how much must come out
   * @param target solids share at which it is thick enough; above the start's, 27 % at most
   * @param buying how packs are chosen, and whether the batch is raised until they are used up
   */
  public static BatchSize size(
      ResolvedFormula formula, Need need, MassFraction target, PackRule buying) {
    double own = massAtTarget(formula, target).kilograms();
    double wanted = need.mass().kilograms() / own;
    double scale = WholeEggs.scale(formula, roundedToPacks(formula, wanted, buying));
    ResolvedFormula batch = WholeEggs.rounded(formula.times(scale));
    PotContents into = batch.beforeTheFinish();
    PotContents reduced = into.cooked().reducedTo(target);
    PotContents end = batch.finished(reduced).without(batch.discarded());
    return new BatchSize(
        scale,
        batch,
        purchases(batch, buying),
        batch.intoThePot(),
        reduced,
        end,
        end.total().kilograms() / need.massForEach().kilograms(),
        List.of(finalMass(need, end, scale), startMass(into, target)));
  }

  /**
   * What a formula gives at its own size.
   *
   * @param target solids share at which it is thick enough; above the start's, 27 % at most
   */
  public static Mass massAtTarget(ResolvedFormula formula, MassFraction target) {
    PotContents cooked = formula.beforeTheFinish().cooked();
    requireReachable(cooked, target);
    return formula.finished(cooked.reducedTo(target)).without(formula.discarded()).total();
  }

  private static void requireReachable(PotContents into, MassFraction target) {
    MassFraction start = into.equivalentSolids();
    if (target.compareTo(start) <= 0) {
      throw new InvalidInput(
          "target",
          "thinner-than-start",
          String.format(
              Locale.ROOT,
              "%.1f %% solids is thinner than the sauce at the start, which has %.1f %%.",
              target.percent(),
              start.percent()),
          String.format(Locale.ROOT, "more than %.1f %%", start.percent()),
          String.format(
              Locale.ROOT, "Choose %.1f %% or more.", Math.ceil(start.percent() * 10 + 1) / 10));
    }
    if (target.compareTo(THICKEST) > 0) {
      throw new InvalidInput(
          "target",
          "past-thickest",
          String.format(Locale.ROOT, "%.1f %% solids is past the thickest band.", target.percent()),
          "27 %",
          "Choose 27 % or less.");
    }
  }

  /** What is most of the batch, of what comes in packs. */
  public static Optional<Ingredient> inPacks(ResolvedFormula formula) {
    return mainPurchase(formula, PackGoal.LEAST_COST).map(Purchase::ingredient);
  }

  /** Where the batch follows whole packs, these are the packs: none is opened and left. */
  private static List<Purchase> purchases(ResolvedFormula batch, PackRule rule) {
    List<Purchase> all = Purchase.of(batch.toGet(), rule.goal());
    if (rule.rounding() == Rounding.EXACT) {
      return all;
    }
    Optional<Ingredient> main = mainPurchase(batch, rule.goal()).map(Purchase::ingredient);
    return all.stream()
        .map(
            one ->
                main.filter(one.ingredient()::equals).isPresent()
                    ? one.by(PackGoal.LEAST_WASTE)
                    : one)
        .toList();
  }

  /** The scale at which the packs of the main ingredient are used up. */
  private static double roundedToPacks(ResolvedFormula formula, double exact, PackRule rule) {
    return rule.rounding() == Rounding.EXACT
        ? exact
        : mainPurchase(formula, rule.goal())
            .map(purchase -> wholePackScale(purchase, exact, rule))
            .orElse(exact);
  }

  private static Optional<Purchase> mainPurchase(ResolvedFormula formula, PackGoal goal) {
    return Purchase.of(formula.toGet(), goal).stream()
        .filter(purchase -> purchase.ingredient().buying().inWholePacks())
        .max(Comparator.comparing(Purchase::needed));
  }

  private static double wholePackScale(Purchase main, double exact, PackRule rule) {
    Mass needed = main.needed().times(exact);
    List<Pack> packs = main.ingredient().buying().packs();
    PackChoice whole =
        rule.rounding() == Rounding.UP
            ? PackChoice.of(packs, needed, rule.goal())
            : PackChoice.within(packs, needed);
    double scale = whole.holds().kilograms() / main.needed().kilograms();
    return scale > 0 ? scale : exact;
  }

  private static Working finalMass(Need need, PotContents end, double scale) {
    return new Working(
        "finalMass",
        "Servings for everyone, and a little more for what clings to pot and ladle; rounded up to"
            + " whole cans where that was asked.",
        "m = n · m₁ · (1 + c) · (1 + e) / (1 − h)",
        List.of(
            new Term("covers", "n", need.covers(), ""),
            new Term("sauce for each", "m₁", need.serving().kilograms(), "kg"),
            new Term("clings to the pot", "c", Need.CLING_SHARE, ""),
            new Term("extra on the table", "e", need.onTheTable().value(), ""),
            new Term("dries off while held", "h", need.holdLoss().value(), ""),
            new Term("size, times the formula", "k", scale, ""),
            new Term("sauce at the end", "m", end.total().kilograms(), "kg")),
        List.of("3 % clings to pot and ladle (assumption)"),
        List.of("Conservation of mass"),
        Confidence.EXACT);
  }

  private static Working startMass(PotContents into, MassFraction target) {
    PotContents start = into.cooked();
    Composition sauce = start.sauce();
    Mass pieces = start.pieces().whole().total();
    return new Working(
        "startMass",
        "Solids and fat stay in the pot while water leaves, so the start follows from the end.",
        "m₀ = S + F + W + P,  m = (S + X) / s + F + P + m_f",
        List.of(
            new Term("non-fat solids of the sauce", "S", sauce.solids().kilograms(), "kg"),
            new Term("fat", "F", sauce.fatKilograms(), "kg"),
            new Term("water", "W", sauce.waterKilograms(), "kg"),
            new Term("pieces when cooked", "P", pieces.kilograms(), "kg"),
            new Term("thickeners, as solids", "X", start.thickeningKilograms(), "kg"),
            new Term("thickens at first like", "s₀", start.equivalentSolids().percent(), "%"),
            new Term("solids wanted", "s", target.percent(), "%"),
            new Term("everything that goes in", "m₀", start.total().kilograms(), "kg")),
        List.of(
            "Pieces are left out of the solids; their juice and melted fat count to the sauce",
            "No alcohol is counted at the end: it is less than a five-hundredth of the sauce",
            "Composition of the canned tomatoes from a food table; cans differ by about a tenth"),
        List.of("Conservation of mass", "Food composition table (to be checked)"),
        Confidence.PUBLISHED);
  }
}
