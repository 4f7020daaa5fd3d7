package urnstew.core.rules;

import java.time.Duration;

/**
 * A temperature that something must have fallen to in time.
 *
 * @param celsius °C or colder
 * @param within counted from the start of the clock
 * @param section where it is written
 */
public record CoolingMark(double celsius, Duration within, String section) {}
