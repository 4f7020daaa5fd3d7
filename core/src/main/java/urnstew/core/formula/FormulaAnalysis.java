package urnstew.core.formula;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import urnstew.core.explain.Caution;
import urnstew.core.explain.Confidence;
import urnstew.core.explain.Term;
import urnstew.core.explain.Working;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.Pack;
import urnstew.core.pantry.TasteContent;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.core.thermo.ThermalProperties;
import urnstew.units.Density;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/**
 * What a formula comes to, before a burner is lit.
 *
 * <p>Contents per kilogram of what comes out: nothing but water and alcohol leaves the pot, so each
 * is what went in over what comes out. Acids and savoury matter are contents, not yet a taste.
 *
 * @param ribbon the pot, stage by stage
 * @param startSolids thickness when all is in and nothing has boiled off
 * @param solids thickness of what comes out
 * @param salt in the sauce that comes out; pieces that are served apart are left out
 * @param fat in what comes out
 * @param taste per kilogram of what comes out
 * @param saltRangeShare how far the salt may lie from it, as cured goods and cheeses vary
 * @param declaration what eaters have to be told
 * @param cost of all ingredients by the cheapest packs, as much as is used; empty where a price is
 *     missing
 * @param warnings that matter
 * @param workings how the figures came about
 */
public record FormulaAnalysis(
    Ribbon ribbon,
    MassFraction startSolids,
    MassFraction solids,
    MassFraction salt,
    MassFraction fat,
    TasteContent taste,
    double saltRangeShare,
    Declaration declaration,
    Optional<BigDecimal> cost,
    List<Caution> warnings,
    List<Working> workings) {
  private static final Temperature LADLED_AT = Temperature.ofCelsius(65);

  public FormulaAnalysis {
    warnings = List.copyOf(warnings);
    workings = List.copyOf(workings);
  }

  /**
   * Analyses a formula at its own size.
   *
   * @throws InvalidInput if nothing goes in
   */
  public static FormulaAnalysis of(ResolvedFormula formula) {
    if (formula.portions().isEmpty()) {
      throw new InvalidInput(
          "stages",
          "empty",
          "Nothing goes in yet.",
          "at least one ingredient",
          "Type an amount and choose an ingredient.");
    }
    Ribbon ribbon = Ribbon.of(formula, formula.formula().target());
    PotContents end = ribbon.end();
    Mass made = end.total();
    Declaration declaration = Declaration.of(formula, made);
    MassFraction start = formula.beforeTheFinish().cooked().equivalentSolids();
    return new FormulaAnalysis(
        ribbon,
        start,
        end.equivalentSolids(),
        saltOfTheSauce(formula.portions(), end),
        share(end.everything().fatKilograms(), made),
        taste(formula.portions()).times(1 / made.kilograms()),
        saltRange(formula.portions()),
        declaration,
        cost(formula.goods()),
        FormulaWarnings.of(formula, ribbon, declaration),
        List.of(madeWorking(ribbon, start), saltWorking(formula.portions(), end)));
  }

  /** How much a volume of what comes out weighs as it is ladled onto plates, at 65 °C. */
  public Density ladledDensity() {
    return ThermalProperties.density(ribbon.end().everything(), LADLED_AT);
  }

  /**
   * Salt of the sauce: of steaks, shells and thighs, which are served apart, only what their juice
   * brings.
   *
   * @param made all that comes out, with its pieces
   */
  public static MassFraction saltOfTheSauce(List<Portion> portions, PotContents made) {
    double salt = portions.stream().mapToDouble(FormulaAnalysis::saltInTheSauce).sum();
    return share(salt, sauce(portions, made));
  }

  private static double saltInTheSauce(Portion portion) {
    return saltKilograms(portion) * (1 - portion.ingredient().servedApartShare());
  }

  private static Mass sauce(List<Portion> portions, PotContents made) {
    Composition apart =
        portions.stream()
            .map(portion -> portion.ingredient().servedApart(portion.mass()))
            .reduce(Composition.NOTHING, Composition::plus);
    return made.without(apart).total();
  }

  /** Salt that goes in with everything, kg. */
  public static double saltKilograms(List<Portion> portions) {
    return portions.stream().mapToDouble(FormulaAnalysis::saltKilograms).sum();
  }

  private static double saltKilograms(Portion portion) {
    return portion.ingredient().salt().value() * portion.mass().kilograms();
  }

  private static TasteContent taste(List<Portion> portions) {
    return portions.stream()
        .map(portion -> portion.ingredient().taste().times(portion.mass().kilograms()))
        .reduce(TasteContent.NOTHING, TasteContent::plus);
  }

  /** Ranges add up as they would if all cans and cheeses erred the same way: the wide side. */
  static double saltRange(List<Portion> portions) {
    double all = saltKilograms(portions);
    double off =
        portions.stream()
            .mapToDouble(p -> saltKilograms(p) * p.ingredient().provenance().saltRangeShare())
            .sum();
    return all == 0 ? 0 : off / all;
  }

  private static MassFraction share(double part, Mass whole) {
    return new MassFraction(whole.kilograms() == 0 ? 0 : Math.min(1, part / whole.kilograms()));
  }

  private static Optional<BigDecimal> cost(List<Portion> portions) {
    double sum = 0;
    for (Portion portion : portions) {
      Optional<Pack> pack = portion.ingredient().buying().cheapest();
      if (pack.isEmpty() && !portion.ingredient().buying().packs().isEmpty()) {
        return Optional.empty();
      }
      sum += portion.bought().kilograms() * pack.map(Pack::pricePerKilogram).orElse(0.0);
    }
    return Optional.of(BigDecimal.valueOf(sum).setScale(4, RoundingMode.HALF_UP));
  }

  private static Working madeWorking(Ribbon ribbon, MassFraction start) {
    PotContents end = ribbon.end();
    return new Working(
        "made",
        "All that goes in, less the water and alcohol that leave it.",
        "m = m_in − m_gone",
        List.of(
            new Term(
                "everything that goes in",
                "m_in",
                ribbon.steps().stream().mapToDouble(step -> step.added().kilograms()).sum(),
                "kg"),
            new Term("water and alcohol gone", "m_gone", ribbon.gone().kilograms(), "kg"),
            new Term("what comes out", "m", end.total().kilograms(), "kg"),
            new Term("solids when all is in", "s₀", start.percent(), "%"),
            new Term("solids of what comes out", "s", end.equivalentSolids().percent(), "%")),
        List.of(
            "Each stage before the simmer dries its lines by the share that the formula says",
            "Pieces are left out of the solids; their juice and melted fat count to the sauce"),
        List.of("Conservation of mass", "Food composition tables (to be checked)"),
        Confidence.PUBLISHED);
  }

  private static Working saltWorking(List<Portion> portions, PotContents made) {
    List<Term> terms = new ArrayList<>();
    portions.stream()
        .filter(portion -> saltInTheSauce(portion) > 1e-5)
        .forEach(
            portion ->
                terms.add(
                    new Term(
                        portion.ingredient().name(), "m_s", saltInTheSauce(portion) * 1000, "g")));
    terms.add(new Term("sauce that comes out", "m", sauce(portions, made).kilograms(), "kg"));
    return new Working(
        "salt",
        "Salt that every ingredient brings to the sauce: none of it boils off. Of steaks, shells"
            + " and thighs, which are served apart, only their juice counts.",
        "w = Σ m_s / m",
        terms,
        List.of(
            "Salt is sodium over 393 mg/g",
            "Cans, cheese and cured goods differ by 30 % and more between makers"),
        List.of("Food composition tables (to be checked)"),
        Confidence.PUBLISHED);
  }
}
