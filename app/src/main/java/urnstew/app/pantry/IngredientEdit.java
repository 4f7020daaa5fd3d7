package urnstew.app.pantry;

import static urnstew.app.platform.Fields.at;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import urnstew.app.pantry.IngredientView.Content;
import urnstew.app.pantry.IngredientView.PackView;
import urnstew.core.consistency.Thickener;
import urnstew.core.pantry.Buying;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Labelling;
import urnstew.core.pantry.Measuring;
import urnstew.core.pantry.Pack;
import urnstew.core.pantry.Piece;
import urnstew.core.pantry.Provenance;
import urnstew.core.pantry.TasteContent;
import urnstew.core.thermo.Composition;
import urnstew.units.Density;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;

/** Makes an ingredient of what a cook wrote; what cannot be written is kept from before. */
record IngredientEdit(String id, Content content, @Nullable Ingredient before) {
  /** What a cook's own composition may be off by (assumption). */
  private static final double OWN_RANGE = 0.15;

  /** Dissolved part of the solids where nothing is known (assumption). */
  private static final double SOLUBLE_SHARE = 0.6;

  Ingredient ingredient() {
    if (content.name().isBlank() || content.name().length() > 80) {
      throw new InvalidInput(
          "name", "length", "A name has 1 to 80 letters.", "1 to 80 letters", "Type a name.");
    }
    requireShares();
    Composition made = composition();
    return new Ingredient(
        id,
        content.name().strip(),
        content.kind(),
        made,
        at("saltFraction", () -> new MassFraction(content.saltFraction())),
        taste(),
        measuring(),
        before == null ? Thickener.NONE : before.thickener(),
        before == null ? Optional.empty() : before.pieces(),
        new Buying(
            Require.within("edibleFraction", content.edibleFraction(), 0.01, 1, ""), packs()),
        labelling(),
        provenance());
  }

  /** That there is not too much of anything is seen where they are added up. */
  private void requireShares() {
    Require.notNegative("waterFraction", content.waterFraction(), "");
    Require.notNegative("alcoholFraction", content.alcoholFraction(), "");
    Require.notNegative("proteinFraction", content.proteinFraction(), "");
    Require.notNegative("fatFraction", content.fatFraction(), "");
    Require.notNegative("carbohydrateFraction", content.carbohydrateFraction(), "");
    Require.notNegative("fibreFraction", content.fibreFraction(), "");
    at("sugarsFraction", () -> new MassFraction(content.sugarsFraction()));
    Require.notNegative(
        "sulphitesMilligramsPerKilogram", content.sulphitesMilligramsPerKilogram(), "mg/kg");
  }

  /** Once its label was read, what is not named on it is not in it. */
  private Labelling labelling() {
    boolean read = content.labelRead();
    return new Labelling(
        content.allergens(),
        read || before == null ? Set.of() : before.labelling().asks(),
        content.traits(),
        content.sulphitesMilligramsPerKilogram(),
        read || isKnown(before) ? "" : "its label is not read",
        Set.of());
  }

  private static boolean isKnown(@Nullable Ingredient before) {
    return before != null && before.labelling().unknown().isEmpty();
  }

  private Composition composition() {
    double fibre = content.fibreFraction();
    double carbohydrate = Math.max(0, content.carbohydrateFraction() - fibre);
    double known =
        content.waterFraction()
            + content.alcoholFraction()
            + content.proteinFraction()
            + content.fatFraction()
            + carbohydrate
            + fibre;
    if (known > 1.02 || known < 0.05) {
      throw new InvalidInput(
          "waterFraction",
          "does-not-add-up",
          String.format(
              Locale.ROOT,
              "Water, alcohol, protein, fat and carbohydrate add up to %.0f g in 100 g.",
              known * 100),
          "5 to 102 g in 100 g; the rest is minerals",
          "Look at the label again; carbohydrate counts fibre and sugars.");
    }
    double ash = Math.max(0, 1 - known);
    double solids = content.proteinFraction() + carbohydrate + fibre + ash;
    Composition raw =
        new Composition(
            content.waterFraction(),
            content.alcoholFraction(),
            content.proteinFraction(),
            content.fatFraction(),
            carbohydrate,
            fibre,
            ash,
            solids * solubleShare());
    return raw.times(1 / raw.total().kilograms());
  }

  private double solubleShare() {
    if (before == null) {
      return SOLUBLE_SHARE;
    }
    double solids = before.perKilogram().solids().kilograms();
    return solids == 0 ? 0 : before.perKilogram().solubleKilograms() / solids;
  }

  private TasteContent taste() {
    TasteContent was = before == null ? TasteContent.NOTHING : before.taste();
    return new TasteContent(
        content.sugarsFraction(),
        was.potassiumKilograms(),
        was.citricKilograms(),
        was.malicKilograms(),
        was.aceticKilograms(),
        was.lacticKilograms(),
        was.glutamateKilograms(),
        was.impKilograms(),
        was.gmpKilograms());
  }

  private Measuring measuring() {
    Double density = content.spoonDensityKilogramsPerCubicMeter();
    String piece = content.pieceName();
    Double pieceMass = content.pieceMassKilograms();
    return new Measuring(
        Optional.ofNullable(density)
            .map(value -> at("spoonDensityKilogramsPerCubicMeter", () -> new Density(value))),
        piece == null || pieceMass == null
            ? Optional.empty()
            : Optional.of(at("pieceMassKilograms", () -> new Piece(piece, new Mass(pieceMass)))),
        content.alsoCalled());
  }

  private List<Pack> packs() {
    return IntStream.range(0, content.packs().size())
        .mapToObj(place -> pack(place, content.packs().get(place)))
        .toList();
  }

  private static Pack pack(int place, PackView pack) {
    try {
      return new Pack(
          pack.name(),
          new Mass(pack.netMassKilograms()),
          pack.loose(),
          Optional.ofNullable(pack.price()));
    } catch (InvalidInput fault) {
      String field = fault.parameter().equals("price") ? "price" : "netMassKilograms";
      throw fault.named("packs." + place + "." + field);
    }
  }

  private Provenance provenance() {
    return new Provenance(
        content.source().isBlank() ? "written by the kitchen" : content.source(),
        before == null ? OWN_RANGE : before.provenance().rangeShare(),
        before == null ? OWN_RANGE : before.provenance().saltRangeShare(),
        List.of());
  }
}
