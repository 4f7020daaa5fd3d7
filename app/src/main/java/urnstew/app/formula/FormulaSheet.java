package urnstew.app.formula;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import urnstew.core.formula.Choice;
import urnstew.core.formula.Family;
import urnstew.core.formula.Formula;
import urnstew.core.formula.School;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageHeat.Level;
import urnstew.core.formula.StageRole;
import urnstew.core.formula.Technique;
import urnstew.core.formula.Use;
import urnstew.core.pantry.Piece;
import urnstew.core.reduction.Lid;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/**
 * A formula as it is written: what the editor holds, and what a file carries.
 *
 * @param name in a cook's words
 * @param inShort what tells it from others of its name
 * @param family kind of sauce
 * @param uses what it is for
 * @param targetSolidsFraction thickness when it is done; absent for a part
 * @param targetText the same as entered
 * @param piece by what it is counted, where it comes in pieces
 * @param choices questions on which cooks differ
 * @param stages in the order of the work
 */
public record FormulaSheet(
    @NotNull String name,
    @NotNull String inShort,
    @NotNull Family family,
    @NotNull Set<Use> uses,
    @Nullable Double targetSolidsFraction,
    @NotNull String targetText,
    @Nullable @Valid PieceSheet piece,
    @NotNull List<Choice> choices,
    @NotNull List<@Valid StageSheet> stages) {

  /** A natural piece, and what one weighs. */
  public record PieceSheet(@NotNull String name, double massKilograms, @NotNull String massText) {
    static PieceSheet of(Piece piece) {
      return new PieceSheet(piece.name(), piece.mass().kilograms(), "");
    }
  }

  /** One step. Minutes of a simmer are the usual ones; how long it really takes is computed. */
  public record StageSheet(
      @NotNull String title,
      @NotNull StageRole role,
      @NotNull Technique technique,
      @NotNull Level heat,
      @Nullable Double ovenCelsius,
      @Nullable Boolean ovenFan,
      @Nullable Double burnerShare,
      @NotNull Lid lid,
      @Nullable @Valid CourseSheet course,
      double minutes,
      double driedFraction,
      @NotNull List<@Valid LineSheet> lines,
      @Nullable List<@NotNull @Size(max = 300) String> unread,
      @NotNull String ready,
      @NotNull String tooFar,
      @NotNull String thenDo,
      @NotNull List<String> takeOuts,
      @NotNull String caution,
      @NotNull String pause,
      @Nullable School school) {
    static StageSheet of(Stage stage) {
      return new StageSheet(
          stage.title(),
          stage.role(),
          stage.technique(),
          stage.heat().level(),
          stage.heat().oven().map(Temperature::celsius).orElse(null),
          stage.heat().fan() ? Boolean.TRUE : null,
          stage.heat().burnerShare().map(MassFraction::value).orElse(null),
          stage.lid(),
          CourseSheet.of(stage.course()),
          stage.time().toSeconds() / 60.0,
          stage.driedShare().value(),
          stage.lines().stream().map(LineSheet::of).toList(),
          stage.unread(),
          stage.cues().ready(),
          stage.cues().tooFar(),
          stage.cues().thenDo(),
          stage.takeOuts(),
          stage.caution(),
          stage.pause(),
          stage.school().orElse(null));
    }
  }

  /** One ingredient of a stage. */
  public record LineSheet(
      @NotNull String ingredientId,
      double massKilograms,
      @NotNull String entered,
      double afterMinutes,
      @NotNull String note,
      double firstDoseFraction,
      @Nullable School school) {
    static LineSheet of(Stage.Line line) {
      return new LineSheet(
          line.ingredientId(),
          line.mass().kilograms(),
          line.entered(),
          line.after().toSeconds() / 60.0,
          line.note(),
          line.firstDose().value(),
          line.school().orElse(null));
    }
  }

  public static FormulaSheet of(Formula formula) {
    return new FormulaSheet(
        formula.name(),
        formula.inShort(),
        formula.family(),
        formula.uses(),
        formula.target().map(MassFraction::value).orElse(null),
        "",
        formula.piece().map(PieceSheet::of).orElse(null),
        formula.choices(),
        formula.stages().stream().map(StageSheet::of).toList());
  }
}
