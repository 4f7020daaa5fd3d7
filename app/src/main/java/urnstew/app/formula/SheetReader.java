package urnstew.app.formula;

import static urnstew.app.platform.Fields.agree;
import static urnstew.app.platform.Fields.at;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import urnstew.app.formula.FormulaSheet.LineSheet;
import urnstew.app.formula.FormulaSheet.StageSheet;
import urnstew.core.formula.Choice;
import urnstew.core.formula.Cues;
import urnstew.core.formula.Formula;
import urnstew.core.formula.School;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageHeat;
import urnstew.core.pantry.Pantry;
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
  private final Pantry pantry;

  SheetReader(FormulaSheet sheet, Pantry pantry) {
    this.sheet = sheet;
    this.pantry = pantry;
  }

  Formula read(String id, int version) {
    String name = named("name", sheet.name());
    if (sheet.stages().size() > MOST_STAGES) {
      throw tooMany("stages", MOST_STAGES, "Join some stages.");
    }
    List<Stage> stages = new ArrayList<>();
    for (int place = 0; place < sheet.stages().size(); place++) {
      stages.add(stage("stages." + place + ".", sheet.stages().get(place)));
    }
    return new Formula(
        id,
        version,
        name,
        sheet.inShort().strip(),
        sheet.family(),
        sheet.uses(),
        target(),
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

  private Stage stage(String at, StageSheet stage) {
    if (stage.lines().size() > MOST_LINES) {
      throw tooMany(at + "lines", MOST_LINES, "Cut the stage in two.");
    }
    List<Stage.Line> lines = new ArrayList<>();
    for (int place = 0; place < stage.lines().size(); place++) {
      lines.add(line(at + "lines." + place + ".", stage.lines().get(place)));
    }
    Double oven = stage.ovenCelsius();
    return new Stage(
        named(at + "title", stage.title()),
        stage.role(),
        stage.technique(),
        at(
            at + "ovenCelsius",
            () ->
                new StageHeat(stage.heat(), Optional.ofNullable(oven).map(Temperature::ofCelsius))),
        stage.lid(),
        minutes(at + "minutes", stage.minutes()),
        at(at + "driedFraction", () -> new MassFraction(stage.driedFraction())),
        lines,
        unread(at + "unread", stage.unread()),
        new Cues(stage.ready(), stage.tooFar(), stage.thenDo()),
        stage.takeOuts(),
        stage.caution(),
        stage.pause(),
        school(at + "school", stage.school()));
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

  private Stage.Line line(String at, LineSheet line) {
    at(at + "ingredientId", () -> pantry.ingredient(line.ingredientId()));
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
