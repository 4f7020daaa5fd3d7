package urnstew.app.serving;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Vessel;
import urnstew.core.serving.Beside;
import urnstew.core.serving.Beside.Goods;
import urnstew.core.serving.Dressing;
import urnstew.core.serving.SauceBefore;
import urnstew.core.serving.part.OvenNeighbour;
import urnstew.core.serving.pasta.PanFinish;
import urnstew.core.serving.pasta.PastaAtStove;
import urnstew.core.serving.pasta.PickUpPasta;
import urnstew.core.serving.piece.Cooking;
import urnstew.core.serving.piece.Cut;
import urnstew.core.serving.piece.DropList;
import urnstew.core.serving.piece.Probed;
import urnstew.core.serving.tray.TrayAdvice;
import urnstew.core.serving.tray.TrayBake;
import urnstew.core.serving.tray.TrayBuild;
import urnstew.core.serving.tray.TrayLayer;
import urnstew.core.serving.tray.TrayMoisture;

/**
 * What goes with a dish, computed.
 *
 * @param beside what is taken for it
 * @param warnings where it is meant for eaters who must not have it
 */
public record ServedBeside(
    Beside beside,
    List<String> warnings,
    Optional<PastaServed> pasta,
    Optional<PieceServed> piece,
    Optional<TrayServed> tray,
    Optional<GoodsServed> goods) {

  static ServedBeside of(Beside beside, List<String> warnings, PastaServed pasta) {
    return new ServedBeside(
        beside, warnings, Optional.of(pasta), Optional.empty(), Optional.empty(), Optional.empty());
  }

  static ServedBeside of(Beside beside, List<String> warnings, PieceServed piece) {
    return new ServedBeside(
        beside, warnings, Optional.empty(), Optional.of(piece), Optional.empty(), Optional.empty());
  }

  static ServedBeside of(Beside beside, List<String> warnings, TrayServed tray) {
    return new ServedBeside(
        beside, warnings, Optional.empty(), Optional.empty(), Optional.of(tray), Optional.empty());
  }

  static ServedBeside of(Beside beside, List<String> warnings, GoodsServed goods) {
    return new ServedBeside(
        beside, warnings, Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(goods));
  }

  /** With more to say. */
  ServedBeside warning(List<String> more) {
    List<String> all = Stream.concat(warnings.stream(), more.stream()).toList();
    return new ServedBeside(beside, all, pasta, piece, tray, goods);
  }

  /** Juice that its pieces likely give to the sauce, kg; none where they cook elsewhere. */
  public double juiceKilograms() {
    return piece
        .filter(PieceServed::inSauce)
        .map(one -> one.cut().juice().likelyShare() * beside.raw().kilograms())
        .orElse(0.0);
  }

  /** How its sauce would have to be for its trays; empty where they are right. */
  public Optional<SauceBefore> sauceForTrays() {
    return tray.filter(one -> one.advice().verdict() != TrayAdvice.Verdict.RIGHT)
        .map(one -> SauceBefore.tray(one.sauce(), one.moisture().surplusKilograms()));
  }

  /**
   * What goes into the sauce of a dish, in the vessel in which it lies.
   *
   * @param list empty where there is none
   * @param fault why there is none; empty where there is one
   */
  public record Drops(Optional<DropList> list, Vessel vessel, String fault) {}

  /**
   * Pasta at the stove.
   *
   * @param stove with what a probe in the water told
   * @param reckoned without it
   * @param byPickUp where plates go out one after the other
   * @param finish the ladle for the pan; empty where it is not tossed
   */
  public record PastaServed(
      PastaAtStove stove,
      PastaAtStove reckoned,
      Vessel pot,
      HeatSource burner,
      Dressing dressing,
      PickUpPasta byPickUp,
      Optional<PanFinish> finish) {}

  /**
   * Pieces in their heat.
   *
   * @param rule what the code asks for; empty where this heat never meets it
   */
  public record PieceServed(
      Cooking cooking,
      Probed probed,
      Optional<Cooking.RuleCore> rule,
      String ruleSetName,
      int count,
      boolean inSauce) {
    public Cut cut() {
      return cooking.piece().cut();
    }
  }

  /**
   * A tray, its water and its hour.
   *
   * @param sauce of the dish in one of them
   */
  public record TrayServed(
      TrayLayer sauce,
      TrayBuild build,
      TrayMoisture moisture,
      TrayAdvice advice,
      TrayBake bake,
      int trays) {}

  /**
   * Goods as they are.
   *
   * @param overSauce whether they are eaten in it, as cheese is
   * @param inOven how they go into an oven; empty where they stay as they are
   */
  public record GoodsServed(Goods goods, boolean overSauce, Optional<OvenNeighbour> inOven) {
    /** What one of so many gets. */
    public Goods each(int covers) {
      return new Goods(goods.ingredient(), goods.mass().times(1.0 / covers));
    }
  }
}
