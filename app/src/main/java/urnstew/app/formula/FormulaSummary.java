package urnstew.app.formula;

import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import urnstew.app.formula.FormulaSheet.PieceSheet;
import urnstew.core.formula.Choice;
import urnstew.core.formula.Family;
import urnstew.core.formula.Formula;
import urnstew.core.formula.SimmerPhases;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageHeat;
import urnstew.core.formula.Use;
import urnstew.core.reduction.Lid;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/** One formula on the shelf, in its first ways. */
record FormulaSummary(
    String id,
    String name,
    String inShort,
    int version,
    boolean own,
    Family family,
    String familyWords,
    Set<Use> uses,
    List<Choice> choices,
    @Nullable Double targetSolidsFraction,
    @Nullable SimmerView simmer,
    boolean thickens,
    double startSolidsFraction,
    double madeMassKilograms,
    @Nullable PieceSheet piece,
    @Nullable Double ladledKilogramsPerCubicMeter,
    double saltFraction,
    @Nullable BigDecimal costPerKilogram,
    boolean unfinished,
    List<String> allergens,
    List<String> asked,
    List<String> unknown,
    List<String> keeps,
    List<AvoidedView> avoided,
    List<Double> ribbonMassesKilograms,
    List<ServingView> servings,
    @Nullable String fault) {

  /** How the simmer that answers for the hour is kept. */
  record SimmerView(
      StageHeat.Level level,
      Lid lid,
      @Nullable Double ovenCelsius,
      boolean ovenFan,
      @Nullable Double burnerShare) {
    static SimmerView of(Stage stage) {
      return new SimmerView(
          stage.heat().level(),
          stage.lid(),
          stage.heat().oven().map(Temperature::celsius).orElse(null),
          stage.heat().fan(),
          stage.heat().burnerShare().map(MassFraction::value).orElse(null));
    }
  }

  static FormulaSummary of(Formula formula, boolean own, AnalysisView analysis) {
    BigDecimal cost = analysis.cost();
    SimmerPhases phases = SimmerPhases.of(formula.choosing(List.of()));
    double made = analysis.madeMassKilograms();
    return new FormulaSummary(
        formula.id(),
        formula.name(),
        formula.inShort(),
        formula.version(),
        own,
        formula.family(),
        formula.family().words(),
        formula.uses(),
        formula.choices(),
        formula.target().map(MassFraction::value).orElse(null),
        phases.all().isEmpty() ? null : SimmerView.of(phases.all().get(phases.answering()).last()),
        phases.thickens(),
        analysis.startSolidsFraction(),
        made,
        formula.piece().map(PieceSheet::of).orElse(null),
        analysis.ladledKilogramsPerCubicMeter(),
        analysis.saltFraction(),
        cost == null || made == 0 ? null : BigDecimal.valueOf(cost.doubleValue() / made),
        !formula.unread().isEmpty(),
        analysis.declaration().allergens().stream().map(carried -> carried.words()).toList(),
        analysis.declaration().asked().stream().map(carried -> carried.words()).toList(),
        analysis.declaration().unknown(),
        analysis.declaration().diets().stream()
            .filter(diet -> diet.brokenBy().isEmpty() && diet.doubts().isEmpty())
            .map(diet -> diet.words())
            .toList(),
        analysis.avoided(),
        analysis.ribbon().stream()
            .flatMap(step -> Stream.of(step.startMassKilograms(), step.endMassKilograms()))
            .toList(),
        ServingView.of(formula.uses()),
        null);
  }

  /** One that cannot be computed: its name, and what is wrong. */
  static FormulaSummary broken(Formula formula, boolean own, String fault) {
    return new FormulaSummary(
        formula.id(),
        formula.name(),
        formula.inShort(),
        formula.version(),
        own,
        formula.family(),
        formula.family().words(),
        formula.uses(),
        formula.choices(),
        null,
        null,
        true,
        0,
        0,
        null,
        null,
        0,
        null,
        !formula.unread().isEmpty(),
        List.of(),
        List.of(),
        List.of("what is in it: it cannot be computed"),
        List.of(),
        List.of(),
        List.of(),
        ServingView.of(formula.uses()),
        fault);
  }
}
