package urnstew.core.formula;

import java.time.Duration;
import java.util.List;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.pantry.ReferenceTable;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/** The shipped formulas. */
public final class ReferenceFormulas {
  private ReferenceFormulas() {}

  /** Reads the shipped tables. */
  public static List<Formula> load() {
    List<CSVRecord> stages = ReferenceTable.rows("formula-stages");
    List<CSVRecord> lines = ReferenceTable.rows("formula-lines");
    return ReferenceTable.rows("formulas").stream()
        .map(row -> formula(row, stages, lines))
        .toList();
  }

  private static Formula formula(CSVRecord row, List<CSVRecord> stages, List<CSVRecord> lines) {
    String id = row.get("id");
    return new Formula(
        id,
        Integer.parseInt(row.get("version")),
        row.get("name"),
        row.get("in_short"),
        MassFraction.ofPercent(Double.parseDouble(row.get("target_solids_percent"))),
        stages.stream()
            .filter(stage -> stage.get("formula").equals(id))
            .map(stage -> stage(stage, lines))
            .toList());
  }

  private static Stage stage(CSVRecord row, List<CSVRecord> lines) {
    return new Stage(
        row.get("title"),
        StageRole.valueOf(row.get("role")),
        Technique.valueOf(row.get("technique")),
        minutes(row, "minutes"),
        MassFraction.ofPercent(number(row, "dried_percent")),
        lines.stream()
            .filter(line -> line.get("formula").equals(row.get("formula")))
            .filter(line -> line.get("stage").equals(row.get("stage")))
            .map(ReferenceFormulas::line)
            .toList(),
        row.get("ready"),
        row.get("too_far"));
  }

  private static Stage.Line line(CSVRecord row) {
    return new Stage.Line(
        row.get("ingredient"),
        Mass.ofGrams(number(row, "grams")),
        minutes(row, "after_minutes"),
        row.get("note"));
  }

  private static Duration minutes(CSVRecord row, String column) {
    return Duration.ofMinutes((long) number(row, column));
  }

  /** Empty means zero. */
  private static double number(CSVRecord row, String column) {
    return row.get(column).isEmpty() ? 0 : Double.parseDouble(row.get(column));
  }
}
