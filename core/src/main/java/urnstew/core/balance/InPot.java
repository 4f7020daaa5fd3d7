package urnstew.core.balance;

import java.util.ArrayList;
import java.util.List;
import urnstew.core.acidity.Solutes;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.StageRole;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.TasteContent;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * What is in a pot, by what went in: nothing but water and alcohol ever leaves a part.
 *
 * @param parts what went in, raw
 * @param contents what they have become
 * @param unknownIons strong ions that a measured pH told of, beside those of the parts
 */
public record InPot(List<Part> parts, PotContents contents, Solutes unknownIons) {
  /** An empty pot. */
  public static final InPot NOTHING = new InPot(List.of(), PotContents.NOTHING, Solutes.NOTHING);

  public InPot {
    parts = List.copyOf(parts);
  }

  /**
   * An ingredient in the pot.
   *
   * @param ingredient what
   * @param mass raw
   * @param taste of a kilogram
   * @param solutes of a kilogram
   */
  public record Part(Ingredient ingredient, Mass mass, TasteContent taste, Solutes solutes) {
    /** A part of the pot: so much of an ingredient of the pantry. */
    public static Part of(Ingredient ingredient, Mass mass) {
      return new Part(ingredient, mass, ingredient.taste(), AcidTraits.perKilogram(ingredient));
    }

    /** So many times as much of it. */
    public Part times(double factor) {
      return of(mass.times(factor));
    }

    /**
     * What of it is in the sauce: of pieces that are served apart only the juice that they give.
     */
    public Part inTheSauce() {
      return times(1 - ingredient.servedApartShare());
    }

    /** What it leaves in the sauce when it is lifted out: the juice that it gave. */
    public Part juice() {
      double share = ingredient.pieces().map(Ingredient.PieceYield::juiceShare).orElse(1.0);
      return new Part(ingredient.asJuice(), mass.times(share), taste, solutes);
    }

    /** What is lifted out of the sauce: all but the juice that it gave. */
    public Part pieces() {
      double juice = ingredient.pieces().map(Ingredient.PieceYield::juiceShare).orElse(1.0);
      return times(1 - juice);
    }

    private Composition apart() {
      return ingredient.servedApart(mass);
    }

    Part of(Mass other) {
      return new Part(ingredient, other, taste, solutes);
    }

    double salt() {
      return ingredient.salt().value() * mass.kilograms();
    }

    double saltRange() {
      return salt() * ingredient.provenance().saltRangeShare();
    }
  }

  /** Portions that have become something. */
  public static InPot of(List<Portion> portions, PotContents contents) {
    List<Part> parts = portions.stream().map(p -> Part.of(p.ingredient(), p.mass())).toList();
    return new InPot(parts, contents, Solutes.NOTHING);
  }

  /** A formula with everything in but its finish and what is held back for the tasting. */
  public static InPot beforeTheFinish(ResolvedFormula formula) {
    List<Part> parts =
        formula.portions().stream()
            .filter(p -> p.role() != StageRole.FINISH)
            .map(p -> part(formula, p).times(p.firstDose().value()))
            .toList();
    PotContents all = formula.beforeTheFinish().without(formula.discarded());
    return new InPot(parts, all, Solutes.NOTHING).ofTheSauce();
  }

  /** Of what is taken out again and thrown away only the juice that it gives. */
  private static Part part(ResolvedFormula formula, Portion portion) {
    Part all = Part.of(portion.ingredient(), portion.mass());
    return formula.isDiscarded(portion) ? all.juice() : all;
  }

  /**
   * The sauce of it: steaks, shells and thighs are served apart, and what is said of salt, acid and
   * portions is the sauce's.
   */
  public InPot ofTheSauce() {
    Composition apart =
        parts.stream().map(Part::apart).reduce(Composition.NOTHING, Composition::plus);
    return new InPot(
        parts.stream().map(Part::inTheSauce).toList(), contents.without(apart), unknownIons);
  }

  /** A kilogram of one ingredient. */
  public static InPot kilogramOf(Ingredient ingredient) {
    return NOTHING.plus(Part.of(ingredient, new Mass(1)));
  }

  /** With something more in it. */
  public InPot plus(Part part) {
    List<Part> more = new ArrayList<>(parts);
    more.add(part);
    return new InPot(more, contents.plus(part.ingredient().contents(part.mass())), unknownIons);
  }

  /** With another pot poured in. */
  public InPot plus(InPot other) {
    List<Part> more = new ArrayList<>(parts);
    more.addAll(other.parts);
    return new InPot(more, contents.plus(other.contents), unknownIons.plus(other.unknownIons));
  }

  /** So many times as much, or what is left when some is ladled out. */
  public InPot times(double factor) {
    return new InPot(
        parts.stream().map(part -> part.times(factor)).toList(),
        contents.times(factor),
        unknownIons.times(factor));
  }

  /** Of the same parts, after or before water left. */
  public InPot asContents(PotContents other) {
    return new InPot(parts, other, unknownIons);
  }

  /** After pieces gave what they give, boiled down to a thickness if it is thinner than that. */
  public InPot reducedTo(MassFraction equivalentSolids) {
    PotContents cooked = contents.cooked();
    return asContents(
        equivalentSolids.compareTo(cooked.equivalentSolids()) > 0
            ? cooked.reducedTo(equivalentSolids)
            : cooked);
  }

  public Mass mass() {
    return contents.total();
  }

  /** Salt in it, kg: sodium over 393 mg/g. */
  public double saltKilograms() {
    return parts.stream().mapToDouble(Part::salt).sum();
  }

  /** How far its salt may lie from that, as cans, cheese and cured goods differ, kg. */
  public double saltRangeKilograms() {
    return parts.stream().mapToDouble(Part::saltRange).sum();
  }

  /** Sodium in it, kg. */
  public double sodiumKilograms() {
    return saltKilograms() * Ingredient.SODIUM_OF_SALT;
  }

  /** What makes it sweet, sour and savoury. */
  public TasteContent taste() {
    return parts.stream()
        .map(part -> part.taste().times(part.mass().kilograms()))
        .reduce(TasteContent.NOTHING, TasteContent::plus);
  }

  public double fatKilograms() {
    return contents.everything().fatKilograms();
  }

  /** Acids and ions that decide the acidity, in the water that is there now. */
  Solutes solutes() {
    return parts.stream()
        .map(part -> part.solutes().times(part.mass().kilograms()))
        .reduce(unknownIons, Solutes::plus)
        .in(contents.everything().waterKilograms());
  }
}
