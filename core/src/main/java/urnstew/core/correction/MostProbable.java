package urnstew.core.correction;

import urnstew.core.reduction.ReductionCurve;

/**
 * The most probable fall of a pot, without its band.
 *
 * @param fall of the pot
 * @param estimate what is taken to be true of it
 */
public record MostProbable(ReductionCurve fall, ParameterEstimate estimate) {}
