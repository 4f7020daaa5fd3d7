package urnstew.core.correction;

import java.util.List;
import org.hipparchus.linear.RealMatrix;

/**
 * One way to explain the readings.
 *
 * @param estimate what it says of the pot
 * @param covariance of the quantities in question
 * @param logWeight how likely it is, but for a factor that all modes of the pot share
 * @param odd keys of readings that do not go with it
 */
record PosteriorMode(
    ParameterEstimate estimate, RealMatrix covariance, double logWeight, List<String> odd) {}
