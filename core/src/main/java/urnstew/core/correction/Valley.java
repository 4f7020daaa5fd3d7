package urnstew.core.correction;

import java.util.List;
import org.hipparchus.linear.RealMatrix;

/**
 * One way to explain the readings.
 *
 * @param belief what it says of the pot
 * @param covariance of the quantities in question
 * @param weight how likely it is against the others, 0 to 1
 * @param odd keys of readings that do not go with it
 */
record Valley(Belief belief, RealMatrix covariance, double weight, List<String> odd) {
  Valley weighing(double other) {
    return new Valley(belief, covariance, other, odd);
  }
}
