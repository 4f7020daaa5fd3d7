package urnstew.units;

/**
 * Density.
 *
 * @param kilogramsPerCubicMeter density in kg/m³, above 0
 */
public record Density(double kilogramsPerCubicMeter) implements Comparable<Density> {

  /** Checks the range stated for the component. */
  public Density {
    Require.positive("density", kilogramsPerCubicMeter, "kg/m³");
  }

  @Override
  public int compareTo(Density other) {
    return Double.compare(kilogramsPerCubicMeter, other.kilogramsPerCubicMeter);
  }
}
