package urnstew.app.batch;

import java.time.Clock;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.batch.AsMadeView.DifferenceView;
import urnstew.app.batch.AsMadeView.MadeFormula;
import urnstew.app.formula.FormulaSheet;
import urnstew.app.formula.FormulaWriter;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.pantry.PantryService;
import urnstew.app.platform.Actor;
import urnstew.app.platform.Write;
import urnstew.core.batch.AsMade;
import urnstew.core.batch.AsMade.Difference;
import urnstew.core.batch.BatchHistory;
import urnstew.core.batch.Forecaster;
import urnstew.core.formula.Formula;
import urnstew.core.pantry.Pantry;

/** A batch as it was really made, for the next time. */
@Service
public class AsMadeService {
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
  private static final int LONGEST_NAME = 60;

  private final BatchService batches;
  private final FormulaWriter writer;
  private final PantryService pantry;
  private final KitchenService kitchens;
  private final Clock clock;

  AsMadeService(
      BatchService batches,
      FormulaWriter writer,
      PantryService pantry,
      KitchenService kitchens,
      Clock clock) {
    this.batches = batches;
    this.writer = writer;
    this.pantry = pantry;
    this.kitchens = kitchens;
    this.clock = clock;
  }

  /** In what it differs from its formula. */
  @Transactional(readOnly = true)
  public AsMadeView of(UUID batchId) {
    List<Difference> all = AsMade.of(batches.acts(batchId)).differences();
    Pantry goods = pantry.pantry();
    return new AsMadeView(
        all.stream()
            .map(
                one ->
                    new DifferenceView(
                        one.name(), one.planned().kilograms(), one.made().kilograms()))
            .toList(),
        all.stream()
            .filter(one -> one.planned().kilograms() == 0 && !goods.has(one.ingredientId()))
            .map(Difference::name)
            .toList());
  }

  /** Writes it as a formula of the kitchen's own; asked again, it is the same one. */
  @Write
  public MadeFormula formula(UUID batchId, Actor actor) {
    BatchHistory history = batches.history(batchId);
    String id = "as-made-" + batchId;
    Formula was = history.snapshot().inputs().formula().formula();
    String day =
        DAY.withZone(kitchens.settings().zoneId()).format(history.snapshot().clock().startedAt());
    String name = was.name().substring(0, Math.min(LONGEST_NAME, was.name().length()));
    Formula made =
        AsMade.of(history)
            .formula(
                id,
                name + ", as of " + day,
                was.inShort(),
                AsMade.reached(history, Forecaster.forecast(history, clock.instant())),
                pantry.pantry()::has);
    writer.write(id, FormulaSheet.of(made), 0, "as it was made on " + day, actor);
    return new MadeFormula(id);
  }
}
