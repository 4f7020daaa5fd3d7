package urnstew.core.batch;

import java.util.List;

/** How fast a pot boils off, from batches that were read in it. */
public final class PotRate {
  private PotRate() {}

  /**
   * The middle of its rates against the assumed one: a batch that went astray does not move it.
   *
   * @param factors one for each batch; at least one
   */
  public static double typicalFactor(List<Double> factors) {
    List<Double> inOrder = factors.stream().sorted().toList();
    int middle = inOrder.size() / 2;
    return inOrder.size() % 2 == 1
        ? inOrder.get(middle)
        : (inOrder.get(middle - 1) + inOrder.get(middle)) / 2;
  }
}
