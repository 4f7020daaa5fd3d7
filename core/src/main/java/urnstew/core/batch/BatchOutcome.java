package urnstew.core.batch;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import urnstew.core.explain.Confidence;
import urnstew.core.explain.Term;
import urnstew.core.explain.Working;
import urnstew.units.Mass;

/**
 * Plan against outcome of one finished batch.
 *
 * @param plannedEnd when the plan said it would be thick enough; empty if it said never
 * @param end when it came off the heat
 * @param plannedMass what the plan said would come out
 * @param finalMass what was weighed, if it was
 * @param evaporationFactor rate of this pot against the assumed, as last corrected
 * @param readings how many readings were taken
 */
public record BatchOutcome(
    Optional<Instant> plannedEnd,
    Instant end,
    Mass plannedMass,
    Optional<Mass> finalMass,
    double evaporationFactor,
    int readings) {

  /** How much later than planned; negative when earlier, empty where no end was planned. */
  public Optional<Duration> late() {
    return plannedEnd.map(planned -> Duration.between(planned, end));
  }

  /** How the figures came about. */
  public List<Working> workings() {
    List<Working> all = new ArrayList<>();
    late().map(BatchOutcome::lateWorking).ifPresent(all::add);
    all.add(massWorking());
    all.add(rateWorking());
    return all;
  }

  private static Working lateWorking(Duration late) {
    return new Working(
        "late",
        "When it came off the heat, less when the plan of the start said it would be thick"
            + " enough.",
        "Δt = t_end − t_planned",
        List.of(new Term("later than planned", "Δt", late.toSeconds() / 60.0, "min")),
        List.of("Taking it off is the cook's decision: late does not mean wrong"),
        List.of("The clock"),
        Confidence.EXACT);
  }

  private Working massWorking() {
    List<Term> terms = new ArrayList<>();
    terms.add(new Term("planned to come out", "m_plan", plannedMass.kilograms(), "kg"));
    finalMass.ifPresent(
        mass -> {
          double more = mass.kilograms() - plannedMass.kilograms();
          terms.add(new Term("came out", "m", mass.kilograms(), "kg"));
          terms.add(new Term("more than planned", "Δm", more, "kg"));
          terms.add(
              new Term(
                  "more than planned", "Δm/m_plan", 100 * more / plannedMass.kilograms(), "%"));
        });
    return new Working(
        "finalMass",
        "What was weighed at the end beside what the plan of the start said would come out.",
        "Δm = m − m_plan",
        terms,
        List.of("More sauce than planned is mostly thinner sauce: the solids stay in the pot"),
        List.of("Conservation of mass"),
        finalMass.isPresent() ? Confidence.MEASURED : Confidence.ASSUMED);
  }

  private Working rateWorking() {
    return new Working(
        "evaporationFactor",
        "The factor on the assumed rate below the boil that fits this batch's readings best.",
        "minimise Σ w (read − predicted)²/σ² + θᵀΣ₀⁻¹θ,  f = exp θ",
        List.of(
            new Term("this pot against the assumed", "f", evaporationFactor, ""),
            new Term("readings", "n", readings, "")),
        List.of("Without a reading it stays at 1"),
        List.of("Maximum a posteriori fit"),
        readings == 0 ? Confidence.ASSUMED : Confidence.MEASURED);
  }
}
