package urnstew.units;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.function.DoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class QuantitiesTest {

  static Stream<DoubleFunction<Object>> constructors() {
    return Stream.of(
        Mass::new,
        Volume::new,
        Length::new,
        Area::new,
        Density::new,
        Pressure::new,
        Power::new,
        MassFraction::new,
        Temperature::new,
        TemperatureDifference::new);
  }

  @ParameterizedTest
  @MethodSource("constructors")
  void noQuantityIsNotANumberOrInfinite(DoubleFunction<Object> constructor) {
    for (double bad : new double[] {Double.NaN, Double.POSITIVE_INFINITY}) {
      InvalidInput fault = assertThrows(InvalidInput.class, () -> constructor.apply(bad));
      assertTrue(fault.remedy().length() > 5, "a remedy is given");
    }
  }

  /** Codes print 135, 70, 41, 145, 165 and 180 °F: check-values a18, by definition. */
  @ParameterizedTest
  @CsvSource({"57,134.6", "21,69.8", "5,41.0", "63,145.4", "74,165.2", "82,179.6"})
  void fahrenheit(double celsius, double fahrenheit) {
    assertEquals(fahrenheit, Temperature.ofCelsius(celsius).fahrenheit(), 0.05);
    assertEquals(celsius, Temperature.ofFahrenheit(fahrenheit).celsius(), 0.03);
  }

  /** NIST SP 811 Appendix B. */
  @Test
  void poundAndGallon() {
    assertEquals(453.59237, Mass.ofPounds(1).grams(), 1e-9);
    assertEquals(946.353, new Volume(Volume.CUBIC_METERS_PER_US_GALLON / 4).liters() * 1000, 0.001);
  }

  @Test
  void aMassCannotBeNegative() {
    InvalidInput fault =
        assertThrows(InvalidInput.class, () -> Mass.ofGrams(5).minus(Mass.ofGrams(6)));
    assertEquals("negative", fault.code());
  }
}
