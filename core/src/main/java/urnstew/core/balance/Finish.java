package urnstew.core.balance;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.ReferenceTable;
import urnstew.units.Temperature;

/**
 * How something goes into a sauce at the end, and how long the pot is good after that.
 *
 * @param hold how long it can be held hot before it suffers; the rule set's limits come first
 * @param window of the pot's temperature when it goes in; empty where any will do
 * @param how in a cook's words
 */
public record Finish(Duration hold, Optional<Window> window, String how) {
  private static final List<CSVRecord> SHIPPED = ReferenceTable.rows("finishes");

  /**
   * A span of temperature.
   *
   * @param from lowest
   * @param to highest
   */
  public record Window(Temperature from, Temperature to) {}

  /** What is known of an ingredient, by itself or by its kind; empty where nothing is. */
  public static Optional<Finish> of(Ingredient ingredient) {
    return row(ingredient.id()).or(() -> row(ingredient.kind().name()));
  }

  private static Optional<Finish> row(String of) {
    return SHIPPED.stream()
        .filter(row -> row.get("for").equals(of))
        .findFirst()
        .map(
            row ->
                new Finish(
                    Duration.ofMinutes(Long.parseLong(row.get("hold_minutes"))),
                    row.get("from").isEmpty() ? Optional.empty() : Optional.of(window(row)),
                    row.get("how")));
  }

  private static Window window(CSVRecord row) {
    return new Window(
        Temperature.ofCelsius(Double.parseDouble(row.get("from"))),
        Temperature.ofCelsius(Double.parseDouble(row.get("to"))));
  }
}
