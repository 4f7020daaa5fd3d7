package urnstew.core.serving.part;

import java.time.Duration;
import java.util.List;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.pantry.ReferenceTable;
import urnstew.units.Mass;

/**
 * How long a machine is taken.
 *
 * @param equipment which
 * @param job what it does
 * @param each time it is set up
 * @param perKilogram for each kilogram
 * @param source of the row
 */
public record EquipmentTime(
    String equipment, String job, Duration each, Duration perKilogram, String source) {
  private static final List<EquipmentTime> SHIPPED =
      ReferenceTable.rows("equipment-times").stream().map(EquipmentTime::read).toList();

  private static final Set<String> ROLLED = Set.of("roller", "cutter");

  /** The shipped ones. */
  public static List<EquipmentTime> shipped() {
    return SHIPPED;
  }

  /** For so much. */
  public Duration of(Mass mass) {
    return each.plus(Duration.ofMillis(Math.round(perKilogram.toMillis() * mass.kilograms())));
  }

  /** Dough to sheets and ribbons. */
  public static Duration rolledAndCut(Mass dough) {
    return SHIPPED.stream()
        .filter(one -> ROLLED.contains(one.equipment()))
        .map(one -> one.of(dough))
        .reduce(Duration.ZERO, Duration::plus);
  }

  private static EquipmentTime read(CSVRecord row) {
    return new EquipmentTime(
        row.get("equipment"),
        row.get("job"),
        minutes(row, "minutes"),
        minutes(row, "minutes_per_kg"),
        row.get("source"));
  }

  private static Duration minutes(CSVRecord row, String column) {
    return Duration.ofSeconds(Math.round(60 * Double.parseDouble(row.get(column))));
  }
}
