package urnstew.core.rules;

import java.time.Duration;
import urnstew.units.Temperature;

/**
 * A temperature and the time for which the core must have it.
 *
 * @param food of what
 * @param core temperature of the core
 * @param heldFor for how long; zero for at once
 * @param section where it is written
 */
public record CookedTo(CookedFood food, Temperature core, Duration heldFor, String section) {}
