package urnstew.core.balance;

import java.util.List;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.formula.Family;
import urnstew.core.pantry.ReferenceTable;

/**
 * What a style of sauce likes, in the unit of its taste (assumption).
 *
 * @param low end
 * @param high end
 */
public record Band(double low, double high) {
  private static final List<CSVRecord> SHIPPED = ReferenceTable.rows("bands");

  /** Of a taste, in a style. */
  public static Band of(Family family, Taste taste) {
    return SHIPPED.stream()
        .filter(row -> row.get("family").equals(family.name()))
        .filter(row -> row.get("taste").equals(taste.name()))
        .findFirst()
        .map(
            row ->
                new Band(Double.parseDouble(row.get("low")), Double.parseDouble(row.get("high"))))
        .orElseThrow(() -> new IllegalStateException("No band is shipped for " + family));
  }

  public double middle() {
    return (low + high) / 2;
  }
}
