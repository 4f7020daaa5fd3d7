package urnstew.app.kitchen;

/**
 * A height above the sea that was found by boiling water.
 *
 * @param altitudeMeters most likely
 * @param withinMeters either way, as this kitchen's probe errs
 */
record BoiledAltitude(double altitudeMeters, double withinMeters) {}
