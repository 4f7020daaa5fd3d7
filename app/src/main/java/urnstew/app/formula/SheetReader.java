package urnstew.app.formula;

import static urnstew.app.platform.Fields.agree;
import static urnstew.app.platform.Fields.at;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import urnstew.app.formula.FormulaSheet.LineSheet;
import urnstew.app.formula.FormulaSheet.PieceSheet;
import urnstew.app.formula.FormulaSheet.StageSheet;
import urnstew.core.formula.Choice;
import urnstew.core.formula.Cues;
import urnstew.core.formula.Formula;
import urnstew.core.formula.Larder;
import urnstew.core.formula.Larder.Making;
import urnstew.core.formula.PieceMove;
import urnstew.core.formula.School;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageCourse;
import urnstew.core.formula.StageHeat;
import urnstew.core.pantry.Piece;
import urnstew.core.sizing.Sizing;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;
import urnstew.units.Temperature;
import urnstew.units.text.QuantityKind;

/** Makes a formula of a sheet; every fault is told at its field. */
final class SheetReader {
  private static final int MOST_STAGES = 40;
  private static final int MOST_LINES = 80;

  private final FormulaSheet sheet;
  private final Larder larder;

  SheetReader(FormulaSheet sheet, Larder larder) {
    this.sheet = sheet;
    this.larder = larder;
  }

  Formula read(String id, int version) {
    String name = named("name", sheet.name());
    Larder within = larder.making(new Making(id, name));
    if (sheet.stages().size() > MOST_STAGES) {
      throw tooMany("stages", MOST_STAGES, "Join some stages.");
    }
    List<Stage> stages = new ArrayList<>();
    for (int place = 0; place < sheet.stages().size(); place++) {
      stages.add(stage("stages." + place + ".", sheet.stages().get(place), within));
    }
    requireListed(stages);
    return new Formula(
        id,
        version,
        name,
        sheet.inShort().strip(),
        sheet.family(),
        sheet.uses(),
        target(),
        piece(),
        sheet.choices(),
        stages);
  }

  private Optional<MassFraction> target() {
    Double share = sheet.targetSolidsFraction();
    if (share == null) {
      return Optional.empty();
    }
    agree("targetSolidsFraction", sheet.targetText(), QuantityKind.SHARE, "%", share);
    Require.within("targetSolidsFraction", share * 100, 1, Sizing.THICKEST.percent(), "%");
    return Optional.of(new MassFraction(share));
  }

  private Optional<Piece> piece() {
    PieceSheet piece = sheet.piece();
    if (piece == null) {
      return Optional.empty();
    }
    agree("piece.massKilograms", piece.massText(), QuantityKind.MASS, "g", piece.massKilograms());
    Require.within("piece.massKilograms", piece.massKilograms() * 1000, 0.1, 20_000, "g");
    return Optional.of(
        new Piece(named("piece.name", piece.name()), new Mass(piece.massKilograms())));
  }

  private Stage stage(String at, StageSheet stage, Larder within) {
    if (stage.lines().size() > MOST_LINES) {
      throw tooMany(at + "lines", MOST_LINES, "Cut the stage in two.");
    }
    List<Stage.Line> lines = new ArrayList<>();
    for (int place = 0; place < stage.lines().size(); place++) {
      lines.add(line(at + "lines." + place + ".", stage.lines().get(place), within));
    }
    StageCourse course =
        stage.course() == null ? StageCourse.PLAIN : stage.course().read(at + "course.");
    StageHeat heat = heat(at, stage);
    MassFraction dried = at(at + "driedFraction", () -> new MassFraction(stage.driedFraction()));
    Duration time = minutes(at + "minutes", stage.minutes());
    List<String> unread = unread(at + "unread", stage.unread());
    Optional<School> school = school(at + "school", stage.school());
    String title = named(at + "title", stage.title());
    return at(
        at + "course.moves",
        () ->
            new Stage(
                title,
                stage.role(),
                stage.technique(),
                heat,
                stage.lid(),
                course,
                time,
                dried,
                lines,
                unread,
                new Cues(stage.ready(), stage.tooFar(), stage.thenDo()),
                stage.takeOuts(),
                stage.caution(),
                stage.pause(),
                school));
  }

