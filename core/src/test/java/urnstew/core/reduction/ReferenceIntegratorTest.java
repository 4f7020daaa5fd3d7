package urnstew.core.reduction;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.function.LongFunction;
import org.junit.jupiter.api.Test;
import urnstew.core.Cases;
import urnstew.core.reduction.Outcome.OutOfRange;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.units.MassFraction;

/**
 * Reach times against {@link ReferencePot} (Hipparchus ODE 4.0.3), within 0.1 %. Where a pot hardly
 * loses anything by then, so that its hour hangs on grams, 0.1 % of the water that has left decides
 * instead; that may be so in one program of fifty.
 */
class ReferenceIntegratorTest {
  private static final int PROGRAMS = Cases.of(300);
  private static final double TOLERANCE = 1e-3;
  private static final int SLOW = Math.max(1, PROGRAMS / 50);

  @Test
  void reachTimesAgreeOnRandomPrograms() {
    assertEquals(0, inWaterOnly(RandomPrograms::of));
  }

  /** Phases, each with its own end, and pieces that go out and come back. */
  @Test
  void theyAgreeOnRandomProgramsOfPhases() {
    int slow = inWaterOnly(RandomPrograms::ofPhases);
    assertTrue(slow <= SLOW, slow + " agree in water only");
  }

  /** How many agree in the water that has left, and not in time. */
  private static int inWaterOnly(LongFunction<Program> programs) {
    int compared = 0;
    int slow = 0;
    for (long seed = 1; compared < PROGRAMS; seed++) {
      Program program = programs.apply(seed);
      double target = 0.09 + 0.04 * (seed % 7) / 7.0;
      ReductionCurve fall =
          Reduction.untilThick(program, new MassFraction(target), Unknowns.NOMINAL);
      if (fall.outcome() instanceof OutOfRange) {
        continue;
      }
      double reference = ReferencePot.seconds(program, target);
      if (fall.outcome() instanceof Reaches reaches) {
        double off = Math.abs(reference - reaches.after().toMillis() / 1000.0);
        double left = off * fall.kilogramsPerHourAt(fall.last().seconds()) / 3600;
        boolean inTime = off <= TOLERANCE * reference;
        boolean inWater = left <= TOLERANCE * fall.last().ledger().waterKilograms();
        assertTrue(inTime || inWater, "seed " + seed + ": " + off + " s of " + reference);
        slow += inTime ? 0 : 1;
        compared++;
      } else {
        assertTrue(Double.isInfinite(reference), "seed " + seed + " " + fall.outcome());
      }
    }
    return slow;
  }
}
