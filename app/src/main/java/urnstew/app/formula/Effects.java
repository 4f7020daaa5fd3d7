package urnstew.app.formula;

import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import urnstew.app.formula.FormulaView.EffectView;
import urnstew.core.formula.Choice;
import urnstew.core.formula.Formula;
import urnstew.core.formula.FormulaAnalysis;
import urnstew.core.formula.Larder;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.School;
import urnstew.core.formula.Stage;

/** Every way that a formula offers, computed beside the chosen ones. */
final class Effects {
  private final Formula whole;
  private final List<School> chosen;
  private final Larder larder;

  Effects(Formula whole, List<School> chosen, Larder larder) {
    this.whole = whole;
    this.chosen = chosen;
    this.larder = larder;
  }

  List<EffectView> all() {
    return whole.choices().stream().flatMap(this::ofChoice).toList();
  }

  private Stream<EffectView> ofChoice(Choice choice) {
    return choice.options().stream()
        .map(option -> effect(new School(choice.question(), option.name())));
  }

  private EffectView effect(School school) {
    List<School> others =
        chosen.stream().filter(one -> !one.question().equals(school.question())).toList();
    List<School> all = Stream.concat(others.stream(), Stream.of(school)).toList();
    ResolvedFormula way = ResolvedFormula.of(whole.choosing(all), larder);
    FormulaAnalysis analysis = FormulaAnalysis.of(way);
    return new EffectView(
        school.question(),
        school.option(),
        analysis.ribbon().end().total().kilograms(),
        analysis.salt().value(),
        analysis.fat().value(),
        analysis.taste().sugarsKilograms(),
        analysis.taste().acidsAsCitricKilograms(),
        analysis.cost().orElse(null),
        way.formula().stages().stream()
            .map(Stage::time)
            .reduce(Duration.ZERO, Duration::plus)
            .toSeconds(),
        analysis.declaration().allergens().stream().map(c -> c.allergen().words()).toList());
  }
}
