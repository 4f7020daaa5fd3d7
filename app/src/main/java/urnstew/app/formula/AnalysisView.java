package urnstew.app.formula;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import urnstew.core.explain.Caution;
import urnstew.core.explain.Working;
import urnstew.core.formula.FormulaAnalysis;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Ribbon;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Pantry;

/** What a formula comes to, at its own size. */
public record AnalysisView(
    List<RibbonStepView> ribbon,
    double madeMassKilograms,
    double goneMassKilograms,
    double startSolidsFraction,
    double solidsFraction,
    double saltFraction,
    double saltRangeFraction,
    double ladledKilogramsPerCubicMeter,
    List<TasteView> tastes,
    @Nullable BigDecimal cost,
    DeclarationView declaration,
    List<AvoidedView> avoided,
    List<Caution> warnings,
    List<Working> workings) {

  /** The pot in one stage. */
  public record RibbonStepView(
      String title,
      double addedMassKilograms,
      double startMassKilograms,
      double endMassKilograms,
      double asideAtStartKilograms,
      double asideAtEndKilograms,
      double solidsFraction) {
    static RibbonStepView of(Ribbon.Step step) {
      return new RibbonStepView(
          step.stage().title(),
          step.added().kilograms(),
          step.atStart().total().kilograms(),
          step.atEnd().total().kilograms(),
          step.asideAtStart().kilograms(),
          step.asideAtEnd().kilograms(),
          step.atEnd().equivalentSolids().value());
    }
  }

  static AnalysisView of(ResolvedFormula formula, List<Avoid> avoids, Pantry pantry) {
    FormulaAnalysis analysis = FormulaAnalysis.of(formula);
    return new AnalysisView(
        analysis.ribbon().steps().stream().map(RibbonStepView::of).toList(),
        analysis.ribbon().end().total().kilograms(),
        analysis.ribbon().gone().kilograms(),
        analysis.startSolids().value(),
        analysis.solids().value(),
        analysis.salt().value(),
        analysis.saltRangeShare(),
        analysis.ladledDensity().kilogramsPerCubicMeter(),
        TasteView.of(formula),
        analysis.cost().orElse(null),
        DeclarationView.of(analysis.declaration()),
        AvoidedView.of(avoids, formula.portions(), pantry),
        analysis.warnings(),
        analysis.workings());
  }
}
