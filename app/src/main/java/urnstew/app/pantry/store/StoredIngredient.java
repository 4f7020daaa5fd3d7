package urnstew.app.pantry.store;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import urnstew.app.platform.store.StoredUnits;

/** Something that goes into a sauce, as it was when it was written. */
public record StoredIngredient(
    String id,
    String name,
    String kind,
    StoredComposition perKilogram,
    StoredUnits.MassFraction salt,
    Taste taste,
    Measuring measuring,
    String thickener,
    @Nullable PieceYield pieces,
    Buying buying,
    Labelling labelling,
    Provenance provenance) {
  /** What makes one kilogram sweet, sour and savoury. */
  public record Taste(
      double sugarsKilograms,
      double potassiumKilograms,
      double citricKilograms,
      double malicKilograms,
      double aceticKilograms,
      double lacticKilograms,
      double glutamateKilograms,
      double impKilograms,
      double gmpKilograms) {}

  /** How it is named and measured. */
  public record Measuring(
      StoredUnits.@Nullable Density spoonDensity, @Nullable Piece piece, List<String> alsoCalled) {}

  /** One natural piece. */
  public record Piece(String name, StoredUnits.Mass mass) {}

  /** What pieces give to the sauce. */
  public record PieceYield(double juiceShare, double fatShare, double releaseSeconds) {}

  /** How it comes into the kitchen. */
  public record Buying(double edibleShare, List<Pack> packs) {}

  /** A pack, or so much loose. */
  public record Pack(
      String name, StoredUnits.Mass net, boolean loose, @Nullable BigDecimal price) {}

  /** What an eater may have to know. */
  public record Labelling(
      List<String> allergens,
      List<String> asks,
      List<String> traits,
      double sulphitesMilligramsPerKilogram,
      String unknown,
      List<String> madeOf) {}

  /** Where the figures come from. */
  public record Provenance(
      String source, double rangeShare, double saltRangeShare, List<String> notes) {}
}
