package urnstew.core.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import urnstew.core.explain.Confidence;
import urnstew.core.explain.Term;
import urnstew.core.explain.Working;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageRole;
import urnstew.core.formula.Technique;
import urnstew.core.pan.Browning;
import urnstew.core.reduction.SimmerSetting;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/**
 * What happens in the pot before the simmer: fixed times, and meat browned in as many loads as the
 * pot and the burner need.
 *
 * @param steps in the order of the work
 */
public record Preparation(List<Step> steps) {
  /** Meat as it comes from the refrigerator (assumption). */
  private static final Temperature COLD = Temperature.ofCelsius(5);

  public Preparation {
    steps = List.copyOf(steps);
  }

  /**
   * One stage before the simmer.
   *
   * @param stage which
   * @param time it takes at this size
   * @param browning loads, where meat is browned
   */
  public record Step(Stage stage, Duration time, Optional<Browning> browning) {}

  /**
   * The stages before the simmer in this pot.
   *
   * @param formula at the batch's own size
   * @param setting pot and burner; the power that likely enters the pot browns
   */
  public static Preparation of(ResolvedFormula formula, SimmerSetting setting) {
    return new Preparation(
        formula.formula().stages().stream()
            .filter(stage -> stage.role() == StageRole.PREPARE)
            .map(
                stage ->
                    step(stage, formula.massOf(formula.formula().stages().indexOf(stage)), setting))
            .toList());
  }

  private static Step step(Stage stage, Mass mass, SimmerSetting setting) {
    if (stage.technique() != Technique.BROWN || mass.compareTo(Mass.ZERO) <= 0) {
      return new Step(stage, stage.time(), Optional.empty());
    }
    Browning browning =
        Browning.of(
            mass,
            setting.vessel(),
            setting.heatSource().powerIntoPot(),
            COLD,
            setting.surroundings().altitude().boilingPoint());
    return new Step(stage, browning.time(), Optional.of(browning));
  }

  /** All of it, from lighting the burner to the start of the simmer. */
  public Duration time() {
    return steps.stream().map(Step::time).reduce(Duration.ZERO, Duration::plus);
  }

  /** The most loads that any stage is browned in; 0 where nothing is. */
  public int loads() {
    return steps.stream()
        .flatMap(step -> step.browning().stream())
        .mapToInt(Browning::loads)
        .max()
        .orElse(0);
  }

  Working working() {
    List<Term> terms = new ArrayList<>();
    for (Step step : steps) {
      step.browning().ifPresent(browning -> loads(terms, browning));
      terms.add(new Term(step.stage().title(), "t", step.time().toSeconds() / 60.0, "min"));
    }
    return new Working(
        "preparation",
        "Stages before the simmer, one after the other. Meat browns in loads: a load must find room"
            + " on the floor of the pot, and the burner must boil off in four minutes the water it"
            + " gives; then it browns for three.",
        "n = ⌈m / min(6 kg/m² · A, P · 240 s / (c·ΔT + 0.15·h_fg))⌉,  t = n · (240 s · mₙ·(c·ΔT +"
            + " 0.15·h_fg) / (P · 240 s) + 180 s)",
        terms,
        List.of(
            "Meat at 5 °C, browned in this pot on this burner",
            "6 kg to the square metre, four and three minutes, 15 % of water given early",
            "Soffritto and wine take as long as the formula says, whatever the size"),
        List.of("Common practice", "IAPWS IF97 for the latent heat"),
        Confidence.ASSUMED);
  }

  private static void loads(List<Term> terms, Browning browning) {
    terms.add(new Term("loads", "n", browning.loads(), ""));
    terms.add(
        new Term(
            browning.boundByHeat() ? "each, as the burner allows" : "each, as the floor allows",
            "mₙ",
            browning.each().kilograms(),
            "kg"));
  }
}
