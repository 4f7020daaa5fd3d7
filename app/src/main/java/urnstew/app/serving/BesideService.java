package urnstew.app.serving;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import urnstew.app.serving.BesideSheet.GoodsSheet;
import urnstew.app.serving.BesideSheet.PastaSheet;
import urnstew.app.serving.BesideSheet.PiecesSheet;
import urnstew.app.serving.BesideSheet.TraySheet;
import urnstew.app.serving.ServedBeside.Drops;
import urnstew.app.serving.ServedBeside.GoodsServed;
import urnstew.app.serving.ServedBeside.PieceServed;
import urnstew.core.formula.Split.Group;
import urnstew.core.kitchen.Vessel;
import urnstew.core.serving.Beside;
import urnstew.core.serving.Beside.Goods;
import urnstew.core.serving.part.OvenNeighbour;
import urnstew.core.sizing.Dish;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.Require;

/** Computes what goes with a dish. */
@Service
public class BesideService {
  private static final double MOST_GOODS_KILOGRAMS = 1;

  private final PastaBesides pastas;
  private final PieceBesides pieces;
  private final TrayBesides trays;
  private final OnHand onHand;

  BesideService(PastaBesides pastas, PieceBesides pieces, TrayBesides trays, OnHand onHand) {
    this.pastas = pastas;
    this.pieces = pieces;
    this.trays = trays;
    this.onHand = onHand;
  }

  /**
   * Everything that goes with one dish.
   *
   * @param field of the dish in the request, with a dot at its end
   * @param inUse pots and burners that others of the meal have; more of them afterwards
   */
  public List<ServedBeside> all(
      String field, List<BesideSheet> sheets, Dish dish, List<Group> groups, InUse inUse) {
    List<ServedBeside> all = new ArrayList<>();
    for (int place = 0; place < sheets.size(); place++) {
      all.add(one(field + "besides." + place + ".", sheets.get(place), dish, groups, inUse));
    }
    return all.stream().map(one -> one.warning(apart(one, all, dish, groups))).toList();
  }

  /** What is eaten instead of something else is cooked apart from it, with its sauce. */
  private static List<String> apart(
      ServedBeside one, List<ServedBeside> all, Dish dish, List<Group> groups) {
    int eaters = (int) dish.need().covers();
    return all.stream()
        .flatMap(
            other ->
                one.beside().insteadOf(other.beside(), groups, eaters).stream()
                    .map(
                        who ->
                            "Cook it, and their sauce, apart from "
                                + other.beside().name()
                                + ": it is for those who eat "
                                + who
                                + "."))
        .toList();
  }

  private ServedBeside one(
      String field, BesideSheet sheet, Dish dish, List<Group> groups, InUse inUse) {
    PastaSheet pasta = sheet.pasta();
    PiecesSheet piece = sheet.piece();
    TraySheet tray = sheet.tray();
    GoodsSheet goods = sheet.goods();
    int eaters = (int) dish.need().covers();
    if (sheet.covers() < 1 || sheet.covers() > eaters) {
      throw new InvalidInput(
          field + "covers",
          "too-large",
          sheet.covers() + " get it, but " + eaters + " eat of the dish.",
          "1 to " + eaters,
          "Type how many of them get it, or raise the covers of the dish.");
    }
    if (pasta != null) {
      return within(field, "pasta.", () -> pastas.of(pasta, sheet.covers(), dish, groups, inUse));
    }
    if (piece != null) {
      return within(field, "piece.", () -> pieces.of(piece, sheet.covers(), groups, eaters));
    }
    if (tray != null) {
      return within(field, "tray.", () -> trays.of(tray, sheet.covers(), dish, groups));
    }
    if (goods != null) {
      return within(field, "goods.", () -> goods(goods, sheet.covers(), groups, eaters));
    }
    throw new InvalidInput(
        field + "pasta",
        "missing",
        "It says nothing of what goes with the dish.",
        "pasta, pieces, a tray or goods",
        "Choose what goes with it.");
  }

  /** Names the field that a fault of the core belongs to. */
  private static <T> T within(String field, String kind, Supplier<T> value) {
    try {
      return value.get();
    } catch (InvalidInput fault) {
      throw fault.named(field + BesideFields.of(kind, fault.parameter()));
    }
  }

  private ServedBeside goods(GoodsSheet sheet, int covers, List<Group> groups, int eaters) {
    double each =
        Require.within(
            "massEachKilograms", sheet.massEachKilograms(), 0.0005, MOST_GOODS_KILOGRAMS, "kg");
    Goods goods = new Goods(onHand.ingredient(sheet.ingredientId()), new Mass(each * covers));
    Beside beside = Beside.of(goods.ingredient().name(), List.of(goods), covers);
    return ServedBeside.of(
        beside,
        beside.warnings(groups, eaters),
        new GoodsServed(
            goods,
            sheet.overSauce(),
            Optional.ofNullable(sheet.neighbourId()).map(OvenNeighbour::of)));
  }

  /** Everything that cooks in the sauce of a dish, all done together; empty where nothing does. */
  public Optional<Drops> drops(
      Dish dish, List<ServedBeside> besides, List<Group> groups, Optional<Vessel> pot) {
    List<PieceServed> inSauce =
        besides.stream()
            .filter(one -> apart(one, besides, dish, groups).isEmpty())
            .flatMap(one -> one.piece().stream())
            .filter(PieceServed::inSauce)
            .toList();
    return inSauce.isEmpty() ? Optional.empty() : Optional.of(pieces.drops(dish, inSauce, pot));
  }
}
