package urnstew.core.serving.tray;

import java.util.List;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.kitchen.RectangularShape;
import urnstew.core.pantry.ReferenceTable;
import urnstew.units.Length;

/**
 * A tray as kitchens have them.
 *
 * @param id stable key
 * @param name as cooks say it
 * @param inside its inside sizes
 * @param source of the row
 */
public record TraySize(String id, String name, RectangularShape inside, String source) {
  private static final List<TraySize> SHIPPED =
      ReferenceTable.rows("trays").stream().map(TraySize::read).toList();

  /** The shipped ones. */
  public static List<TraySize> shipped() {
    return SHIPPED;
  }

  private static TraySize read(CSVRecord row) {
    return new TraySize(
        row.get("id"),
        row.get("name"),
        new RectangularShape(
            millimeters(row, "length_mm"),
            millimeters(row, "width_mm"),
            millimeters(row, "depth_mm")),
        row.get("source"));
  }

  private static Length millimeters(CSVRecord row, String column) {
    return Length.ofMillimeters(Double.parseDouble(row.get(column)));
  }
}
