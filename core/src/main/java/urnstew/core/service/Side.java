package urnstew.core.service;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Vessel;
import urnstew.core.serving.part.OvenNeighbour;
import urnstew.core.serving.pasta.PastaAtStove;
import urnstew.core.serving.pasta.PickUpPasta;
import urnstew.core.serving.piece.Cooking;
import urnstew.core.serving.tray.TrayBake;
import urnstew.core.serving.tray.TrayBuild;
import urnstew.units.Temperature;

/** What goes with the sauce of a dish and is work of its own. */
public sealed interface Side {
  /** What it is called. */
  String name();

  /**
   * Pasta in its water, and in the pan with the sauce.
   *
   * @param inWindow the same where plates go out by the pick-up
   * @param made its dough; without stages where it is bought
   */
  record Pasta(
      String name,
      PickUpPasta inWindow,
      int covers,
      Vessel pot,
      HeatSource burner,
      ResolvedFormula made)
      implements Side {
    /** Tossed, it loses its bite (common practice). */
    static final Duration WAITS = Duration.ofMinutes(4);

    PastaAtStove stove() {
      return inWindow.stove();
    }
  }

  /**
   * Trays, layered with the sauce.
   *
   * @param oven air that it bakes in
   * @param everybody whether nobody eats the sauce beside it
   * @param made what formulas make for it
   */
  record Tray(
      String name,
      TrayBuild build,
      TrayBake bake,
      int trays,
      Temperature oven,
      boolean everybody,
      ResolvedFormula made)
      implements Side {
    /** Cut, and still hot (common practice). */
    static final Duration WAITS = Duration.ofMinutes(30);
  }

  /**
   * Pieces in a heat of their own.
   *
   * @param rule what the code asks for; empty where this heat never meets it
   * @param made what has to be done before they are pieces: balls are mixed and shaped
   */
  record Pieces(
      String name,
      Cooking cooking,
      Optional<Cooking.RuleCore> rule,
      int count,
      ResolvedFormula made)
      implements Side {}

  /**
   * Something that goes into the oven as it is: bread, polenta slices.
   *
   * @param air of the oven that it goes into
   */
  record InOven(String name, OvenNeighbour how, Temperature air) implements Side {
    /** Warm and not yet hard (common practice). */
    static final Duration WAITS = Duration.ofMinutes(15);
  }

  /** Pieces that go into the sauce with others, and are made before. */
  record Made(String name, ResolvedFormula made) implements Side {}

  /** Several things that follow from one another are of one dish. */
  static List<Tray> trays(List<Side> sides) {
    return sides.stream().filter(Tray.class::isInstance).map(Tray.class::cast).toList();
  }
}
