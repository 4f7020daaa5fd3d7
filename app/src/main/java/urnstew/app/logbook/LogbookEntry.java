package urnstew.app.logbook;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.core.batch.BatchOutcome;
import urnstew.core.explain.Working;

/** One finished batch, plan against outcome. */
public record LogbookEntry(
    UUID id,
    String name,
    String vesselName,
    Instant startedAt,
    Instant endedAt,
    @Nullable Instant plannedEnd,
    double plannedMassKilograms,
    @Nullable Double finalMassKilograms,
    @Nullable Double evaporationFactor,
    @Nullable String note,
    int readings) {

  /** How much later than planned it came off the heat; negative when earlier. */
  @JsonProperty(access = JsonProperty.Access.READ_ONLY)
  public @Nullable Long lateSeconds() {
    BatchOutcome outcome = outcome();
    return outcome == null ? null : outcome.late().toSeconds();
  }

  /** How the figures came about; empty where the plan never got thick enough. */
  @JsonProperty(access = JsonProperty.Access.READ_ONLY)
  public List<Working> workings() {
    BatchOutcome outcome = outcome();
    return outcome == null ? List.of() : outcome.workings();
  }

  private @Nullable BatchOutcome outcome() {
    return plannedEnd == null
        ? null
        : new BatchOutcome(
            plannedEnd, endedAt, evaporationFactor == null ? 1 : evaporationFactor, readings);
  }
}
