package urnstew.app.batch.store;

/**
 * What was told when the burner was lit.
 *
 * @param plan amounts and hours
 * @param forecast before any reading
 */
public record StoredPlanned(StoredPlan plan, StoredForecast forecast) {}
