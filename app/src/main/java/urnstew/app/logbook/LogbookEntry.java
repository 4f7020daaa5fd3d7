package urnstew.app.logbook;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

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
  @JsonProperty
  public @Nullable Long lateSeconds() {
    return plannedEnd == null ? null : Duration.between(plannedEnd, endedAt).toSeconds();
  }
}
