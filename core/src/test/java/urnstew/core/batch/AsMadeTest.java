package urnstew.core.batch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.batch.AsMade.Difference;
import urnstew.core.batch.BatchEvent.Added;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.batch.BatchEvent.Poured;
import urnstew.core.formula.Formula;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageRole;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

class AsMadeTest {
  private static final Instant LIT = Samples.NOON;
  private static final Instant LATER = LIT.plus(Duration.ofHours(5));
  private static final MassFraction REACHED = MassFraction.ofPercent(11.3);

  private static Instant after(int minutes) {
    return LIT.plus(Duration.ofMinutes(minutes));
  }

  private static List<BatchLine> planned() {
    return Samples.forecast(Samples.lit(1)).lines();
  }

  private static int tomatoes() {
    List<BatchLine> lines = planned();
    return IntStream.range(0, lines.size())
        .filter(i -> lines.get(i).portion().ingredient().id().contains("tomato"))
        .findFirst()
        .orElseThrow();
  }

  private static BatchHistory pouredAndSalted() {
    double more = 1.1 * planned().get(tomatoes()).due().kilograms();
    return Samples.lit(1)
        .with(new Poured(new UUID(7, 1), after(6), tomatoes(), new Mass(more)), LATER)
        .with(
            new Added(
                new UUID(7, 2),
                after(34),
                Samples.ingredient("table-salt"),
                Mass.ofGrams(12),
                Temperature.ofCelsius(20)),
            LATER);
  }

  private static Formula formula(BatchHistory history) {
    return AsMade.of(history).formula("as-made", "Marinara again", "", REACHED, id -> true);
  }

  private static double kilograms(Formula formula) {
    return formula.stages().stream()
        .flatMap(stage -> stage.lines().stream())
        .mapToDouble(line -> line.mass().kilograms())
        .sum();
  }

  @Test
  void aBatchByItsFormulaDiffersInNothing() {
    assertEquals(List.of(), AsMade.of(Samples.lit(1)).differences());
    double due = planned().stream().mapToDouble(line -> line.due().kilograms()).sum();
    assertEquals(due, kilograms(formula(Samples.lit(1))), 1e-9 * due);
  }

  @Test
  void whatWasPouredAndAddedIsTold() {
    List<Difference> all = AsMade.of(pouredAndSalted()).differences();
    Difference tomatoes =
        all.stream().filter(one -> one.ingredientId().contains("tomato")).findFirst().orElseThrow();
    assertEquals(1.1, tomatoes.made().kilograms() / tomatoes.planned().kilograms(), 1e-9);
    Difference salt = all.get(all.size() - 1);
    assertEquals("table-salt", salt.ingredientId());
    assertEquals(0, salt.planned().kilograms());
    assertEquals(12, salt.made().grams(), 1e-9);
  }

  @Test
  void theFormulaHoldsAllThatWentInAtItsMinuteAndAsThickAsItGot() {
    BatchHistory history = pouredAndSalted();
    Formula again = formula(history);
    double due =
        Samples.forecast(history).lines().stream()
            .mapToDouble(line -> line.due().kilograms())
            .sum();
    assertEquals(due + 0.012, kilograms(again), 1e-9, "mass never appears");
    assertEquals(REACHED, again.target().orElseThrow());
    Stage simmer =
        again.stages().stream()
            .filter(stage -> stage.role() == StageRole.REDUCE)
            .findFirst()
            .orElseThrow();
    Stage.Line salt = simmer.lines().get(simmer.lines().size() - 1);
    assertEquals("table-salt", salt.ingredientId());
    long minutes = (long) history.simmerSeconds(after(34)) / 60;
    assertEquals(Math.min(minutes, simmer.time().toMinutes()), salt.after().toMinutes());
    assertTrue(again.choices().isEmpty());
  }

  @Test
  void whatCannotBeHadAgainIsLeftOut() {
    Formula again =
        AsMade.of(pouredAndSalted())
            .formula("as-made", "Again", "", REACHED, id -> !id.equals("table-salt"));
    assertEquals(kilograms(formula(pouredAndSalted())) - 0.012, kilograms(again), 1e-9);
  }

  private static double reached(BatchHistory history) {
    return AsMade.reached(history, Samples.forecast(history)).percent();
  }

  private static BatchHistory off(int minutes, Optional<Mass> weighed) {
    return Samples.lit(1)
        .with(new Finished(new UUID(7, 9), after(minutes), weighed, "", false), LATER);
  }

  /** Only water leaves: a tenth less sauce has a tenth more of everything else in it. */
  @Test
  void whatWasWeighedAtTheEndSaysHowThickItGot() {
    Mass planned = Samples.forecast(Samples.lit(1)).end().total();
    double asPlanned = reached(off(150, Optional.of(planned)));
    double less = reached(off(150, Optional.of(planned.times(0.9))));
    double more = reached(off(150, Optional.of(planned.times(1.1))));
    assertTrue(more < asPlanned && asPlanned < less);
    assertEquals(asPlanned / 0.9, less, 0.06 * asPlanned, "fat and pieces stay as they are");
    assertEquals(
        reached(off(150, Optional.empty())),
        reached(off(150, Optional.of(new Mass(0.05)))),
        1e-9,
        "what cannot be is not believed");
  }

  @Test
  void offTheHeatEarlyItIsThinner() {
    double early = reached(off(40, Optional.empty()));
    double later = reached(off(70, Optional.empty()));
    assertTrue(early < later, early + " and " + later);
    assertTrue(later <= reached(Samples.lit(1)) + 1e-9);
  }
}
