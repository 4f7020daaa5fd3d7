package urnstew.core.batch;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import urnstew.core.batch.BatchEvent.Poured;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.StageRole;
import urnstew.units.Mass;

/**
 * As poured: what really went in takes the place of the plan at once, and what follows is rescaled
 * by what the pot holds against what was planned.
 */
public final class BatchLines {
  private final BatchHistory history;
  private final ResolvedFormula planned;
  private final Map<Integer, Poured> poured = new HashMap<>();

  /**
   * @param history of the batch
   * @param planned formula at the batch's size
   */
  public BatchLines(BatchHistory history, ResolvedFormula planned) {
    this.history = history;
    this.planned = planned;
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
      Mass asPlanned = follows(portion) ? portion.mass().times(factor) : portion.mass();
      lines.add(
          new BatchLine(
              portion,
              event.map(Poured::mass),
              event.map(Poured::at),
              event.map(Poured::mass).orElse(asPlanned)));
    }
    return lines;
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

  /** The formula as it is in this pot. */
  public ResolvedFormula asPoured() {
    List<Portion> portions = all().stream().map(this::asPoured).toList();
    return new ResolvedFormula(planned.formula(), portions);
  }

  private Portion asPoured(BatchLine line) {
    Portion was = line.portion();
    Duration after =
        was.after().isZero()
            ? was.after()
            : line.pouredAt()
                .map(at -> Duration.ofSeconds(Math.max(1, (long) history.simmerSeconds(at))))
                .orElse(was.after());
    return was.at(line.due(), after);
  }

  private static boolean follows(Portion portion) {
    return portion.role() == StageRole.FINISH || !portion.after().isZero();
  }
}
