package urnstew.core.serving.tray;

import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.pantry.ReferenceTable;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * What is spread in trays beside the sauce.
 *
 * @param id stable key
 * @param name as cooks say it
 * @param ingredientId of the pantry; empty where a formula makes it
 * @param formulaId that makes it; empty for goods
 * @param solids share of it that is not water
 * @param atLeast share at which it is as dry as it should become
 * @param drainable share of its weight that a sieve takes before
 * @param source of the row
 */
public record TrayFilling(
    String id,
    String name,
    Optional<String> ingredientId,
    Optional<String> formulaId,
    MassFraction solids,
    MassFraction atLeast,
    MassFraction drainable,
    String source) {
  private static final List<TrayFilling> SHIPPED =
      ReferenceTable.rows("tray-fillings").stream().map(TrayFilling::read).toList();

  /** The shipped ones. */
  public static List<TrayFilling> shipped() {
    return SHIPPED;
  }

  /**
   * One of the shipped ones.
   *
   * @throws InvalidInput {@code fillingId} if there is none
   */
  public static TrayFilling of(String id) {
    return SHIPPED.stream()
        .filter(filling -> filling.id().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                new InvalidInput(
                    "fillingId",
                    "unknown",
                    "No filling is called '" + id + "'.",
                    "one of the table of fillings",
                    "Choose one from the list."));
  }

  /** So much of it in a tray. */
  public TrayLayer layer(Mass mass) {
    return new TrayLayer(name, mass, solids, atLeast);
  }

  private static TrayFilling read(CSVRecord row) {
    return new TrayFilling(
        row.get("id"),
        row.get("name"),
        some(row, "ingredient"),
        some(row, "formula"),
        percent(row, "solids_percent"),
        percent(row, "at_least_percent"),
        percent(row, "drainable_percent"),
        row.get("source"));
  }

  private static Optional<String> some(CSVRecord row, String column) {
    return Optional.of(row.get(column)).filter(text -> !text.isEmpty());
  }

  private static MassFraction percent(CSVRecord row, String column) {
    return MassFraction.ofPercent(Double.parseDouble(row.get(column)));
  }
}
