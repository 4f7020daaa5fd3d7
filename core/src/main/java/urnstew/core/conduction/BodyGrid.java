package urnstew.core.conduction;

import java.util.Arrays;

/**
 * A slab, cylinder or sphere in finite volumes along its one dimension, for surroundings that
 * change and for a wet surface in hot air, which grows no hotter than evaporation lets it.
 *
 * <p>∂T/∂t = α·r⁻ᵐ·∂/∂r(rᵐ·∂T/∂r), m = 0, 1, 2; a slab has two faces and is met from one to the
 * other. Stepped as {@link ConductionGrid} is. Source: K. W. Morton, D. F. Mayers, Numerical
 * Solution of Partial Differential Equations, chapter 2; R. Alexander, SIAM J. Numer. Anal. 14
 * (1977) 1006. Range: constant properties; within 0.5 % of the series in time. Worked number: a
 * slab of 25 mm in liquid of 88 °C, 500 W/(m² K), from 8 to 60 °C in its middle in 11.3 min.
 */
public final class BodyGrid {
  private static final int SHELLS = 24;

  /** Of the time in which heat crosses the radius. */
  private static final double FIRST_STEP = 2e-5;

  private static final double LARGEST_STEP = 4e-3;
  private static final double GROWTH = 1.15;

  /** Of the time since it was put there: what still changes by then changes slowly. */
  private static final double LATE_STEP = 1 / 50.0;

  /** Lengths that differ by less are the same, as a share. */
  private static final double SAME = 1e-9;

  /** A face that is kept at a temperature, W/(m² K). */
  private static final double HELD = 1e7;

  private final Cooling matter;
  private final Body body;
  private final double width;
  private final double[] celsius;

  /** Of the whole, each volume's. */
  private final double[] share;

  private final boolean twoFaces;
  private final GridLine line;
  private final double firstStep;
  private final double largestStep;
  private double step;
  private double sincePut;
  private Side lower = new Side(0, 0);
  private Side upper = new Side(0, 0);

  /**
   * What a face meets.
   *
   * @param wattsPerSquareMeterKelvin coefficient, W/(m² K)
   * @param celsius of it
   * @param wettestCelsius that the face reaches while it is wet; infinite where it is not in air
   */
  public record Side(double wattsPerSquareMeterKelvin, double celsius, double wettestCelsius) {
    /** A bath, a floor, steam or air that dries nothing. */
    public Side(double wattsPerSquareMeterKelvin, double celsius) {
      this(wattsPerSquareMeterKelvin, celsius, Double.POSITIVE_INFINITY);
    }

    private Side held() {
      return new Side(HELD, wettestCelsius);
    }
  }

  /**
   * All of it at one temperature.
   *
   * @param radiusMeters radius, or half thickness
   */
  public BodyGrid(Cooling matter, Body body, double radiusMeters, double startCelsius) {
    this(matter, body, radiusMeters, startCelsius, body == Body.SLAB);
  }

  /** The same for a body that meets the same all round: of a slab, half is enough. */
  public static BodyGrid heatedAlike(
      Cooling matter, Body body, double radiusMeters, double startCelsius) {
    return new BodyGrid(matter, body, radiusMeters, startCelsius, false);
  }

  private BodyGrid(
      Cooling matter, Body body, double radiusMeters, double startCelsius, boolean twoFaces) {
    this.matter = matter;
    this.body = body;
    this.twoFaces = twoFaces;
    int volumes = twoFaces ? 2 * SHELLS : SHELLS;
    width = radiusMeters / SHELLS;
    celsius = new double[volumes];
    Arrays.fill(celsius, startCelsius);
    share = new double[volumes];
    for (int i = 0; i < volumes; i++) {
      share[i] = volume(i) / power(volumes, body.curved() + 1) * (body.curved() + 1);
    }
    line = new GridLine(volumes);
    double crossing = radiusMeters * radiusMeters / matter.squareMetersPerSecond();
    firstStep = FIRST_STEP * crossing;
    largestStep = LARGEST_STEP * crossing;
    join();
  }

  private void join() {
    double inner = matter.squareMetersPerSecond() / (width * width);
    for (int i = 0; i < celsius.length - 1; i++) {
      double face = power(i + 1, body.curved());
      line.joins(i, inner * face / volume(i), inner * face / volume(i + 1));
    }
  }

