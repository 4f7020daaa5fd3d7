package urnstew.core.formula;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import urnstew.core.consistency.Thickener;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.Allergen;
import urnstew.core.pantry.Buying;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Ingredient.PieceYield;
import urnstew.core.pantry.IngredientKind;
import urnstew.core.pantry.Labelling;
import urnstew.core.pantry.Measuring;
import urnstew.core.pantry.Piece;
import urnstew.core.pantry.Provenance;
import urnstew.core.pantry.TasteContent;
import urnstew.core.pantry.Trait;
import urnstew.core.sauce.Pieces;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.core.thermo.ThermalProperties;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/**
 * Something that a formula makes and another takes: sauce, dough, balls, butter.
 *
 * <p>What stays in pieces goes on as pieces with what they have yet to give; what is pieces for the
 * most part, such as balls and fried slices, is pieces altogether, and what would thicken is shut
 * in.
 *
 * @param formula at the size that comes to it
 * @param contents what comes to the pot
 */
public record MadePart(ResolvedFormula formula, PotContents contents) {
  private static final double PIECES_ALTOGETHER = 0.5;
  private static final Temperature ROOM = Temperature.ofCelsius(20);

  /** By its stages and its own target, at the size that the formula has. */
  public static MadePart of(ResolvedFormula formula) {
    PotContents out = Ribbon.of(formula, formula.formula().target()).end();
    double pieces = out.pieces().whole().total().kilograms();
    return new MadePart(
        formula, pieces < PIECES_ALTOGETHER * out.total().kilograms() ? out : altogether(out));
  }

  private static PotContents altogether(PotContents out) {
    Pieces some = out.pieces();
    return new PotContents(
        Composition.NOTHING,
        0,
        new Pieces(
            out.everything(), some.juiceKilograms(), some.fatKilograms(), some.releaseSeconds()));
  }

  /**
   * Something that was made before and is kept: it is taken as it stands.
   *
   * @param formula of which it is
   */
  public static MadePart kept(Formula formula, PotContents contents) {
    return new MadePart(new ResolvedFormula(formula.with(List.of()), List.of()), contents);
  }

  /** The same from a tub: pieces stay pieces, what thickens thickens, the rest is as it is kept. */
  MadePart keptAs(Ingredient tub) {
    return kept(
        formula.formula(),
        isPieces()
            ? contents
            : new PotContents(
                tub.perKilogram().times(mass().kilograms()),
                contents.thickeningKilograms(),
                Pieces.NONE));
  }

  /** Whether its formula is made for this; else it is there already. */
  public boolean isMadeNow() {
    return !formula.portions().isEmpty();
  }

  /** Whether it is pieces for the most part, such as balls: they stay apart from the sauce. */
  boolean isPieces() {
    double pieces = contents.pieces().whole().total().kilograms();
    return pieces > PIECES_ALTOGETHER * mass().kilograms();
  }

  /** So many times as much. */
  public MadePart times(double factor) {
    return new MadePart(formula.times(factor), contents.times(factor));
  }

  /** What comes out of it. */
  public Mass mass() {
    return contents.total();
  }

  /**
   * One kilogram of it as an ingredient: what went in stays in while water leaves, so that salt,
   * sugars, acids and glutamate are those of all goods over the mass that came out.
   */
  public Ingredient ingredient() {
    double out = mass().kilograms();
    double salt = 0;
    TasteContent taste = TasteContent.NOTHING;
    for (Portion portion : formula.portions()) {
      double share = portion.mass().kilograms() / out;
      salt += share * portion.ingredient().salt().value();
      taste = taste.plus(portion.ingredient().taste().times(share));
    }
    Pieces pieces = contents.pieces();
    boolean whole = isPieces();
    return new Ingredient(
        Larder.key(formula.formula().id()),
        formula.formula().name(),
        kind(),
        contents.everything().times(1 / out),
        new MassFraction(Math.min(1, salt)),
        taste,
        measuring(whole),
        Thickener.NONE,
        whole ? Optional.of(PieceYield.of(pieces)) : Optional.empty(),
        new Buying(1, List.of()),
        labelling(out),
        provenance());
  }

  /** By its own piece; else by makings, of all that the formula makes at its own size. */
  private Measuring measuring(boolean whole) {
    Mass making = mass().times(1 / formula.scaleFactor());
    return new Measuring(
        whole
            ? Optional.empty()
            : Optional.of(ThermalProperties.density(contents.everything(), ROOM)),
        formula.formula().piece().or(() -> Optional.of(new Piece("making", making))),
        List.of());
  }

  /** Sauces stand with tomatoes; anything else with what it has most of. */
  private IngredientKind kind() {
    if (formula.formula().family() != Family.PART) {
      return IngredientKind.TOMATO;
    }
    Map<IngredientKind, Double> kilograms = new EnumMap<>(IngredientKind.class);
    for (Portion one : formula.goods()) {
      kilograms.merge(one.ingredient().kind(), one.mass().kilograms(), Double::sum);
    }
    return kilograms.entrySet().stream()
        .max(Comparator.comparingDouble(Map.Entry::getValue))
        .map(Map.Entry::getKey)
        .orElse(IngredientKind.OTHER);
  }

  /** Of all goods in it, and what of it nobody has read. */
  private Labelling labelling(double out) {
    Set<Allergen> allergens = EnumSet.noneOf(Allergen.class);
    Set<Allergen> asks = EnumSet.noneOf(Allergen.class);
    Set<Trait> traits = EnumSet.noneOf(Trait.class);
    Set<String> unknown = new LinkedHashSet<>(Declaration.unread(formula.formula()));
    double sulphites = 0;
    for (Portion portion : formula.portions()) {
      Labelling one = portion.ingredient().labelling();
      allergens.addAll(one.allergens());
      asks.addAll(one.asks());
      traits.addAll(one.traits());
      sulphites += one.sulphitesMilligramsPerKilogram() * portion.mass().kilograms() / out;
      if (!one.unknown().isEmpty()) {
        unknown.add(portion.ingredient().name() + ": " + one.unknown());
      }
    }
    return new Labelling(
        allergens, asks, traits, sulphites, String.join("; ", unknown), formula.goodsIds());
  }

  private Provenance provenance() {
    double salt = FormulaAnalysis.saltRange(formula.portions());
    double range =
        formula.goods().stream()
            .mapToDouble(one -> one.mass().kilograms() * one.ingredient().provenance().rangeShare())
            .sum();
    double all = formula.goods().stream().mapToDouble(one -> one.mass().kilograms()).sum();
    return new Provenance("made here, by its formula", all == 0 ? 0 : range / all, salt, List.of());
  }
}
