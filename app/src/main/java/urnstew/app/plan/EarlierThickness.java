package urnstew.app.plan;

import java.time.Instant;
import java.util.UUID;

/**
 * How thick an earlier batch was, by its last plate test that counts.
 *
 * @param batchId which
 * @param spreadMeters width of the spoonful
 * @param bodyFactor body of the product, as all readings of that batch say
 * @param readAt when it was read
 * @param endedAt when the batch came off the heat
 */
public record EarlierThickness(
    UUID batchId, double spreadMeters, double bodyFactor, Instant readAt, Instant endedAt) {}
