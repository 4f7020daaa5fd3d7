package urnstew.units;

/**
 * Mass of one thing as a share of the whole, by mass.
 *
 * @param value share from 0 to 1, without unit
 */
public record MassFraction(double value) implements Comparable<MassFraction> {

  /** Checks the range stated for the component. */
  public MassFraction {
    Require.within("share", value, 0, 1, "");
  }

  public static MassFraction ofPercent(double percent) {
    return new MassFraction(percent / 100);
  }

  public double percent() {
    return value * 100;
  }

  @Override
  public int compareTo(MassFraction other) {
    return Double.compare(value, other.value);
  }
}
