package urnstew.core.plan;

import java.util.ArrayList;
import java.util.List;
import urnstew.core.correction.PotWorking;
import urnstew.core.correction.Prediction;
import urnstew.core.explain.Confidence;
import urnstew.core.explain.Term;
import urnstew.core.explain.Working;
import urnstew.core.plan.Timing.Scheduled;
import urnstew.core.reduction.Hazard;
import urnstew.core.sizing.BatchSize;
import urnstew.core.thermo.FoodProperties;
import urnstew.units.Temperature;

/** Says how the figures of a plan came about. */
final class PlanWorkings {
  private final PlanInputs inputs;
  private final BatchSize size;
  private final PotFit fit;
  private final Prediction prediction;
  private final Timing timing;

  PlanWorkings(
      PlanInputs inputs, BatchSize size, PotFit fit, Prediction prediction, Timing timing) {
    this.inputs = inputs;
    this.size = size;
    this.fit = fit;
    this.prediction = prediction;
    this.timing = timing;
  }

  List<Working> all() {
    List<Working> all = new ArrayList<>(size.workings());
    all.add(PotWorking.of("thickAt", inputs.target(), prediction, 0));
    all.add(amounts());
    all.add(volumes());
    all.add(headroom());
    all.add(salt());
    if (timing instanceof Scheduled scheduled) {
      all.add(lightAt(scheduled));
    }
    return all;
  }

  private Working amounts() {
    return new Working(
        "amounts",
        "Every ingredient of the formula times the same factor; cans are counted up to whole ones.",
        "a = k · a₁,  cans = ⌈a / can⌉",
        List.of(new Term("size, times the formula", "k", size.scale(), "")),
        List.of("A can holds what its label says"),
        List.of("Formula " + inputs.formula().formula().name(), "US can-size tables, from memory"),
        Confidence.EXACT);
  }

  private Working volumes() {
    Temperature hot = Planner.keptTemperature(inputs);
    return new Working(
        "startVolume",
        "Mass over density; the density follows from what the sauce consists of, hot. The depth"
            + " follows from the pot's inside sizes.",
        "V = m / ρ,  1/ρ = Σ xᵢ/ρᵢ(t),  V(h) = πh/12 · (d₀² + d₀d + d²)",
        List.of(
            new Term("mass at the start", "m₀", size.start().total().kilograms(), "kg"),
            new Term("mass at the end", "m", size.end().total().kilograms(), "kg"),
            new Term("temperature", "t", hot.celsius(), "°C"),
            new Term(
                "density at the start",
                "ρ₀",
                FoodProperties.density(size.start().everything(), hot).kilogramsPerCubicMeter(),
                "kg/m³"),
            new Term("depth at the start", "h₀", fit.startDepth().millimeters(), "mm"),
            new Term("depth wanted", "h", fit.endDepth().millimeters(), "mm")),
        List.of("No air is stirred in"),
        List.of("Choi and Okos 1986 (ASHRAE Handbook, Refrigeration)"),
        Confidence.PUBLISHED);
  }

  private Working salt() {
    return new Working(
        "salt",
        "All salt stays in the pot while water leaves, also what cans and meat bring.",
        "w = Σ mᵢ·wᵢ / m",
        List.of(
            new Term("sauce with pieces at the end", "m", size.end().total().kilograms(), "kg"),
            new Term("salt in it", "w", size.salt().percent(), "%")),
        List.of("The first dose only; cheese and pasta water still to come"),
        List.of("Conservation of mass", "Sodium of a food table over 393 mg/g, from memory"),
        Confidence.PUBLISHED);
  }

  private Working headroom() {
    return new Working(
        "headroom",
        "A fifth to a quarter of the pot stays free for bubbles and spatter.",
        "V₀ ≤ (1 − f) · V_pot",
        List.of(
            new Term("start volume", "V₀", fit.startVolume().liters(), "l"),
            new Term("pot to the rim", "V_pot", inputs.vessel().shape().capacity().liters(), "l"),
            new Term("kept free", "f", Hazard.HEADROOM_SHARE, "")),
        List.of(),
        List.of("Common practice"),
        Confidence.ASSUMED);
  }

  private Working lightAt(Scheduled scheduled) {
    return new Working(
        "lightAt",
        "Counted back from the wanted hour: finishing, the slow edge of the simmer, what happens"
            + " in the pot before; then back to the last five-minute mark.",
        "t_light = t_ready − finish − simmer_late − before",
        List.of(
            new Term("before the simmer", "before", inputs.formula().leadTime().toMinutes(), "min"),
            new Term(
                "simmer at the slow edge",
                "simmer_late",
                java.time.Duration.between(scheduled.simmerAt(), scheduled.latest()).toSeconds()
                    / 60.0,
                "min"),
            new Term("finishing", "finish", inputs.formula().finishTime().toMinutes(), "min"),
            new Term("to spare at worst", "", scheduled.spareAtWorst().toSeconds() / 60.0, "min")),
        List.of("Nine pots in ten are thick enough by the slow edge"),
        List.of("The fall of the pot; see 'Thick enough'"),
        Confidence.ASSUMED);
  }
}
