package urnstew.core.formula;

import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.formula.StageHeat.Level;
import urnstew.core.pantry.Piece;
import urnstew.core.pantry.ReferencePantry;
import urnstew.core.pantry.ReferenceTable;
import urnstew.core.reduction.Lid;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/** The shipped formulas. */
public final class ReferenceFormulas {
  private ReferenceFormulas() {}

  /** Reads the shipped tables. */
  public static List<Formula> load() {
    List<CSVRecord> stages = ReferenceTable.rows("formula-stages");
    List<CSVRecord> lines = ReferenceTable.rows("formula-lines");
    List<CSVRecord> schools = ReferenceTable.rows("formula-schools");
    return ReferenceTable.rows("formulas").stream()
        .map(row -> formula(row, stages, lines, schools))
        .toList();
  }

  /** The shipped pantry and formulas. */
  public static Larder larder() {
    return Shipped.LARDER;
  }

  /** Read once, when first asked for. */
  private static final class Shipped {
    private static final Larder LARDER = of(load());

    private static Larder of(List<Formula> formulas) {
      Map<String, Formula> byId =
          formulas.stream().collect(Collectors.toMap(Formula::id, Function.identity()));
      return Larder.of(ReferencePantry.load(), id -> Optional.ofNullable(byId.get(id)));
    }
  }

  private static Formula formula(
      CSVRecord row, List<CSVRecord> stages, List<CSVRecord> lines, List<CSVRecord> schools) {
    String id = row.get("id");
    return new Formula(
        id,
        Integer.parseInt(row.get("version")),
        row.get("name"),
        row.get("in_short"),
        Family.valueOf(row.get("family")),
        words(row, "uses", " ").map(Use::valueOf).collect(Collectors.toSet()),
        number(row, "target_solids_percent").map(MassFraction::ofPercent),
        number(row, "piece_grams").map(grams -> new Piece(row.get("piece"), Mass.ofGrams(grams))),
        choices(of(id, schools)),
        of(id, stages).stream().map(stage -> stage(stage, lines)).toList());
  }

  private static List<CSVRecord> of(String formula, List<CSVRecord> rows) {
    return rows.stream().filter(row -> row.get("formula").equals(formula)).toList();
  }

  private static List<Choice> choices(List<CSVRecord> schools) {
    return schools.stream()
        .map(row -> row.get("question"))
        .distinct()
        .map(
            question ->
                new Choice(
                    question,
                    schools.stream()
                        .filter(row -> row.get("question").equals(question))
                        .map(row -> new Choice.Option(row.get("option"), row.get("reason")))
                        .toList()))
        .toList();
  }

  private static Stage stage(CSVRecord row, List<CSVRecord> lines) {
    return new Stage(
        row.get("title"),
        StageRole.valueOf(row.get("role")),
        Technique.valueOf(row.get("technique")),
        new StageHeat(
            Level.valueOf(row.get("heat")),
            number(row, "oven_celsius").map(Temperature::ofCelsius),
            false,
            Optional.empty()),
        Lid.valueOf(row.get("lid")),
        ReferenceCourses.read(row),
        minutes(row, "minutes"),
        MassFraction.ofPercent(number(row, "dried_percent").orElse(0.0)),
        of(row.get("formula"), lines).stream()
            .filter(line -> line.get("stage").equals(row.get("stage")))
            .map(ReferenceFormulas::line)
            .toList(),
        List.of(),
        new Cues(row.get("ready"), row.get("too_far"), row.get("then_do")),
        words(row, "take_out", ";").toList(),
        row.get("caution"),
        row.get("pause"),
        school(row));
  }

  private static Stage.Line line(CSVRecord row) {
    return new Stage.Line(
        row.get("ingredient"),
        Mass.ofGrams(number(row, "grams").orElse(0.0)),
        "",
        minutes(row, "after_minutes"),
        row.get("note"),
        MassFraction.ofPercent(number(row, "first_dose_percent").orElse(100.0)),
        school(row));
  }

  /** Written 'question=option'; empty for everybody. */
  private static Optional<School> school(CSVRecord row) {
    String[] parts = row.get("school").split("=", 2);
    return parts.length < 2 ? Optional.empty() : Optional.of(new School(parts[0], parts[1]));
  }

  static Stream<String> words(CSVRecord row, String column, String between) {
    return Arrays.stream(row.get(column).split(between)).filter(word -> !word.isBlank());
  }

  static Duration minutes(CSVRecord row, String column) {
    return Duration.ofSeconds((long) (60 * number(row, column).orElse(0.0)));
  }

  static Optional<Double> number(CSVRecord row, String column) {
    return row.get(column).isEmpty()
        ? Optional.empty()
        : Optional.of(Double.valueOf(row.get(column)));
  }
}
