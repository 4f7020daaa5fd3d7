package urnstew.core.reduction;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import urnstew.core.reduction.Outcome.OutOfRange;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.units.MassFraction;

/** Reach times against {@link ReferencePot} (Hipparchus ODE 4.0.3), within 0.1 %. */
class ReferenceIntegratorTest {
  private static final int PROGRAMS = 300;
  private static final double TOLERANCE = 1e-3;

  @Test
  void reachTimesAgreeOnThreeHundredPrograms() {
    int compared = 0;
    for (long seed = 1; compared < PROGRAMS; seed++) {
      Program program = RandomPrograms.of(seed);
      double target = 0.09 + 0.04 * (seed % 7) / 7.0;
      Outcome ours =
          Reduction.untilThick(program, new MassFraction(target), Unknowns.NOMINAL).outcome();
      if (ours instanceof OutOfRange) {
        continue;
      }
      double reference = ReferencePot.seconds(program, target);
      if (ours instanceof Reaches reaches) {
        double seconds = reaches.after().toMillis() / 1000.0;
        assertEquals(reference, seconds, TOLERANCE * reference, "seed " + seed);
        compared++;
      } else {
        assertTrue(Double.isInfinite(reference), "seed " + seed + " " + ours);
      }
    }
  }
}
