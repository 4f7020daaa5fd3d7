package urnstew.app.batch;

import java.util.UUID;
import org.springframework.stereotype.Component;
import urnstew.app.batch.store.BatchDocuments;
import urnstew.app.platform.NotFoundException;
import urnstew.units.Mass;

/** How much a batch made, for whoever takes from it. */
@Component
public class BatchMade {
  /** A kitchen scale, and what a spoon leaves in the pot (assumption). */
  private static final double WEIGHED_WITHIN = 1.02;

  /**
   * What was never weighed is known by its forecast, or its plan where some was ladled out since
   * (assumption).
   */
  private static final double FORECAST_WITHIN = 1.15;

  private final BatchMapper batches;

  BatchMade(BatchMapper batches) {
    this.batches = batches;
  }

  /**
   * The most that can be there of a batch. Its row is held until the transaction ends, so that two
   * who take at once are counted one after the other.
   */
  public Mass atMost(UUID id) {
    BatchRow row = batches.lock(id).orElseThrow(() -> new NotFoundException("batch", id));
    Double weighed = row.finalMassKilograms();
    return weighed == null
        ? new Mass(foreseen(row) * FORECAST_WITHIN)
        : new Mass(weighed * WEIGHED_WITHIN);
  }

  private static double foreseen(BatchRow row) {
    double foretold = BatchDocuments.FORECAST.read(row.forecast()).endMassKilograms();
    return Math.max(row.plannedMassKilograms(), foretold);
  }
}
