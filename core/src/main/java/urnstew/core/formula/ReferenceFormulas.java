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
    String minutes = row.get("minutes");
    return new Stage(
        row.get("title"),
        StageRole.valueOf(row.get("role")),
        Duration.ofMinutes(minutes.isEmpty() ? 0 : Long.parseLong(minutes)),
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
        row.get("ingredient"), Mass.ofGrams(Double.parseDouble(row.get("grams"))), row.get("note"));
  }
}
