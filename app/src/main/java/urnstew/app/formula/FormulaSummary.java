package urnstew.app.formula;

import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import urnstew.app.formula.AnalysisView.AvoidedView;
import urnstew.core.formula.Choice;
import urnstew.core.formula.Family;
import urnstew.core.formula.Formula;
import urnstew.core.formula.Use;
import urnstew.units.MassFraction;

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
    double startSolidsFraction,
    double madeMassKilograms,
    double saltFraction,
    @Nullable BigDecimal costPerKilogram,
    List<String> allergens,
    List<String> keeps,
    List<AvoidedView> avoided,
    List<Double> ribbonMassesKilograms,
    List<ServingView> servings) {
  static FormulaSummary of(Formula formula, boolean own, AnalysisView analysis) {
    BigDecimal cost = analysis.cost();
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
        analysis.startSolidsFraction(),
        made,
        analysis.saltFraction(),
        cost == null || made == 0 ? null : BigDecimal.valueOf(cost.doubleValue() / made),
        analysis.declaration().allergens().stream().map(carried -> carried.words()).toList(),
        analysis.declaration().diets().stream()
            .filter(diet -> diet.brokenBy().isEmpty())
            .map(diet -> diet.words())
            .toList(),
        analysis.avoided(),
        analysis.ribbon().stream()
            .flatMap(step -> Stream.of(step.startMassKilograms(), step.endMassKilograms()))
            .toList(),
        ServingView.of(formula.uses()));
  }
}
