package urnstew.app.pantry;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import urnstew.core.pantry.Allergen;
import urnstew.core.pantry.Care;
import urnstew.core.pantry.HouseholdWeights;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.IngredientKind;
import urnstew.core.pantry.Pack;
import urnstew.core.pantry.Trait;

/**
 * An ingredient as the pantry shows it.
 *
 * @param id key
 * @param own whether the kitchen wrote or changed it
 * @param retired whether it is put away
 * @param version of the kitchen's own row; 0 where it is as shipped
 * @param pricedOn day of the kitchen's prices; absent where they are the shipped, invented ones
 * @param content what it consists of and how it is bought
 * @param solidsFraction non-fat solids of its fat-free part
 * @param acidsAsCitricFraction all acids as citric
 * @param glutamateFraction free glutamate
 * @param nucleotidesFraction IMP and GMP
 * @param rangeFraction how far real goods lie from it
 * @param saltRangeFraction the same for salt
 * @param notes what is odd about its row
 * @param asks allergens that its kind carries or not: its label must be read
 * @param unknown what is not known of its label; empty where all is
 * @param householdKilograms what one of a household measure weighs: small, clove, stick, piece
 * @param care receiving check and caution
 */
public record IngredientView(
    String id,
    boolean own,
    boolean retired,
    int version,
    @Nullable LocalDate pricedOn,
    Content content,
    double solidsFraction,
    double acidsAsCitricFraction,
    double glutamateFraction,
    double nucleotidesFraction,
    double rangeFraction,
    double saltRangeFraction,
    List<String> notes,
    Set<Allergen> asks,
    String unknown,
    Map<String, Double> householdKilograms,
    CareView care) {

  /** What a cook may write about an ingredient. Shares are of its edible weight. */
  public record Content(
      @NotNull String name,
      @NotNull IngredientKind kind,
      double waterFraction,
      double alcoholFraction,
      double proteinFraction,
      double fatFraction,
      double carbohydrateFraction,
      double fibreFraction,
      double saltFraction,
      double sugarsFraction,
      @Nullable Double spoonDensityKilogramsPerCubicMeter,
      @Nullable String pieceName,
      @Nullable Double pieceMassKilograms,
      double edibleFraction,
      double sulphitesMilligramsPerKilogram,
      @NotNull Set<Allergen> allergens,
      boolean labelRead,
      @NotNull Set<Trait> traits,
      @NotNull List<String> alsoCalled,
      @NotNull List<@Valid PackView> packs,
      @NotNull String source) {
    static Content of(Ingredient of) {
      var made = of.perKilogram();
      return new Content(
          of.name(),
          of.kind(),
          made.waterKilograms(),
          made.ethanolKilograms(),
          made.proteinKilograms(),
          made.fatKilograms(),
          made.carbohydrateKilograms() + made.fibreKilograms(),
          made.fibreKilograms(),
          of.salt().value(),
          of.taste().sugarsKilograms(),
          of.measuring().spoonDensity().map(d -> d.kilogramsPerCubicMeter()).orElse(null),
          of.measuring().piece().map(piece -> piece.name()).orElse(null),
          of.measuring().piece().map(piece -> piece.mass().kilograms()).orElse(null),
          of.buying().edibleShare(),
          of.labelling().sulphitesMilligramsPerKilogram(),
          of.labelling().allergens(),
          of.labelling().unknown().isEmpty() && of.labelling().asks().isEmpty(),
          of.labelling().traits(),
          of.measuring().alsoCalled(),
          of.buying().packs().stream().map(PackView::of).toList(),
          of.provenance().source());
    }
  }

  /** A size in which it is bought. */
  public record PackView(
      @NotNull String name, double netMassKilograms, boolean loose, @Nullable BigDecimal price) {
    static PackView of(Pack pack) {
      return new PackView(
          pack.name(), pack.net().kilograms(), pack.loose(), pack.price().orElse(null));
    }
  }

  /** Receiving check, caution, and how long an opened pack keeps. */
  public record CareView(String check, String caution, @Nullable Integer openedDays) {
    static CareView of(Care care) {
      return new CareView(care.check(), care.caution(), care.openedDays().orElse(null));
    }
  }

  static IngredientView of(
      Ingredient of, boolean own, boolean retired, int version, @Nullable LocalDate pricedOn) {
    return new IngredientView(
        of.id(),
        own,
        retired,
        version,
        pricedOn,
        Content.of(of),
        of.perKilogram().solidsFraction().value(),
        of.taste().acidsAsCitricKilograms(),
        of.taste().glutamateKilograms(),
        of.taste().nucleotidesKilograms(),
        of.provenance().rangeShare(),
        of.provenance().saltRangeShare(),
        of.provenance().notes(),
        of.labelling().asks(),
        of.labelling().unknown(),
        household(of),
        CareView.of(Care.of(of)));
  }

  private static Map<String, Double> household(Ingredient of) {
    return HouseholdWeights.shipped().of(of).entrySet().stream()
        .collect(
            Collectors.toMap(
                Map.Entry::getKey,
                each -> each.getValue().kilograms(),
                (one, other) -> one,
                TreeMap::new));
  }
}
