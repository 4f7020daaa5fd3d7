package urnstew.core.sizing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.sizing.FromStock.There;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

class FromStockTest {
  private static final MassFraction TARGET = MassFraction.ofPercent(13);
  private static final ResolvedFormula RAGU = Samples.ragu();

  @Test
  void whatANeedTakesFeedsThatNeedAgain() {
    Random random = new Random(11);
    for (int i = 0; i < 200; i++) {
      Need need = new Need(1 + random.nextInt(300), Mass.ofGrams(60 + random.nextInt(200)));
      BatchSize there = Sizing.size(RAGU, need, TARGET, PackRule.AS_NEEDED);
      List<There> stock = there.purchases().stream().map(one -> there(one, 1)).toList();
      FromStock back = FromStock.of(RAGU, stock);
      assertEquals(there.scaleFactor(), back.scaleFactor(), 1e-9 * there.scaleFactor());
      assertTrue(back.unused().stream().allMatch(left -> left.mass().grams() < 1e-6));
    }
  }

  @Test
  void whatRunsOutFirstBindsAndTheRestIsLeft() {
    List<Purchase> own = Purchase.of(RAGU.portions(), PackGoal.LEAST_COST);
    Purchase scarce = own.get(0);
    List<There> stock = own.stream().map(one -> there(one, one == scarce ? 2 : 3)).toList();
    FromStock from = FromStock.of(RAGU, stock);
    assertEquals(2, from.scaleFactor(), 1e-9);
    assertEquals(scarce.ingredient().id(), from.bound().id());
    assertEquals(own.size() - 1, from.unused().size());
    for (FromStock.Unused left : from.unused()) {
      Purchase one =
          own.stream()
              .filter(purchase -> purchase.ingredient().equals(left.ingredient()))
              .findFirst()
              .orElseThrow();
      assertEquals(one.needed().kilograms(), left.mass().kilograms(), 1e-9);
    }
  }

  private static There there(Purchase one, double times) {
    return new There(one.ingredient().id(), one.needed().times(times));
  }

  @Test
  void refusesWhatTheFormulaDoesNotTake() {
    for (List<There> there :
        List.of(
            List.<There>of(),
            List.of(new There("rice", Mass.ofGrams(500))),
            List.of(new There(RAGU.portions().get(0).ingredient().id(), Mass.ZERO)))) {
      InvalidInput fault = assertThrows(InvalidInput.class, () -> FromStock.of(RAGU, there));
      assertEquals("available", fault.parameter());
    }
  }
}
