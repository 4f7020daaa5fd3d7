package urnstew.core.reduction;

/**
 * The pot at one moment.
 *
 * @param seconds since the simmer started
 * @param waterKilograms water in it
 * @param celsius temperature
 */
public record PotState(double seconds, double waterKilograms, double celsius) {}
