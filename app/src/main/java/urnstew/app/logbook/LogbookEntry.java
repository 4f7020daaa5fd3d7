package urnstew.app.logbook;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.core.batch.BatchOutcome;
import urnstew.core.batch.PotRate;
import urnstew.core.explain.Working;
import urnstew.units.Mass;

/** One finished batch, plan against outcome. */
public record LogbookEntry(
    UUID id,
    String name,
    String formulaId,
    UUID vesselId,
    String vesselName,
    Instant startedAt,
    Instant endedAt,
    @Nullable Instant plannedEnd,
    double plannedMassKilograms,
    @Nullable Double finalMassKilograms,
    double evaporationFactor,
    @Nullable String note,
    int readings,
    @Nullable Double cost,
    String modelVersion) {

  /**
   * What batches said of a pot.
   *
   * @param typicalFactor the middle of them
   * @param points the newest first
   */
  public record PotRates(
      UUID vesselId, String vesselName, double typicalFactor, List<VesselPoint> points) {
    static PotRates of(List<VesselPoint> points) {
      VesselPoint newest = points.get(0);
      return new PotRates(
          newest.vesselId(),
          newest.vesselName(),
          PotRate.typicalFactor(points.stream().map(VesselPoint::evaporationFactor).toList()),
          points);
    }
  }

  /** What one batch said of its pot. */
  public record VesselPoint(
      UUID batchId,
      String name,
      UUID vesselId,
      String vesselName,
      Instant endedAt,
      double evaporationFactor,
      int readings) {}

  /** How much later than planned it came off the heat; negative when earlier. */
  @JsonProperty(access = JsonProperty.Access.READ_ONLY)
  public @Nullable Long lateSeconds() {
    return outcome().late().map(Duration::toSeconds).orElse(null);
  }

  /** How the figures came about. */
  @JsonProperty(access = JsonProperty.Access.READ_ONLY)
  public List<Working> workings() {
    return outcome().workings();
  }

  private BatchOutcome outcome() {
    return new BatchOutcome(
        Optional.ofNullable(plannedEnd),
        endedAt,
        new Mass(plannedMassKilograms),
        Optional.ofNullable(finalMassKilograms).map(Mass::new),
        evaporationFactor,
        readings);
  }
}