  private static StageHeat heat(String at, StageSheet stage) {
    Optional<MassFraction> share =
        at(
            at + "burnerShare",
            () -> Optional.ofNullable(stage.burnerShare()).map(MassFraction::new));
    Optional<Temperature> oven =
        Optional.ofNullable(stage.ovenCelsius()).map(Temperature::ofCelsius);
    try {
      return new StageHeat(stage.heat(), oven, Boolean.TRUE.equals(stage.ovenFan()), share);
    } catch (InvalidInput fault) {
      String field = fault.parameter().equals("burnerShare") ? "burnerShare" : "ovenCelsius";
      throw fault.named(at + field);
    }
  }

  /** Pieces can only be moved of what the formula lists. */
  private static void requireListed(List<Stage> stages) {
    Set<String> listed =
        stages.stream()
            .flatMap(stage -> stage.lines().stream())
            .map(Stage.Line::ingredientId)
            .collect(Collectors.toSet());
    for (int place = 0; place < stages.size(); place++) {
      List<PieceMove> moves = stages.get(place).course().moves();
      for (int i = 0; i < moves.size(); i++) {
        if (!listed.contains(moves.get(i).ingredientId())) {
          throw new InvalidInput(
              "stages." + place + ".course.moves." + i + ".ingredientId",
              "unknown",
              "No line of this formula puts '" + moves.get(i).ingredientId() + "' in.",
              "an ingredient of the formula",
              "Write its line first, or take the move out.");
        }
      }
    }
  }

  private static List<String> unread(String field, @Nullable List<String> lines) {
    if (lines == null) {
      return List.of();
    }
    if (lines.size() > MOST_LINES) {
      throw tooMany(field, MOST_LINES, "Answer some of them first.");
    }
    return lines.stream().map(String::strip).filter(line -> !line.isEmpty()).toList();
  }

  private Stage.Line line(String at, LineSheet line, Larder within) {
    at(at + "ingredientId", () -> within.ingredient(line.ingredientId()));
    Duration after = minutes(at + "afterMinutes", line.afterMinutes());
    MassFraction first =
        at(at + "firstDoseFraction", () -> new MassFraction(line.firstDoseFraction()));
    Optional<School> school = school(at + "school", line.school());
    return at(
        at + "massKilograms",
        () ->
            new Stage.Line(
                line.ingredientId(),
                new Mass(line.massKilograms()),
                line.entered(),
                after,
                line.note(),
                first,
                school));
  }

  private static Duration minutes(String field, double minutes) {
    Require.within(field, minutes, 0, 24 * 60, "min");
    return Duration.ofSeconds(Math.round(minutes * 60));
  }

  private Optional<School> school(String field, @Nullable School school) {
    if (school == null) {
      return Optional.empty();
    }
    boolean offered =
        sheet.choices().stream()
            .filter(choice -> choice.question().equals(school.question()))
            .map(Choice::options)
            .flatMap(List::stream)
            .anyMatch(option -> option.name().equals(school.option()));
    if (!offered) {
      throw new InvalidInput(
          field,
          "unknown",
          "No question offers '" + school.option() + "'.",
          "one of the ways of a question",
          "Write the way under its question first, or let everybody do it.");
    }
    return Optional.of(school);
  }

  private static String named(String field, String name) {
    if (name.isBlank() || name.length() > 80) {
      throw new InvalidInput(
          field, "length", "A name has 1 to 80 letters.", "1 to 80 letters", "Type a name.");
    }
    return name.strip();
  }

  private static InvalidInput tooMany(String field, int most, String remedy) {
    return new InvalidInput(
        field, "too-many", "More than " + most + " cannot be read.", "at most " + most, remedy);
  }
}
