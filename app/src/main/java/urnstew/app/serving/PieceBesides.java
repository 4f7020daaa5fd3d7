package urnstew.app.serving;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.rules.RuleService;
import urnstew.app.serving.BesideSheet.PiecesSheet;
import urnstew.app.serving.ServedBeside.Drops;
import urnstew.app.serving.ServedBeside.PieceServed;
import urnstew.core.formula.Split.Group;
import urnstew.core.kitchen.Vessel;
import urnstew.core.rules.RuleSet;
import urnstew.core.serving.Beside;
import urnstew.core.serving.Beside.Goods;
import urnstew.core.serving.piece.Cooking;
import urnstew.core.serving.piece.Cut;
import urnstew.core.serving.piece.DropKind;
import urnstew.core.serving.piece.DropList;
import urnstew.core.serving.piece.Medium;
import urnstew.core.serving.piece.Piece;
import urnstew.core.serving.piece.Probed;
import urnstew.core.serving.piece.SauceBath;
import urnstew.core.serving.piece.Spell;
import urnstew.core.sizing.Dish;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/** Pieces that go with a dish, in their heat and together in its sauce. */
@Component
class PieceBesides {
  /** What a simmering pot loses to the room, of what its burner gives (assumption). */
  private static final double LOST_SHARE = 0.1;

  private final FormulaShelf shelf;
  private final RuleService rules;
  private final OnHand onHand;

  PieceBesides(FormulaShelf shelf, RuleService rules, OnHand onHand) {
    this.shelf = shelf;
    this.rules = rules;
    this.onHand = onHand;
  }

  ServedBeside of(PiecesSheet sheet, int covers, List<Group> groups, int eaters) {
    Cut cut = Cut.of(sheet.cutId());
    Piece piece =
        new Piece(
            cut, new Length(sheet.thicknessMeters()), Temperature.ofCelsius(sheet.startCelsius()));
    if (!(sheet.piecesEach() > 0) || sheet.piecesEach() > 100) {
      throw new InvalidInput(
          "piecesEach",
          "out-of-range",
          sheet.piecesEach() + " pieces a head cannot be served.",
          "more than 0, up to 100",
          "Type how many pieces each gets, such as 1 or 0.5.");
    }
    int count = (int) Math.ceil(sheet.piecesEach() * covers - 1e-9);
    Mass raw = piece.mass().times(count);
    Beside beside =
        Optional.ofNullable(sheet.formulaId())
            .map(id -> Beside.ofFormula(shelf.resolved(id, List.of()), raw, covers))
            .orElseGet(
                () ->
                    Beside.of(
                        cut.name(),
                        List.of(new Goods(onHand.ingredient(cut.ingredientId()), raw)),
                        covers));
    Cooking cooking =
        Cooking.of(
            piece,
            sheet.before().stream()
                .map(one -> spell(one.medium(), one.mediumCelsius(), one.minutes()))
                .toList(),
            sheet.medium(),
            Temperature.ofCelsius(sheet.mediumCelsius()),
            Temperature.ofCelsius(sheet.coreCelsius()));
    Probed probed =
        Probed.of(
            cooking,
            sheet.readings().stream()
                .map(
                    one ->
                        new Probed.Reading(
                            minutes(one.minutes()), Temperature.ofCelsius(one.coreCelsius())))
                .toList());
    RuleSet inForce = rules.inForce();
    boolean inSauce = sheet.medium() == Medium.POACH || sheet.medium() == Medium.STEAM;
    return ServedBeside.of(
        beside,
        beside.warnings(groups, eaters),
        new PieceServed(cooking, probed, probed.rule(inForce), inForce.name(), count, inSauce));
  }

  private static Spell spell(Medium medium, double celsius, double minutes) {
    return new Spell(medium, Temperature.ofCelsius(celsius), minutes(minutes));
  }

  static Duration minutes(double minutes) {
    return Duration.ofMillis(Math.round(60_000 * minutes));
  }

  /** All of these in the sauce of a dish, done together. */
  Drops drops(Dish dish, List<PieceServed> inSauce, Optional<Vessel> pot) {
    Vessel vessel = pot.orElseGet(onHand::widest);
    double hottest =
        inSauce.stream().mapToDouble(one -> one.cooking().celsius().celsius()).max().orElseThrow();
    SauceBath bath =
        new SauceBath(
            dish.made(),
            Temperature.ofCelsius(hottest),
            onHand.strongest().powerIntoPot().times(1 - LOST_SHARE));
    try {
      DropList list =
          DropList.of(
              inSauce.stream().map(PieceBesides::kind).toList(),
              bath,
              vessel.shape().floor(),
              vessel.lid());
      return new Drops(Optional.of(list), vessel, "");
    } catch (InvalidInput fault) {
      // A meal is no worse for one vessel that is too small.
      return new Drops(Optional.empty(), vessel, fault.getMessage() + " " + fault.remedy());
    }
  }

  private static DropKind kind(PieceServed one) {
    Cooking cooking = one.cooking();
    return new DropKind(cooking.piece(), cooking.before(), one.count(), cooking.taste());
  }
}
