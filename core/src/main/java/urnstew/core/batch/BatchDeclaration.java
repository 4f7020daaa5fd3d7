package urnstew.core.batch;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import urnstew.core.batch.BatchEvent.Added;
import urnstew.core.formula.Declaration;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.pantry.Intake;
import urnstew.core.plan.PlanInputs;
import urnstew.core.sizing.Sizing;
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
   * @param made what comes out of it, as forecast or weighed
   */
  public static Declaration of(BatchHistory history, Mass made) {
    PlanInputs inputs = history.snapshot().inputs();
    ResolvedFormula planned =
        Sizing.size(inputs.formula(), inputs.need(), inputs.equivalentSolids(), inputs.buying())
            .batch();
    Stream<Intake> lines =
        new BatchLines(history, planned)
            .all().stream()
                .filter(line -> line.due().kilograms() > 0)
                .map(line -> new Intake(line.portion().ingredient(), line.due()));
    Stream<Intake> added =
        history.counting(Added.class).stream()
            .map(more -> new Intake(more.ingredient(), more.mass()));
    List<Intake> all = new ArrayList<>(Stream.concat(lines, added).toList());
    return Declaration.of(all, made, Declaration.unread(inputs.formula().formula()));
  }
}
