package urnstew.app.batch;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** The state row of a batch. Snapshot, plan and forecast are JSON. */
record BatchRow(
    UUID id,
    String name,
    UUID vesselId,
    String vesselName,
    Status status,
    Instant startedAt,
    int timeScale,
    int nextSequence,
    String modelVersion,
    String snapshot,
    String planned,
    String forecast,
    String startedBy,
    @Nullable Instant plannedEnd,
    double plannedMassKilograms,
    @Nullable Instant endedAt,
    @Nullable Double finalMassKilograms,
    @Nullable Double evaporationFactor,
    @Nullable String note,
    String formulaId,
    @Nullable Double cost,
    UUID heatSourceId,
    String heating,
    double labelPowerWatts,
    @Nullable Double measuredPowerWatts,
    @Nullable Double reachedFraction,
    @Nullable Instant reckonAgainAt) {}
