package urnstew.app.serving;

import java.util.Map;
import java.util.Set;

/** Fields of the request that faults of the core belong to. */
final class BesideFields {
  private static final Map<String, String> PASTA =
      Map.of(
          "pasta", "rawMassEachKilograms",
          "pastaCelsius", "startCelsius",
          "waterCelsius", "waterCelsius",
          "waterReading", "waterReading",
          "water", "litersPerKilogram",
          "burner", "heatSourceId",
          "vesselId", "vesselId",
          "shapeId", "shapeId",
          "litersPerKilogram", "litersPerKilogram",
          "saltGramsPerLiter", "saltGramsPerLiter");
  private static final Map<String, String> PIECE =
      Map.of(
          "cutId", "cutId",
          "formulaId", "formulaId",
          "piecesEach", "piecesEach",
          "thickness", "thicknessMeters",
          "start", "startCelsius",
          "mediumCelsius", "mediumCelsius",
          "length", "thicknessMeters",
          "time", "before",
          "core", "coreCelsius",
          "at", "readings");
  private static final Map<String, String> TRAY =
      Map.of(
          "sheetId", "sheetId",
          "traySizeId", "traySizeId",
          "trays", "trays",
          "layers", "layers",
          "fillingId", "fillings",
          "mass", "fillings",
          "ovenCelsius", "ovenCelsius",
          "start", "startCelsius",
          "core", "coreCelsius",
          "tray", "sheetsMassKilograms");
  private static final Map<String, String> MINUTES =
      Map.of("coveredMinutes", "coveredMinutes", "openMinutes", "openMinutes");

  private static final Set<String> OWN = Set.of("ingredientId", "neighbourId", "formulaId");

  private BesideFields() {}

  /**
   * The field below what goes with the dish.
   *
   * @param kind {@code pasta.}, {@code piece.}, {@code tray.} or {@code goods.}
   */
  static String of(String kind, String parameter) {
    return switch (kind) {
      case "pasta." -> kind + PASTA.getOrDefault(parameter, own(parameter, "rawMassEachKilograms"));
      case "piece." -> kind + PIECE.getOrDefault(parameter, "cutId");
      case "tray." ->
          kind
              + TRAY.getOrDefault(
                  parameter, MINUTES.getOrDefault(parameter, "sheetsMassKilograms"));
      default -> kind + own(parameter, "massEachKilograms");
    };
  }

  private static String own(String parameter, String otherwise) {
    return OWN.contains(parameter) ? parameter : otherwise;
  }
}
