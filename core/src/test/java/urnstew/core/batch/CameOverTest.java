package urnstew.core.batch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import urnstew.core.Samples;
import urnstew.core.batch.BatchEvent.CameOver;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.sauce.PotContents;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;

/** What is cooked in a pan beside comes over with its liquor, as it was weighed. */
class CameOverTest {
  private static final int MUSHROOMS = 3;

  private static ResolvedFormula drover() {
    return Samples.formula("drover-ragu");
  }

  private static double inThePot(ResolvedFormula formula) {
    return formula.intoThePot().total().kilograms();
  }

  /** 500 g of mushrooms: solids stay, water is what the scale says, whatever was assumed. */
  @ParameterizedTest
  @ValueSource(doubles = {0.15, 0.25, 0.333, 0.5})
  void waterIsWhatTheScaleSays(double kilograms) {
    ResolvedFormula planned = drover();
    double assumed = 0.5 - 0.4 * water(planned);
    ResolvedFormula really = planned.cameOver(MUSHROOMS, new Mass(kilograms));
    assertEquals(kilograms - assumed, inThePot(really) - inThePot(planned), 1e-9);
    assertEquals(solids(planned.intoThePot()), solids(really.intoThePot()), 1e-9);
  }

  /** Less than its solids: some was left behind, and is nowhere. */
  @Test
  void whatIsLeftBehindIsNotInIt() {
    ResolvedFormula planned = drover();
    ResolvedFormula really = planned.cameOver(MUSHROOMS, new Mass(0.02));
    double assumed = 0.5 - 0.4 * water(planned);
    assertEquals(0.02 - assumed, inThePot(really) - inThePot(planned), 1e-9);
    assertTrue(solids(really.intoThePot()) < solids(planned.intoThePot()));
  }

  private static double water(ResolvedFormula formula) {
    return formula.portionsOf(MUSHROOMS).get(0).contents().everything().waterKilograms();
  }

  private static double solids(PotContents contents) {
    return contents.everything().solids().kilograms();
  }

  /** The pot's own page follows: it holds that much more from the start. */
  @Test
  void theForecastFollows() {
    BatchHistory lit = UnfinishedTest.lit(formula("drover-ragu"));
    BatchEvent over = new CameOver(new UUID(9, 1), lit.at(0), MUSHROOMS, mushrooms(lit).times(0.9));
    BatchHistory weighed = lit.with(over, lit.at(60));
    double before = Samples.forecast(lit).prediction().likely().massAt(1).kilograms();
    double after = Samples.forecast(weighed).prediction().likely().massAt(1).kilograms();
    assertTrue(after > before + 0.2 * mushrooms(lit).kilograms(), before + " " + after);
  }

  @Test
  void moreThanWentInAndStagesOfThePotAreRefused() {
    BatchHistory lit = UnfinishedTest.lit(formula("drover-ragu"));
    refused(lit, MUSHROOMS, mushrooms(lit).times(1.1), "massKilograms");
    refused(lit, 1, new Mass(0.1), "stage");
    refused(lit, 40, new Mass(0.1), "stage");
  }

  private static void refused(BatchHistory lit, int stage, Mass mass, String parameter) {
    BatchEvent over = new CameOver(new UUID(9, 1), lit.at(0), stage, mass);
    InvalidInput fault = assertThrows(InvalidInput.class, () -> lit.with(over, lit.at(60)));
    assertEquals(parameter, fault.parameter());
  }

  private static Mass mushrooms(BatchHistory lit) {
    return lit.snapshot().inputs().size().batch().portionsOf(MUSHROOMS).get(0).mass();
  }

  private static Formula formula(String id) {
    return ReferenceFormulas.load().stream()
        .filter(one -> one.id().equals(id))
        .findFirst()
        .orElseThrow();
  }
}