  private double volume(int i) {
    int m = body.curved();
    return (power(i + 1, m + 1) - power(i, m + 1)) / (m + 1);
  }

  private static double power(double base, int exponent) {
    double product = 1;
    for (int i = 0; i < exponent; i++) {
      product *= base;
    }
    return product;
  }

  /** The same on all faces. */
  public void put(Side around) {
    put(around, around);
  }

  /**
   * Puts it into other surroundings.
   *
   * @param below what a slab's lower face meets; the others have none
   * @param above what its upper face meets, or all round
   */
  public void put(Side below, Side above) {
    if (!twoFaces && !below.equals(above)) {
      throw new IllegalArgumentException("One that is heated alike meets the same all round.");
    }
    lower = below;
    upper = above;
    meet();
  }

  /** What surrounds it has changed a little: it is met anew without starting small. */
  public void follow(Side around) {
    double was = step;
    double since = sincePut;
    put(around);
    step = was;
    sincePut = since;
  }

  private void meet() {
    int last = celsius.length - 1;
    if (twoFaces) {
      line.loses(0, through(lower) / width, lower.celsius());
    }
    double area = power(last + 1, body.curved()) / volume(last);
    line.loses(last, through(upper) * area / width, upper.celsius());
    step = firstStep;
    sincePut = 0;
  }

  /** From the middle of the outermost volume through its face, over ρc, m/s. */
  private double through(Side side) {
    double coefficient = side.wattsPerSquareMeterKelvin();
    if (coefficient == 0) {
      return 0;
    }
    double both = 1 / (1 / coefficient + width / (2 * matter.wattsPerMeterKelvin()));
    return both / (matter.kilogramsPerCubicMeter() * matter.joulesPerKilogramKelvin());
  }

  /** Goes on by one step, but not by more than so long; returns by how long, s. */
  public double advanceSeconds(double mostSeconds) {
    double taken = Math.min(step, mostSeconds);
    line.advance(celsius, 0, 1, taken);
    sincePut += taken;
    step = Math.min(step * GROWTH, Math.max(largestStep, LATE_STEP * sincePut));
    boolean below = twoFaces && isTooHot(lower, 0);
    boolean above = isTooHot(upper, celsius.length - 1);
    if (below || above) {
      lower = below ? lower.held() : lower;
      upper = above ? upper.held() : upper;
      meet();
    }
    return taken;
  }

  /** Goes on by so long, once steps no longer grow in equal ones: a new length takes longer. */
  public void advanceAll(double seconds) {
    double left = seconds;
    while (left > SAME * seconds) {
      double each = step < largestStep ? left : left / Math.ceil(left / step - SAME);
      left -= advanceSeconds(each);
    }
  }

  private boolean isTooHot(Side side, int volume) {
    return faceCelsius(side, volume) > side.wettestCelsius();
  }

  private double faceCelsius(Side side, int volume) {
    double inner = 2 * matter.wattsPerMeterKelvin() / width;
    double outer = side.wattsPerSquareMeterKelvin();
    return (inner * celsius[volume] + outer * side.celsius()) / (inner + outer);
  }

  /** At its middle, °C. */
  public double middleCelsius() {
    int middle = twoFaces ? SHELLS : 0;
    double first = celsius[middle];
    double next = celsius[middle + 1];
    if (twoFaces) {
      first = (first + celsius[middle - 1]) / 2;
      next = (next + celsius[middle - 2]) / 2;
    }
    return (9 * first - next) / 8;
  }

  /** At its coldest place, °C: in the middle where both faces are heated alike. */
  public double coldestCelsius() {
    double least = middleCelsius();
    for (double each : celsius) {
      least = Math.min(least, each);
    }
    return least;
  }

  /** Of its outer, or upper, face, °C. */
  public double faceCelsius() {
    return faceCelsius(upper, celsius.length - 1);
  }

  /** Mean over the volume, °C. */
  public double meanCelsius() {
    double sum = 0;
    for (int i = 0; i < celsius.length; i++) {
      sum += share[i] * celsius[i];
    }
    return sum;
  }
}
