package urnstew.core.correction;

import java.util.List;
import org.hipparchus.linear.RealMatrix;

/**
 * One way to explain the readings.
 *
 * @param estimate what it says of the pot
 * @param covariance of the quantities in question
 * @param weight how likely it is against the others, 0 to 1
 * @param odd keys of readings that do not go with it
 */
record PosteriorMode(
    ParameterEstimate estimate, RealMatrix covariance, double weight, List<String> odd) {
  PosteriorMode weighing(double other) {
    return new PosteriorMode(estimate, covariance, other, odd);
  }
}
