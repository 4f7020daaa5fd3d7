package urnstew.app.sizing.store;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.formula.store.StoredFormula;

/** A meal as it was written. */
public record StoredMeal(
    String name,
    List<Dish> dishes,
    String packGoal,
    @Nullable Boolean tubsStay,
    @Nullable String servedLocalTime,
    @Nullable String servedUntilLocalTime,
    @Nullable List<Cook> cooks) {
  /** Hands, and from when until when. */
  public record Cook(
      String name, @Nullable String comesLocalTime, @Nullable String leavesLocalTime) {}

  /** A formula and who eats of it. */
  public record Dish(
      String formulaId,
      List<StoredFormula.School> schools,
      int covers,
      double servingMassKilograms,
      String servingText,
      @Nullable Double targetSolidsFraction,
      @Nullable String baseFormulaId,
      List<Group> groups,
      @Nullable List<Beside> besides,
      @Nullable String servedLocalTime,
      @Nullable String servedUntilLocalTime) {}

  /** What goes with a dish: one of the three. */
  public record Beside(
      int covers,
      @Nullable Pasta pasta,
      @Nullable Piece piece,
      @Nullable Tray tray,
      @Nullable Goods goods) {}

  /** Pasta and how it is boiled. */
  public record Pasta(
      String shapeId,
      @Nullable String formulaId,
      double rawMassEachKilograms,
      String rawEachText,
      double startCelsius,
      String dressing,
      @Nullable UUID vesselId,
      @Nullable UUID heatSourceId,
      double litersPerKilogram,
      double saltGramsPerLiter,
      double waterCelsius,
      @Nullable WaterReading waterReading) {}

  /** What a probe in the water showed. */
  public record WaterReading(double minutes, double waterCelsius) {}

  /** Pieces and how they are cooked. */
  public record Piece(
      String cutId,
      @Nullable String formulaId,
      double piecesEach,
      double thicknessMeters,
      double startCelsius,
      List<Spell> before,
      String medium,
      double mediumCelsius,
      double coreCelsius,
      List<Reading> readings) {}

  /** A while in one heat. */
  public record Spell(String medium, double mediumCelsius, double minutes) {}

  /** What a probe showed. */
  public record Reading(double minutes, double coreCelsius) {}

  /** Trays and how they are layered and baked. */
  public record Tray(
      @Nullable UUID vesselId,
      @Nullable String traySizeId,
      int trays,
      String sheetId,
      double sheetsMassKilograms,
      int layers,
      List<Filling> fillings,
      double ovenCelsius,
      boolean fan,
      double coveredMinutes,
      double openMinutes,
      double startCelsius,
      double coreCelsius) {}

  /** Goods as they are, over the sauce or beside it. */
  public record Goods(
      String ingredientId,
      double massEachKilograms,
      String eachText,
      boolean overSauce,
      @Nullable String neighbourId) {}

  /** What is spread in a tray beside the sauce. */
  public record Filling(String fillingId, double massKilograms) {}

  /** Eaters who leave something out. */
  public record Group(String name, int covers, List<Avoid> avoid) {}

  /** What they leave out. */
  public record Avoid(String kind, String key) {}
}
