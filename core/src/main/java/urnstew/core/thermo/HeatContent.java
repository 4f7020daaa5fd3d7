package urnstew.core.thermo;

/**
 * Heat in something warm, counted from 0 °C: H(t) = a·t + b·t²/2 + c·t³/3, the integral of the
 * specific heats of its components.
 *
 * <p>Source: Y. Choi, M. R. Okos (1986), as tabulated in the ASHRAE Handbook, Refrigeration;
 * alcohol 2.44 kJ/(kg K) at 25 °C and 2.8 at 60 °C (CRC Handbook, from memory). Range −40 to 150
 * °C. Worked number: a kilogram of water at 100 °C holds 418.9 kJ.
 *
 * @param perKelvin a, J/K
 * @param joulesPerKelvinSquared b, J/K²
 * @param joulesPerKelvinCubed c, J/K³
 */
public record HeatContent(
    double perKelvin, double joulesPerKelvinSquared, double joulesPerKelvinCubed) {
  /** A kilogram of water. */
  public static final HeatContent WATER = new HeatContent(4176.2, -0.090864, 0.0054731);

  /** A kilogram of alcohol. */
  public static final HeatContent ETHANOL = new HeatContent(2190, 10, 0);

  private static final HeatContent PROTEIN = new HeatContent(2008.2, 1.2089, -0.0013129);
  private static final HeatContent FAT = new HeatContent(1984.2, 1.4733, -0.0048008);
  private static final HeatContent CARBOHYDRATE = new HeatContent(1548.8, 1.9625, -0.0059399);
  private static final HeatContent FIBRE = new HeatContent(1845.9, 1.8306, -0.0046509);
  private static final HeatContent ASH = new HeatContent(1092.6, 1.8896, -0.0036817);

  /** Heat content of a mixture. */
  public static HeatContent of(Composition mixture) {
    return WATER
        .times(mixture.waterKilograms())
        .plus(ETHANOL.times(mixture.ethanolKilograms()))
        .plus(PROTEIN.times(mixture.proteinKilograms()))
        .plus(FAT.times(mixture.fatKilograms()))
        .plus(CARBOHYDRATE.times(mixture.carbohydrateKilograms()))
        .plus(FIBRE.times(mixture.fibreKilograms()))
        .plus(ASH.times(mixture.ashKilograms()));
  }

  public HeatContent plus(HeatContent other) {
    return new HeatContent(
        perKelvin + other.perKelvin,
        joulesPerKelvinSquared + other.joulesPerKelvinSquared,
        joulesPerKelvinCubed + other.joulesPerKelvinCubed);
  }

  public HeatContent times(double factor) {
    return new HeatContent(
        perKelvin * factor, joulesPerKelvinSquared * factor, joulesPerKelvinCubed * factor);
  }

  /** The same with so much water and alcohol in it, kg; for kernels. */
  public HeatContent with(double waterKilograms, double ethanolKilograms) {
    return new HeatContent(
        perKelvin + WATER.perKelvin * waterKilograms + ETHANOL.perKelvin * ethanolKilograms,
        joulesPerKelvinSquared
            + WATER.joulesPerKelvinSquared * waterKilograms
            + ETHANOL.joulesPerKelvinSquared * ethanolKilograms,
        joulesPerKelvinCubed + WATER.joulesPerKelvinCubed * waterKilograms);
  }

  /** Heat counted from 0 °C, J. */
  public double joules(double celsius) {
    return celsius
        * (perKelvin + celsius * (joulesPerKelvinSquared / 2 + celsius * joulesPerKelvinCubed / 3));
  }

  /** Heat that warms it by one kelvin, J/K. */
  public double joulesPerKelvin(double celsius) {
    return perKelvin + celsius * (joulesPerKelvinSquared + celsius * joulesPerKelvinCubed);
  }

  /** Temperature at which it holds this heat, °C; found by Newton's method from a guess. */
  public double celsius(double joules, double guessCelsius) {
    double celsius = guessCelsius;
    for (int i = 0; i < 20; i++) {
      double step = (joules - joules(celsius)) / joulesPerKelvin(celsius);
      celsius += step;
      if (Math.abs(step) < 1e-10) {
        break;
      }
    }
    return celsius;
  }
}
