package urnstew.core.thermo;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.Samples;
import urnstew.core.sauce.PotContents;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

class ThermalPropertiesTest {
  /** Raw tomato, FDC SR Legacy NDB 11529: check-values b01 and d25. */
  private static final Composition TOMATO =
      Samples.composition(94.52, 0.88, 0.20, 3.89 - 1.2, 1.2, 0.50);

  @Test
  void rawTomatoAtTwentyDegrees() {
    Temperature at = Temperature.ofCelsius(20);
    assertEquals(4041, ThermalProperties.joulesPerKilogramKelvin(TOMATO, at), 0.003 * 4041);
    assertEquals(
        1013.8, ThermalProperties.density(TOMATO, at).kilogramsPerCubicMeter(), 0.003 * 1013.8);
  }

  /** Check-values d23 and d25: conductivity ±1 %, diffusivity from all three. */
  @Test
  void rawTomatoConductsHeat() {
    Temperature at = Temperature.ofCelsius(20);
    double conductivity = ThermalProperties.wattsPerMeterKelvin(TOMATO, at);
    assertEquals(0.5893, conductivity, 0.01 * 0.5893);
    double density = ThermalProperties.density(TOMATO, at).kilogramsPerCubicMeter();
    double diffusivity =
        conductivity / (density * ThermalProperties.joulesPerKilogramKelvin(TOMATO, at));
    assertEquals(1.439e-7, diffusivity, 0.015 * 1.439e-7);
  }

  /** Conservation of solids: check-values j01, j03, j09, masses ±0.1 %. */
  @ParameterizedTest
  @CsvSource({"2,6,9,1.333", "10,5.5,28,1.964", "0.6,5.5,8,0.4125"})
  void reducedMassFollowsFromSolids(double start, double solids, double target, double end) {
    Composition sauce =
        Samples.composition(start * (1 - solids / 100), 0, 0, start * solids / 100, 0, 0);
    PotContents reduced = PotContents.of(sauce).reducedTo(MassFraction.ofPercent(target));
    assertEquals(end, reduced.total().kilograms(), 0.001 * end);
    assertEquals(target, reduced.equivalentSolids().percent(), 1e-9);
  }

  @Test
  void fatCountsInMassButNotInThickness() {
    Composition lean = Samples.composition(0.9, 0, 0, 0.1, 0, 0);
    Composition fat = Samples.composition(0.9, 0, 0.2, 0.1, 0, 0);
    assertEquals(lean.solidsFraction(), fat.solidsFraction());
    assertEquals(1.2, fat.total().kilograms(), 1e-12);
  }
}
