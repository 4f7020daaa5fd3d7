package urnstew.core.reduction;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import urnstew.core.thermo.Composition;

/**
 * An independent audit: water, alcohol, solids, fat and heat of every returned state are counted
 * again from the states alone, with specific heats integrated by Simpson's rule from the Choi–Okos
 * polynomials as printed (check-values d22), and must close with what passed the borders.
 */
class AuditTest {
  private static final double TOLERANCE = 1e-7;

  static LongStream seeds() {
    return LongStream.rangeClosed(1, 100);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void everyBalanceCloses(long seed) {
    everyBalanceCloses(RandomPrograms.of(seed));
  }

  static LongStream stagedSeeds() {
    return LongStream.rangeClosed(1, 1000);
  }

  /** A thousand programs of stages, with pieces out and back: these are counted beside the pot. */
  @ParameterizedTest
  @MethodSource("stagedSeeds")
  void everyBalanceClosesThroughPhases(long seed) {
    everyBalanceCloses(RandomPrograms.ofPhases(seed));
  }

  /** Nothing of a piece is lost or made on its way out and back, whatever it has given. */
  @ParameterizedTest
  @MethodSource("stagedSeeds")
  void piecesBesideThePotAreCounted(long seed) {
    Program program = RandomPrograms.ofPhases(seed);
    Program moving =
        program
            .with(List.of())
            .through(
                program.phases().stream()
                    .map(phase -> phase.with(moves(phase.changes())))
                    .toList());
    ReductionCurve fall = Reduction.during(moving, 3 * 3600, Unknowns.NOMINAL);
    Composition first = inAll(fall.first());
    for (PotState state : fall.states()) {
      Composition all = inAll(state);
      Ledger gone = state.ledger();
      close(first.waterKilograms(), all.waterKilograms() + gone.waterKilograms());
      close(first.ethanolKilograms(), all.ethanolKilograms() + gone.ethanolKilograms());
      close(first.proteinKilograms(), all.proteinKilograms());
      close(first.fatKilograms(), all.fatKilograms());
      close(first.ashKilograms(), all.ashKilograms());
      close(first.carbohydrateKilograms(), all.carbohydrateKilograms());
    }
  }

  private static List<Change> moves(List<Change> changes) {
    return changes.stream()
        .filter(c -> c instanceof Change.PiecesOut || c instanceof Change.PiecesBack)
        .toList();
  }

  private static Composition inAll(PotState state) {
    return state.aside().stream()
        .map(kind -> kind.pieces().whole())
        .reduce(state.contents().everything(), Composition::plus);
  }

  private static void everyBalanceCloses(Program program) {
    ReductionCurve fall = Reduction.during(program, 3 * 3600, Unknowns.of(0.9, 1.1, 1.02));
    List<PotState> states = fall.states();
    for (int i = 1; i < states.size(); i++) {
      PotState a = states.get(i - 1);
      PotState b = states.get(i);
      boolean changed = a.seconds() == b.seconds();
      if (!changed) {
        speciesClose(a, b);
      }
      heatCloses(a, b);
    }
    assertTrue(states.size() > 10);
  }

  private static void speciesClose(PotState a, PotState b) {
    Composition before = a.contents().everything();
    Composition after = b.contents().everything();
    Ledger gone = b.ledger();
    double water = gone.waterKilograms() - a.ledger().waterKilograms();
    double ethanol = gone.ethanolKilograms() - a.ledger().ethanolKilograms();
    assertTrue(water >= 0 && ethanol >= 0, "nothing condenses back");
    close(before.waterKilograms(), after.waterKilograms() + water);
    close(before.ethanolKilograms(), after.ethanolKilograms() + ethanol);
    close(before.solids().kilograms(), after.solids().kilograms());
    close(before.solubleKilograms(), after.solubleKilograms());
    close(before.fatKilograms(), after.fatKilograms());
    close(a.contents().total().kilograms(), b.contents().total().kilograms() + water + ethanol);
  }

  private static void heatCloses(PotState a, PotState b) {
    double stored = joules(b) - joules(a);
    double in = b.ledger().heatInJoules() - a.ledger().heatInJoules();
    double brought = b.ledger().broughtJoules() - a.ledger().broughtJoules();
    double lost = b.ledger().heatLostJoules() - a.ledger().heatLostJoules();
    double steam = b.ledger().steamJoules() - a.ledger().steamJoules();
    assertEquals(in + brought - lost - steam, stored, TOLERANCE * joules(a));
  }

  private static void close(double expected, double actual) {
    assertEquals(expected, actual, TOLERANCE * Math.max(1e-3, expected));
  }

  /** Heat above 0 °C in everything, pot included. */
  private static double joules(PotState state) {
    double pot = state.setting().vessel().emptyMass().kilograms() * 500 * state.celsius();
    Composition all = state.contents().everything();
    double t = state.celsius();
    double simpson = (capacity(all, 0) + 4 * capacity(all, t / 2) + capacity(all, t)) * t / 6;
    return pot + simpson;
  }

  private static double capacity(Composition of, double t) {
    return 1000
        * (of.waterKilograms() * (4.1762 - 9.0864e-5 * t + 5.4731e-6 * t * t)
            + of.ethanolKilograms() * (2.19 + 0.01 * t)
            + of.proteinKilograms() * (2.0082 + 1.2089e-3 * t - 1.3129e-6 * t * t)
            + of.fatKilograms() * (1.9842 + 1.4733e-3 * t - 4.8008e-6 * t * t)
            + of.carbohydrateKilograms() * (1.5488 + 1.9625e-3 * t - 5.9399e-6 * t * t)
            + of.fibreKilograms() * (1.8459 + 1.8306e-3 * t - 4.6509e-6 * t * t)
            + of.ashKilograms() * (1.0926 + 1.8896e-3 * t - 3.6817e-6 * t * t));
  }
}
