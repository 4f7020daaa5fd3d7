package urnstew.core.batch;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import urnstew.core.explain.Confidence;
import urnstew.core.explain.Term;
import urnstew.core.explain.Working;

/**
 * Plan against outcome of one finished batch.
 *
 * @param plannedEnd when the plan said it would be thick enough
 * @param end when it came off the heat
 * @param evaporationFactor rate of this pot against the assumed, as last corrected
 * @param readings how many readings were taken
 */
public record BatchOutcome(
    Instant plannedEnd, Instant end, double evaporationFactor, int readings) {

  /** How much later than planned; negative when earlier. */
  public Duration late() {
    return Duration.between(plannedEnd, end);
  }

  /** How the figures came about. */
  public List<Working> workings() {
    return List.of(
        new Working(
            "late",
            "When it came off the heat, less when the plan of the start said it would be thick"
                + " enough.",
            "Δt = t_end − t_planned",
            List.of(new Term("later than planned", "Δt", late().toSeconds() / 60.0, "min")),
            List.of("Taking it off is the cook's decision: late does not mean wrong"),
            List.of("The clock"),
            Confidence.EXACT),
        new Working(
            "evaporationFactor",
            "The factor on the assumed rate below the boil that fits this batch's readings best.",
            "minimise Σ w (read − predicted)²/σ² + θᵀΣ₀⁻¹θ,  f = exp θ",
            List.of(
                new Term("this pot against the assumed", "f", evaporationFactor, ""),
                new Term("readings", "n", readings, "")),
            List.of("Without a reading it stays at 1"),
            List.of("Maximum a posteriori fit"),
            readings == 0 ? Confidence.ASSUMED : Confidence.MEASURED));
  }
}
