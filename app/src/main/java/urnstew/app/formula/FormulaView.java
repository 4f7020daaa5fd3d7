package urnstew.app.formula;

import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import urnstew.app.formula.FormulaSheet.PieceSheet;
import urnstew.app.formula.PartView.TakenView;
import urnstew.core.formula.Choice;
import urnstew.core.formula.Family;
import urnstew.core.formula.Formula;
import urnstew.core.formula.MadePart;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.School;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageHeat.Level;
import urnstew.core.formula.Technique;
import urnstew.core.formula.Use;
import urnstew.core.pantry.IngredientKind;
import urnstew.core.reduction.Lid;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/** A formula as it is read: the chosen ways, stage by stage, and what it comes to. */
public record FormulaView(
    String id,
    int version,
    int latestVersion,
    boolean own,
    boolean retired,
    String name,
    String inShort,
    Family family,
    Set<Use> uses,
    @Nullable Double targetSolidsFraction,
    List<Choice> choices,
    List<School> chosen,
    List<FormulaStageView> stages,
    List<String> unread,
    List<ServingView> servings,
    List<EffectView> effects,
    AnalysisView analysis) {

  /** What one way of a question comes to, with the other questions as chosen. */
  public record EffectView(
      String question,
      String option,
      double madeMassKilograms,
      double saltFraction,
      double fatFraction,
      double sugarsFraction,
      double acidsAsCitricFraction,
      @Nullable BigDecimal cost,
      long fixedSeconds,
      List<String> allergens) {}

  /** One stage. */
  public record FormulaStageView(
      String title,
      Technique technique,
      Level heat,
      @Nullable Double ovenCelsius,
      boolean ovenFan,
      @Nullable Double burnerShare,
      Lid lid,
      CourseSheet course,
      long seconds,
      List<FormulaLineView> lines,
      String ready,
      String tooFar,
      String thenDo,
      List<String> takeOuts,
      String caution,
      String pause) {
    static FormulaStageView of(Stage stage, List<Portion> portions) {
      return new FormulaStageView(
          stage.title(),
          stage.technique(),
          stage.heat().level(),
          stage.heat().oven().map(Temperature::celsius).orElse(null),
          stage.heat().fan(),
          stage.heat().burnerShare().map(MassFraction::value).orElse(null),
          stage.lid(),
          CourseSheet.of(stage.course()),
          stage.time().toSeconds(),
          portions.stream().map(FormulaLineView::of).toList(),
          stage.cues().ready(),
          stage.cues().tooFar(),
          stage.cues().thenDo(),
          stage.takeOuts(),
          stage.caution(),
          stage.pause());
    }
  }

  /** One ingredient. */
  public record FormulaLineView(
      String ingredientId,
      String name,
      IngredientKind kind,
      double massKilograms,
      long afterSeconds,
      String note,
      double firstDoseFraction,
      @Nullable MadeView made) {
    static FormulaLineView of(Portion portion) {
      return new FormulaLineView(
          portion.ingredient().id(),
          portion.ingredient().name(),
          portion.ingredient().kind(),
          portion.mass().kilograms(),
          portion.after().toSeconds(),
          portion.note(),
          portion.firstDose().value(),
          portion.made().map(MadeView::of).orElse(null));
    }
  }

  /** The formula that makes a line, and what it takes for so much. */
  public record MadeView(String formulaId, List<TakenView> takes, @Nullable PieceSheet piece) {
    static MadeView of(MadePart part) {
      return new MadeView(
          part.formula().formula().id(),
          part.formula().portions().stream()
              .map(one -> new TakenView(one.ingredient().name(), one.mass().kilograms()))
              .toList(),
          part.formula().formula().piece().map(PieceSheet::of).orElse(null));
    }
  }

  /** Which version it is, and whose. */
  record Place(int latestVersion, boolean own, boolean retired) {}

  static FormulaView of(
      Formula whole,
      ResolvedFormula way,
      Place place,
      List<ServingView> servings,
      List<EffectView> effects,
      AnalysisView analysis) {
    return new FormulaView(
        whole.id(),
        whole.version(),
        place.latestVersion(),
        place.own(),
        place.retired(),
        whole.name(),
        whole.inShort(),
        whole.family(),
        whole.uses(),
        whole.target().map(MassFraction::value).orElse(null),
        whole.choices(),
        way.formula().choices().stream()
            .map(choice -> new School(choice.question(), choice.options().get(0).name()))
            .toList(),
        IntStream.range(0, way.formula().stages().size())
            .mapToObj(
                stage ->
                    FormulaStageView.of(way.formula().stages().get(stage), way.portionsOf(stage)))
            .toList(),
        whole.unread(),
        servings,
        effects,
        analysis);
  }
}
