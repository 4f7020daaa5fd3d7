package urnstew.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import urnstew.core.consistency.PlateSpread;
import urnstew.core.consistency.TomatoFlow;
import urnstew.core.correction.PotWorking;
import urnstew.core.correction.Prediction;
import urnstew.core.explain.Confidence;
import urnstew.core.explain.Term;
import urnstew.core.explain.Working;
import urnstew.core.formula.AlcoholLeft;
import urnstew.core.plan.Timing.Scheduled;
import urnstew.core.reduction.Hazard;
import urnstew.core.sizing.BatchSize;
import urnstew.core.thermo.ThermalProperties;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/** Says how the figures of a plan came about. */
final class PlanWorkings {
  private final PlanInputs inputs;
  private final BatchSize size;
  private final PotFit fit;
  private final Preparation preparation;
  private final Prediction prediction;
  private final Optional<AlcoholLeft> alcohol;
  private final Timing timing;

  PlanWorkings(
      PlanInputs inputs,
      BatchSize size,
      PotFit fit,
      Preparation preparation,
      Prediction prediction,
      Optional<AlcoholLeft> alcohol,
      Timing timing) {
    this.inputs = inputs;
    this.size = size;
    this.fit = fit;
    this.preparation = preparation;
    this.prediction = prediction;
    this.alcohol = alcohol;
    this.timing = timing;
  }

  List<Working> all() {
    List<Working> all = new ArrayList<>(size.workings());
    all.add(PotWorking.of("thickAt", inputs.target(), prediction, 0));
    all.add(amounts());
    all.add(preparation.working());
    all.add(volumes());
    all.add(headroom());
    all.add(salt());
    all.add(equivalentSolids());
    alcohol.map(PlanWorkings::alcohol).ifPresent(all::add);
    if (timing instanceof Scheduled scheduled) {
      all.add(lightAt(scheduled));
    }
    return all;
  }

  private Working amounts() {
    return new Working(
        "amounts",
        "Every ingredient of the formula times the same factor; packs are whole, the cheapest or the"
            + " least wasteful mix of all sizes.",
        "a = k · a₁,  b = a / y,  Σ nᵢ·gᵢ ≥ b",
        List.of(new Term("size, times the formula", "k", size.scaleFactor(), "")),
        List.of(
            "A pack holds what its label says",
            "y is what peeling, boning and draining leave of the bought weight"),
        List.of(
            "Formula " + inputs.formula().formula().name(), "US can-size tables (to be checked)"),
        Confidence.EXACT);
  }

  private Working volumes() {
    Temperature hot = Planner.simmerTemperature(inputs);
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
                ThermalProperties.density(size.start().everything(), hot).kilogramsPerCubicMeter(),
                "kg/m³"),
            new Term("depth at the start", "h₀", fit.startDepth().millimeters(), "mm"),
            new Term("depth wanted", "h", fit.endDepth().millimeters(), "mm")),
        List.of("No air is stirred in"),
        List.of("Choi and Okos 1986 (ASHRAE Handbook, Refrigeration)"),
        Confidence.PUBLISHED);
  }

  private static Working alcohol(AlcoholLeft left) {
    return new Working(
        "alcohol",
        "A range, never nothing: a published table by time alone, and the model of this pot, in which"
            + " alcohol leaves with the steam.",
        "ln r(t) straight between rows;  dm_e = 10.6 · (m_e / m_w) · dm_w",
        List.of(
            new Term("left, the lower of both", "r", left.least().percent(), "%"),
            new Term("left, the higher of both", "r", left.most().percent(), "%")),
        List.of("Part of it left with the steam before the simmer"),
        List.of("USDA Table of Nutrient Retention Factors, release 6", "Perry (to be checked)"),
        Confidence.PUBLISHED);
  }

  /** What the wanted solids look like on a plate and feel like on a spoon. */
  private Working equivalentSolids() {
    MassFraction solids = inputs.equivalentSolids();
    Temperature cold = Temperature.ofCelsius(25);
    double body = inputs.prior().likelyBodyFactor();
    return new Working(
        "thickness",
        "Thickness goes with solids to the power of 2.5, and with the body of the product, which"
            + " differs about twofold at equal solids: a plate test finds it.",
        "τ = 32 Pa · b · (s / 0.30)^2.5,  τ = 225 ρ g V² / (128 π² R⁵)",
        List.of(
            new Term("thickens at first like", "s₀", startThickness().percent(), "% solids"),
            new Term("wanted", "s", solids.percent(), "% solids"),
            new Term("body of this product, as earlier plates say", "b", body, ""),
            new Term(
                "a tablespoon on a cold plate",
                "2R",
                PlateSpread.spread(solids, body, PlateSpread.SPOONFUL).millimeters(),
                "mm"),
            new Term(
                "in a consistometer it runs",
                "L",
                PlateSpread.channelRun(solids, body).meters() * 100,
                "cm"),
            new Term(
                "times as thick when cold",
                "K/K",
                TomatoFlow.thickerFactor(cold, Planner.simmerTemperature(inputs)),
                "")),
        List.of(
            "Where no plate was read yet, an ordinary body of 1",
            "The yield stress follows the exponent of the viscosity"),
        List.of(
            "Harper and El Sahrigi 1965; Rao, Bourne and Cooley 1981; Bottiglieri et al. 1991",
            "Roussel and Coussot 2005 (to be checked)"),
        Confidence.ASSUMED);
  }

  private MassFraction startThickness() {
    return inputs.formula().beforeTheFinish().cooked().equivalentSolids();
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
        List.of("Conservation of mass", "Sodium of a food table over 393 mg/g (to be checked)"),
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
            new Term("before the simmer", "before", preparation.time().toSeconds() / 60.0, "min"),
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
