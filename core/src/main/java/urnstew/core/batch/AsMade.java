package urnstew.core.batch;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import urnstew.core.batch.BatchEvent.Added;
import urnstew.core.batch.BatchEvent.Finished;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageRole;
import urnstew.core.plan.PlanInputs;
import urnstew.core.reduction.ReductionCurve;
import urnstew.core.sauce.PotContents;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * A batch as a formula: what really went in, when, and as thick as it got. What was ladled out or
 * tried in cups went in before, and stays in the amounts.
 */
public final class AsMade {
  /** Differences below this share count as none: nobody weighs more closely (assumption). */
  private static final double NOTICED_SHARE = 0.02;

  private final BatchHistory history;
  private final List<BatchLine> lines;
  private final List<Added> added;

  private AsMade(BatchHistory history) {
    this.history = history;
    PlanInputs inputs = history.snapshot().inputs();
    ResolvedFormula planned = inputs.size().batch();
    this.lines = new BatchLines(history, planned).all();
    this.added = history.counting(Added.class);
  }

  /** Reads a batch. */
  public static AsMade of(BatchHistory history) {
    return new AsMade(history);
  }

  /**
   * An ingredient of which another amount went in than was planned.
   *
   * @param ingredientId key of it
   * @param name of it
   * @param planned zero where it was not in the formula
   * @param made what went in
   */
  public record Difference(String ingredientId, String name, Mass planned, Mass made) {}

  /** What went in otherwise than planned: lines as poured, then what was added. */
  public List<Difference> differences() {
    List<Difference> all = new ArrayList<>();
    for (BatchLine line : lines) {
      Mass planned = line.portion().mass();
      if (Math.abs(line.due().kilograms() / planned.kilograms() - 1) > NOTICED_SHARE) {
        all.add(difference(line.portion(), planned, line.due()));
      }
    }
    for (Added more : added) {
      all.add(
          new Difference(more.ingredient().id(), more.ingredient().name(), Mass.ZERO, more.mass()));
    }
    return all;
  }

  private static Difference difference(Portion portion, Mass planned, Mass made) {
    return new Difference(portion.ingredient().id(), portion.ingredient().name(), planned, made);
  }

  /**
   * How thick it got: by what was weighed at the end, since only water leaves; else by the fall at
   * the moment it came off the heat.
   *
   * @param forecast that its readings led to
   */
  public static MassFraction reached(BatchHistory history, Forecast forecast) {
    ReductionCurve likely = forecast.prediction().likely();
    if (history.finished().isEmpty()) {
      return likely.last().contents().cooked().equivalentSolids();
    }
    Finished off = history.finished().orElseThrow();
    PotContents end = forecast.end();
    double less =
        off.finalMass()
            .map(weighed -> weighed.kilograms() - end.total().kilograms())
            .orElse(Double.NaN);
    double water = end.sauce().waterKilograms() + less;
    if (water > 0) {
      return new PotContents(end.sauce().withWater(water), end.thickeningKilograms(), end.pieces())
          .equivalentSolids();
    }
    return likely
        .at(Math.max(0, history.simmerSeconds(off.at())))
        .contents()
        .cooked()
        .equivalentSolids();
  }

  /**
   * The formula, at the size of the batch.
   *
   * @param id of its own
   * @param name of its own
   * @param inShort what tells it from others
   * @param reached non-fat solids of the sauce when it was done
   * @param inPantry whether an ingredient can be had again; what cannot, such as a tub, is left out
   */
  public Formula formula(
      String id, String name, String inShort, MassFraction reached, Predicate<String> inPantry) {
    Formula was = history.snapshot().inputs().formula().formula();
    List<Stage> stages =
        IntStream.range(0, was.stages().size())
            .mapToObj(place -> was.stages().get(place).with(lines(place, was, inPantry)))
            .toList();
    return new Formula(
        id,
        1,
        name,
        inShort,
        was.family(),
        was.uses(),
        Optional.of(reached),
        was.piece(),
        List.of(),
        stages.stream().map(Stage::forEverybody).toList());
  }

  private List<Stage.Line> lines(int place, Formula was, Predicate<String> inPantry) {
    List<Stage.Line> made = new ArrayList<>();
    for (BatchLine line : lines) {
      Portion portion = line.portion();
      if (portion.stage() == place && line.due().kilograms() > 0) {
        made.add(line(portion.ingredient().id(), line.due(), portion.after(), portion));
      }
    }
    if (place == simmer(was)) {
      added.stream()
          .filter(more -> inPantry.test(more.ingredient().id()) && more.mass().kilograms() > 0)
          .map(more -> addition(more, was.stages().get(place)))
          .forEach(made::add);
    }
    return made;
  }

  private static Stage.Line line(String ingredient, Mass mass, Duration after, Portion portion) {
    return new Stage.Line(
        ingredient, mass, "", after, portion.note(), portion.firstDose(), Optional.empty());
  }

  /** At its minute of the simmer, or at its end where it came later. */
  private Stage.Line addition(Added more, Stage simmer) {
    long seconds = Math.max(0, (long) history.simmerSeconds(more.at()));
    Duration after = Duration.ofMinutes(Math.min(seconds / 60, simmer.time().toMinutes()));
    return new Stage.Line(
        more.ingredient().id(), more.mass(), "", after, "", new MassFraction(1), Optional.empty());
  }

  /** The stage in which the pot is reduced; the last where there is none. */
  private static int simmer(Formula was) {
    return IntStream.range(0, was.stages().size())
        .filter(place -> was.stages().get(place).role() == StageRole.REDUCE)
        .findFirst()
        .orElse(was.stages().size() - 1);
  }
}
