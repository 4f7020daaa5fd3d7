package urnstew.core.thermo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import com.hummeling.if97.IF97;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import urnstew.core.explain.OutOfModelRange;
import urnstew.units.InvalidInput;
import urnstew.units.Temperature;
import urnstew.units.TemperatureDifference;

/** Against IAPWS-IF97 (library if97) and published tables; tolerances beside each. */
class SteamTest {
  private static final IF97 IF97 = new IF97(com.hummeling.if97.IF97.UnitSystem.SI);

  @ParameterizedTest
  @ValueSource(ints = {0, 250, 500, 1000, 1500, 2000, 2350, 2500, 3000, 3500})
  void boilingPointAndLatentHeatAgreeWithIf97WithinAThousandth(int meters) {
    Altitude altitude = new Altitude(meters);
    double pascals = altitude.pressure().pascals();
    double kelvins = IF97.saturationTemperatureP(pascals);
    Temperature boiling = altitude.boilingPoint();

    assertEquals(kelvins + Temperature.ABSOLUTE_ZERO_CELSIUS, boiling.celsius(), 0.001 * 89);

    double latent =
        IF97.specificEnthalpySaturatedVapourP(pascals)
            - IF97.specificEnthalpySaturatedLiquidP(pascals);
    assertEquals(latent, Steam.latentHeatJoulesPerKilogram(boiling), 0.001 * latent);
  }

  /** Moran and Shapiro table A-2, from memory: check-values d01–d09. */
  @ParameterizedTest
  @CsvSource({
    "20,2.339,2453.5",
    "60,19.95,2357.7",
    "80,47.41,2308.0",
    "90,70.18,2282.5",
    "100,101.42,2256.4"
  })
  void saturationTable(double celsius, double kilopascals, double latent) {
    Temperature at = Temperature.ofCelsius(celsius);
    assertEquals(kilopascals, Steam.saturationPressure(at).kilopascals(), 0.002 * kilopascals);
    assertEquals(latent, Steam.latentHeatJoulesPerKilogram(at) / 1000, 0.002 * latent);
  }

  /** US Standard Atmosphere 1976 with IAPWS: check-values d12–d19. */
  @ParameterizedTest
  @CsvSource({"0,101.33,99.97", "1000,89.87,96.65", "1500,84.56,94.98", "3000,70.11,89.97"})
  void altitudeTable(double meters, double kilopascals, double boiling) {
    Altitude altitude = new Altitude(meters);
    assertEquals(kilopascals, altitude.pressure().kilopascals(), 0.1);
    assertEquals(boiling, altitude.boilingPoint().celsius(), 0.15);
  }

  /** There and back: what boils there tells the height; beyond the range nothing does. */
  @ParameterizedTest
  @ValueSource(doubles = {-450, 0, 540, 2350, 5000})
  void whatBoilsTellsTheHeight(double meters) {
    Temperature boiling = new Altitude(meters).boilingPoint();
    assertEquals(meters, Altitude.boilingAt(boiling).meters(), 0.01);
  }

  /** Between rows of the table above: 3,000 m lie 10.0 K apart, 1,500 m 4.99 K. */
  @Test
  void aThermometerThatErrsMovesTheHeight() {
    TemperatureDifference kelvin = new TemperatureDifference(1);
    assertEquals(1500 / 4.99, new Altitude(750).metersWithin(kelvin), 5);
    assertEquals(1500 / 5.01, new Altitude(2250).metersWithin(kelvin), 5);
    double top = new Altitude(5000).metersWithin(kelvin);
    assertEquals(new Altitude(4990).metersWithin(kelvin), top, 1, "also at the upper end");
  }

  @ParameterizedTest
  @ValueSource(doubles = {60, 83, 102, 212})
  void waterBoilsSoInNoKitchen(double celsius) {
    assertThrows(InvalidInput.class, () -> Altitude.boilingAt(Temperature.ofCelsius(celsius)));
  }

  /** IAPWS: check-values a63, ±0.3 kg/m³. */
  @ParameterizedTest
  @CsvSource({"20,998.2", "60,983.2", "80,971.8", "100,958.4"})
  void waterDensity(double celsius, double density) {
    assertEquals(
        density, Steam.liquidDensity(Temperature.ofCelsius(celsius)).kilogramsPerCubicMeter(), 0.3);
  }

  @Test
  void saysWhereTheModelEnds() {
    assertThrows(OutOfModelRange.class, () -> Steam.saturationPressure(Temperature.ofCelsius(250)));
    assertEquals(
        "altitude", assertThrows(InvalidInput.class, () -> new Altitude(9000)).parameter());
  }
}
