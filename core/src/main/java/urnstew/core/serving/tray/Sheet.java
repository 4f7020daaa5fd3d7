package urnstew.core.serving.tray;

import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.pantry.ReferenceTable;
import urnstew.units.Area;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * What is laid between the fillings: sheets, short pasta, slices.
 *
 * @param id stable key
 * @param name as cooks say it
 * @param ingredientId of the pantry
 * @param size of one; empty where it is not laid in pieces
 * @param kilogramsPerCubicMeter density as laid
 * @param water share as it goes in
 * @param drinksTo share that it reaches in the bake; below the first where it gives water back
 * @param source of the row
 */
public record Sheet(
    String id,
    String name,
    String ingredientId,
    Optional<Size> size,
    double kilogramsPerCubicMeter,
    MassFraction water,
    MassFraction drinksTo,
    String source) {
  private static final List<Sheet> SHIPPED =
      ReferenceTable.rows("sheets").stream().map(Sheet::read).toList();

  /**
   * One of them.
   *
   * @param area it covers
   * @param thicknessMeters as laid
   * @param mass of it
   */
  public record Size(Area area, double thicknessMeters, Mass mass) {}

  /** The shipped ones. */
  public static List<Sheet> shipped() {
    return SHIPPED;
  }

  /**
   * One of the shipped ones.
   *
   * @throws InvalidInput {@code sheetId} if there is none
   */
  public static Sheet of(String id) {
    return SHIPPED.stream()
        .filter(sheet -> sheet.id().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new InvalidInput(
                    "sheetId",
                    "unknown",
                    "No sheet is called '" + id + "'.",
                    "one of the table of sheets",
                    "Choose one from the list."));
  }

  /** How many cover so much once, or empty where they are not laid in pieces. */
  public Optional<Integer> covering(Area floor) {
    return size.map(
        one -> (int) Math.max(1, Math.round(floor.squareMeters() / one.area().squareMeters())));
  }

  /** Water that so much of it takes up in the bake, kg; negative where it gives some back. */
  public double drinksKilograms(Mass laid) {
    double solids = laid.kilograms() * (1 - water.value());
    return solids / (1 - drinksTo.value()) - laid.kilograms();
  }

  private static Sheet read(CSVRecord row) {
    double density = number(row, "density");
    return new Sheet(
        row.get("id"),
        row.get("name"),
        row.get("ingredient"),
        row.get("length_mm").isEmpty() ? Optional.empty() : Optional.of(size(row, density)),
        density,
        MassFraction.ofPercent(number(row, "water_percent")),
        MassFraction.ofPercent(number(row, "drinks_to_percent")),
        row.get("source"));
  }

  private static Size size(CSVRecord row, double density) {
    double area = number(row, "length_mm") * number(row, "width_mm") * 1e-6;
    double thickness = number(row, "thickness_mm") / 1000;
    return new Size(new Area(area), thickness, new Mass(area * thickness * density));
  }

  private static double number(CSVRecord row, String column) {
    return Double.parseDouble(row.get(column));
  }
}
