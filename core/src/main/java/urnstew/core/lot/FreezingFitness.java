package urnstew.core.lot;

import java.util.Comparator;
import java.util.List;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.StageRole;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.ReferenceTable;

/**
 * Whether something freezes well.
 *
 * @param fitness how well, the worst of all that is in it
 * @param months how long it stays good, frozen
 * @param says what happens and what mends it, one line for each thing that matters
 */
public record FreezingFitness(Fitness fitness, int months, List<String> says) {
  /** How well. */
  public enum Fitness {
    WELL,
    WITH_CARE,
    BADLY
  }

  /** A plain sauce (common practice). */
  private static final int PLAIN_MONTHS = 6;

  private record Row(String of, String within, Fitness fitness, int months, String says) {}

  private static final List<Row> ROWS =
      ReferenceTable.rows("freezing").stream()
          .map(
              row ->
                  new Row(
                      row.get("for"),
                      row.get("within"),
                      Fitness.valueOf(row.get("fitness")),
                      Integer.parseInt(row.get("months")),
                      row.get("says")))
          .toList();

  public FreezingFitness {
    says = List.copyOf(says);
  }

  /** Of a sauce, by all that is in it. */
  public static FreezingFitness of(ResolvedFormula sauce) {
    List<Row> found =
        sauce.goods().stream()
            .flatMap(
                portion ->
                    ROWS.stream()
                        .filter(row -> fits(row, portion.ingredient(), portion.role()))
                        .limit(1))
            .distinct()
            .toList();
    return new FreezingFitness(
        found.stream().map(Row::fitness).max(Comparator.naturalOrder()).orElse(Fitness.WELL),
        found.stream().mapToInt(Row::months).min().orElse(PLAIN_MONTHS),
        found.stream().map(Row::says).toList());
  }

  private static boolean fits(Row row, Ingredient ingredient, StageRole role) {
    boolean here =
        row.within().isEmpty() || row.within().equals("FINISH") == (role == StageRole.FINISH);
    return here && (row.of().equals(ingredient.id()) || row.of().equals(ingredient.kind().name()));
  }
}
