package urnstew.core.consistency;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.Samples;
import urnstew.core.explain.OutOfModelRange;
import urnstew.core.sauce.Pieces;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.units.Length;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/** Check-values topic e: Harper and El Sahrigi 1965, Rao et al. 1981, Bottiglieri et al. 1991. */
class ConsistencyTest {
  private static final Temperature TABLE = Temperature.ofCelsius(32.2);

  /** e01 to e12: n ±0.03, K ±10 %. */
  @ParameterizedTest
  @CsvSource({
    "5.8,32.2,0.223,0.59",
    "12.8,32.2,2.0,0.43",
    "16.0,32.2,3.16,0.45",
    "25.0,32.2,12.9,0.41",
    "30.0,32.2,18.7,0.40",
    "30.0,82.2,7.9,0.45"
  })
  void flowOfConcentrates(double solids, double celsius, double index, double power) {
    TomatoFlow flow = TomatoFlow.of(MassFraction.ofPercent(solids), Temperature.ofCelsius(celsius));
    assertEquals(index, flow.consistencyIndex(), 0.1 * index);
    assertEquals(power, flow.flowIndex(), 0.03);
  }

  /**
   * e14: from 10 to 30 % the viscosity at a fixed shear goes with solids to the 2.3 to 2.7. Rao,
   * Bourne and Cooley took 100 1/s (from memory); at the 500 1/s of the other source it is less.
   */
  @Test
  void viscosityGoesWithAPowerOfSolids() {
    double thin = TomatoFlow.of(MassFraction.ofPercent(10), TABLE).pascalSecondsAt(100);
    double thick = TomatoFlow.of(MassFraction.ofPercent(30), TABLE).pascalSecondsAt(100);
    double exponent = Math.log(thick / thin) / Math.log(3);
    assertTrue(PlateSpread.EXPONENT > 2.3 && PlateSpread.EXPONENT < 2.7);
    assertTrue(exponent > 2.3 && exponent < 2.7, "exponent " + exponent);
  }

  /** e17: ketchup has a yield stress of 32 Pa at 25 °C, and K 18.7 there and 7.45 at 95 °C. */
  @Test
  void ketchupIsThickerWhenCold() {
    assertEquals(32, PlateSpread.yieldPascals(MassFraction.ofPercent(30), 1), 3.2);
    double factor = TomatoFlow.thickerFactor(Temperature.ofCelsius(25), Temperature.ofCelsius(95));
    assertEquals(18.7 / 7.45, factor, 0.2 * 18.7 / 7.45, "by its consistency index");
    double seen = TomatoFlow.thickerFactor(Temperature.ofCelsius(20), Temperature.ofCelsius(93));
    assertEquals(2.2, seen, 0.1, "9.5 kJ/mol (Rao, Bourne, Cooley 1981, from memory)");
  }

  /** e18: grade A ketchup runs 9 cm at most, grade C 14 cm; ketchup has 33 and 25 % solids. */
  @Test
  void ketchupRunsAsItsGradeSays() {
    double gradeA = PlateSpread.channelRun(MassFraction.ofPercent(33), 1).meters();
    double gradeC = PlateSpread.channelRun(MassFraction.ofPercent(25), 1).meters();
    assertTrue(gradeA > 0.02 && gradeA <= 0.09, "A " + gradeA);
    assertTrue(gradeC > gradeA && gradeC <= 0.14, "C " + gradeC);
  }

  @Test
  void aSpoonfulSpreadsLessWhenThickerAndTellsTheSolidsBack() {
    Length loose = PlateSpread.spread(MassFraction.ofPercent(8), 1, PlateSpread.SPOONFUL);
    Length tight = PlateSpread.spread(MassFraction.ofPercent(14), 1, PlateSpread.SPOONFUL);
    assertTrue(tight.compareTo(loose) < 0);
    assertEquals(0.08, PlateSpread.solidsAt(loose, 1, PlateSpread.SPOONFUL).value(), 1e-9);
    double body = PlateSpread.solidsAt(loose, 1.4, PlateSpread.SPOONFUL).value();
    assertTrue(body < 0.08, "a product of more body needs fewer solids");
  }

  @Test
  void flourThickensWithoutLosingWaterAndFreeFatDoesNot() {
    Composition sauce = Samples.sauce(1, 0.08);
    double extra = 0.02 * Thickener.FLOUR.extraKilogramsPerKilogram();
    PotContents floured =
        new PotContents(sauce.plus(Samples.composition(0, 0, 0, 0.02, 0, 0)), extra, Pieces.NONE);
    assertTrue(
        floured.equivalentSolids().value() > 0.11, "thickens like " + floured.equivalentSolids());
    Composition oil = Samples.composition(0, 0, 0.1, 0, 0, 0);
    assertEquals(0.08, PotContents.of(sauce.plus(oil)).equivalentSolids().value(), 1e-9);
    PotContents reduced = floured.reducedTo(MassFraction.ofPercent(15));
    assertEquals(0.15, reduced.equivalentSolids().value(), 1e-9);
  }

  @Test
  void outsideTheTableItSaysSo() {
    assertThrows(OutOfModelRange.class, () -> TomatoFlow.of(MassFraction.ofPercent(50), TABLE));
  }

  @Test
  void bandsAreTheKitchensOwn() {
    var bands = ConsistencyBand.ending(ConsistencyBand.ASSUMED_ENDS);
    assertEquals("coating", ConsistencyBand.of(MassFraction.ofPercent(9), bands).key());
    assertEquals("brothy", ConsistencyBand.of(MassFraction.ofPercent(6.9), bands).key());
    assertEquals("paste", ConsistencyBand.of(MassFraction.ofPercent(30), bands).key());
  }
}
