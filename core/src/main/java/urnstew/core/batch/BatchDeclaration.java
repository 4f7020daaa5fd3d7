package urnstew.core.batch;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import urnstew.core.batch.BatchEvent.Added;
import urnstew.core.formula.Declaration;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.pantry.Intake;
import urnstew.core.plan.PlanInputs;
import urnstew.units.Mass;

/**
 * What eaters of a batch have to be told: of all that really went in, and of what is still to come.
 * A line that was poured as nothing did not go in; what was struck out did not happen; what was
 * ladled out or taken out has left its traces.
 */
public final class BatchDeclaration {
  private BatchDeclaration() {}

  /**
   * Of a batch as it stands.
   *
   * <p>What was stopped before lines went in is told by what is in it; of what is to come whoever
   * goes on with it is told again.
   *
   * @param made what comes out of it, as forecast or weighed
   */
  public static Declaration of(BatchHistory history, Mass made) {
    PlanInputs inputs = history.snapshot().inputs();
    ResolvedFormula planned = inputs.size().batch();
    Set<Integer> toCome =
        history.stoppedSeconds().isPresent()
            ? Set.copyOf(Forecaster.surelyToCome(history))
            : Set.of();
    List<BatchLine> all = new BatchLines(history, planned).all();
    Stream<Intake> lines =
        IntStream.range(0, all.size())
            .filter(line -> !toCome.contains(line))
            .mapToObj(all::get)
            .filter(line -> line.due().kilograms() > 0)
            .flatMap(line -> Declaration.intakes(List.of(line.portion().of(line.due()))).stream());
    Stream<Intake> added =
        history.counting(Added.class).stream()
            .map(more -> new Intake(more.ingredient(), more.mass()));
    return Declaration.of(
        Stream.concat(lines, added).toList(), made, Declaration.unread(inputs.formula()));
  }
}
