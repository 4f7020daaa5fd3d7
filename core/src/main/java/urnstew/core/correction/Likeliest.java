package urnstew.core.correction;

import urnstew.core.reduction.Trajectory;

/**
 * The most probable fall of a pot, without its band.
 *
 * @param fall of the pot
 * @param belief what is taken to be true of it
 */
public record Likeliest(Trajectory fall, Belief belief) {}
