package urnstew.core.pantry;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/**
 * What to look at when an ingredient comes in, where it can hurt, and how long an opened pack
 * keeps.
 *
 * @param check when it is received; empty where there is nothing to look at
 * @param caution where it can hurt; empty where it cannot
 * @param openedDays days that an opened pack keeps, the day of opening not counted; empty where it
 *     is not known. Common practice: the kitchen's rule set comes first
 */
public record Care(String check, String caution, Optional<Integer> openedDays) {
  private static final List<CSVRecord> SHIPPED = ReferenceTable.rows("care");
  private static final Care NONE = new Care("", "", Optional.empty());

  /** What is known of an ingredient, by itself, as a spirit or by its kind. */
  public static Care of(Ingredient ingredient) {
    return row(ingredient.id())
        .or(() -> ingredient.burns() ? row("brandy") : Optional.empty())
        .or(() -> row(ingredient.kind().name()))
        .orElse(NONE);
  }

  /** Last day on which a pack opened on that day is used. */
  public Optional<LocalDate> useBy(LocalDate openedOn) {
    return openedDays.map(openedOn::plusDays);
  }

  private static Optional<Care> row(String of) {
    return SHIPPED.stream()
        .filter(row -> row.get("for").equals(of))
        .findFirst()
        .map(
            row ->
                new Care(
                    row.get("check"),
                    row.get("caution"),
                    row.get("opened_days").isEmpty()
                        ? Optional.empty()
                        : Optional.of(Integer.valueOf(row.get("opened_days")))));
  }
}
