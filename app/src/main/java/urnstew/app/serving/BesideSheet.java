package urnstew.app.serving;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.core.serving.Dressing;
import urnstew.core.serving.piece.Medium;

/**
 * What goes with a dish; one of the four.
 *
 * @param covers how many of the dish's eaters get it
 */
public record BesideSheet(
    int covers,
    @Nullable @Valid PastaSheet pasta,
    @Nullable @Valid PiecesSheet piece,
    @Nullable @Valid TraySheet tray,
    @Nullable @Valid GoodsSheet goods) {

  /**
   * Pasta.
   *
   * @param formulaId that makes fresh pasta here; absent for goods
   * @param rawMassEachKilograms for a head, as it goes into the water
   * @param rawEachText the same as typed
   * @param vesselId pot for the water; absent for the one that fits
   * @param heatSourceId burner; absent for the strongest
   * @param waterReading what a probe in the water showed; absent while there is none
   */
  public record PastaSheet(
      @NotNull String shapeId,
      @Nullable String formulaId,
      double rawMassEachKilograms,
      @NotNull String rawEachText,
      double startCelsius,
      @NotNull Dressing dressing,
      @Nullable UUID vesselId,
      @Nullable UUID heatSourceId,
      double litersPerKilogram,
      double saltGramsPerLiter,
      double waterCelsius,
      @Nullable @Valid WaterReadingSheet waterReading) {}

  /** A probe in the water, so long after it was lit. */
  public record WaterReadingSheet(double minutes, double waterCelsius) {}

  /**
   * Pieces.
   *
   * @param formulaId that makes them; absent for goods
   * @param piecesEach for a head
   * @param thicknessMeters by ruler
   * @param before spells in another heat, in their order
   * @param medium in which they are finished
   * @param coreCelsius by taste
   * @param readings of a probe
   */
  public record PiecesSheet(
      @NotNull String cutId,
      @Nullable String formulaId,
      double piecesEach,
      double thicknessMeters,
      double startCelsius,
      @NotNull List<@Valid SpellSheet> before,
      @NotNull Medium medium,
      double mediumCelsius,
      double coreCelsius,
      @NotNull List<@Valid ReadingSheet> readings) {}

  /** A while in one heat. */
  public record SpellSheet(@NotNull Medium medium, double mediumCelsius, double minutes) {}

  /** A probe in the middle, so long after the first spell began. */
  public record ReadingSheet(double minutes, double coreCelsius) {}

  /**
   * The sauce of the dish in trays.
   *
   * @param vesselId tray of the kitchen; absent for one of the table
   * @param traySizeId one of the table; absent where a tray of the kitchen is named
   * @param trays how many
   * @param sheetsMassKilograms in each
   * @param layers of sheets
   * @param fillings in each, beside the sauce
   */
  public record TraySheet(
      @Nullable UUID vesselId,
      @Nullable String traySizeId,
      int trays,
      @NotNull String sheetId,
      double sheetsMassKilograms,
      int layers,
      @NotNull List<@Valid FillingSheet> fillings,
      double ovenCelsius,
      boolean fan,
      double coveredMinutes,
      double openMinutes,
      double startCelsius,
      double coreCelsius) {}

  /** What is spread beside the sauce. */
  public record FillingSheet(@NotNull String fillingId, double massKilograms) {}

  /**
   * Goods as they are: cheese over it, bread beside it.
   *
   * @param massEachKilograms for a head
   * @param eachText the same as typed
   * @param overSauce whether they are eaten in the sauce
   * @param neighbourId how they go into an oven, by the table; absent where they stay as they are
   */
  public record GoodsSheet(
      @NotNull String ingredientId,
      double massEachKilograms,
      @NotNull String eachText,
      boolean overSauce,
      @Nullable String neighbourId) {}
}
