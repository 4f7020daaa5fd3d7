package urnstew.core.batch;

import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import urnstew.core.batch.BatchEvent.CameOver;
import urnstew.core.batch.BatchEvent.Poured;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.SimmerPhases;
import urnstew.core.pantry.IngredientKind;
import urnstew.units.Mass;

/**
 * As poured: what really went in takes the place of the plan at once. What follows and seasons or
 * rounds what is there is rescaled by what the pot holds against what was planned; wine, stock,
 * meat and the like stay as planned unless the cook says otherwise (common practice).
 */
public final class BatchLines {
  /** Kinds that go with what is in the pot. */
  private static final Set<IngredientKind> GROWS =
      EnumSet.of(
          IngredientKind.SEASONING,
          IngredientKind.SPICE,
          IngredientKind.HERB,
          IngredientKind.SOURING,
          IngredientKind.SAVOURY,
          IngredientKind.FAT,
          IngredientKind.DAIRY);

  /** Less than this is as planned. */
  private static final double SAME_SHARE = 0.03;

  private final BatchHistory history;
  private final ResolvedFormula planned;
  private final SimmerPhases phases;
  private final Map<Integer, Poured> poured = new HashMap<>();

  /**
   * @param history of the batch
   * @param planned formula at the batch's size
   */
  public BatchLines(BatchHistory history, ResolvedFormula planned) {
    this.history = history;
    this.planned = planned;
    this.phases = planned.phases();
    for (Poured event : history.counting(Poured.class)) {
      poured.put(event.line(), event);
    }
  }

  /** Every line of the formula, in its order. */
  public List<BatchLine> all() {
    double factor = factor();
    List<BatchLine> lines = new ArrayList<>();
    for (int i = 0; i < planned.portions().size(); i++) {
      Portion portion = planned.portions().get(i);
      Optional<Poured> event = Optional.ofNullable(poured.get(i));
      lines.add(
          event
              .map(of -> line(portion, Optional.of(of.mass()), Optional.of(of.at()), of.mass()))
              .orElseGet(() -> toCome(portion, factor)));
    }
    return lines;
  }

  private static BatchLine line(
      Portion portion, Optional<Mass> poured, Optional<Instant> at, Mass due) {
    return new BatchLine(portion, poured, at, due, Optional.empty());
  }

  /** By its kind as planned or with the pot; the other is offered where it differs. */
  private BatchLine toCome(Portion portion, double factor) {
    if (!follows(portion)) {
      return line(portion, Optional.empty(), Optional.empty(), portion.mass());
    }
    Mass scaled = portion.mass().times(factor);
    boolean grows = GROWS.contains(portion.ingredient().kind());
    return new BatchLine(
        portion,
        Optional.empty(),
        Optional.empty(),
        grows ? scaled : portion.mass(),
        Math.abs(factor - 1) < SAME_SHARE
            ? Optional.empty()
            : Optional.of(grows ? portion.mass() : scaled));
  }

  /** What the pot holds at the start of the simmer against what was planned. */
  public double factor() {
    double asPlanned = 0;
    double really = 0;
    for (int i = 0; i < planned.portions().size(); i++) {
      Portion portion = planned.portions().get(i);
      if (!follows(portion)) {
        double mass = portion.mass().kilograms();
        Poured event = poured.get(i);
        asPlanned += mass;
        really += event == null ? mass : event.mass().kilograms();
      }
    }
    return asPlanned == 0 ? 1 : really / asPlanned;
  }

  /** The formula as it is in this pot; its hours are those of the plan. */
  public ResolvedFormula asPoured() {
    ResolvedFormula asPoured = asPoured(planned, all());
    for (CameOver over : history.counting(CameOver.class)) {
      asPoured = asPoured.cameOver(over.stage(), over.mass());
    }
    return asPoured;
  }

  /** A formula with these lines as they are, or will be. */
  static ResolvedFormula asPoured(ResolvedFormula planned, List<BatchLine> lines) {
    return new ResolvedFormula(
        planned.formula(), lines.stream().map(line -> line.portion().of(line.due())).toList());
  }

  /** What comes later; whatever its minute in its own stage. */
  private boolean follows(Portion portion) {
    return !portion.after().isZero() || !phases.entry(portion).atFirst();
  }
}
