package urnstew.core.holding;

import java.time.Instant;

/**
 * A temperature read in something held.
 *
 * @param at when
 * @param celsius °C, at its coldest place
 * @param errorKelvins of the thermometer, K
 */
public record HoldReading(Instant at, double celsius, double errorKelvins) {}
