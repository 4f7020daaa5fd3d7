package urnstew.app.batch;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import urnstew.app.batch.BatchMapper.Listed;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.platform.NotFoundException;
import urnstew.core.batch.BatchDeclaration;
import urnstew.core.batch.BatchHistory;
import urnstew.core.batch.BatchSnapshot;
import urnstew.core.formula.Declaration;
import urnstew.units.Mass;

/** What eaters of something cooked here, or said to be cooked elsewhere, have to be told. */
@Component
public class BatchDeclarations {
  /** Batches of which something is kept or in tubs. */
  private static final int MOST_TOLD = 500;

  private static final Declaration OF_AN_EARLIER_MODEL =
      unknown("what went into a batch of an earlier release: look into its record");
  private static final Declaration NOT_MADE_HERE =
      unknown("what went in, as it was not made on this stove");

  private final BatchMapper batches;
  private final Cache<Listed, Declaration> told =
      Caffeine.newBuilder().maximumSize(MOST_TOLD).build();
  private final BatchHistories histories;
  private final FormulaShelf shelf;

  BatchDeclarations(BatchMapper batches, BatchHistories histories, FormulaShelf shelf) {
    this.batches = batches;
    this.histories = histories;
    this.shelf = shelf;
  }

  private static Declaration unknown(String words) {
    return Declaration.of(List.of(), new Mass(1), List.of(words));
  }

  /**
   * Of all that went into the batch; of what was not made here, what the formula may carry in any
   * of its ways, and that nobody wrote down what went in.
   */
  public Declaration of(@Nullable UUID batchId, String formulaId) {
    return batchId == null ? shelf.declared(formulaId).and(NOT_MADE_HERE) : of(batchId);
  }

  /** Of all that went into a batch and is to come; reckoned once an entry. */
  public Declaration of(UUID batchId) {
    Listed one = batches.listed(batchId).orElseThrow(() -> new NotFoundException("batch", batchId));
    return Objects.requireNonNull(told.get(one, this::reckoned), "a batch is declared");
  }

  private Declaration reckoned(Listed one) {
    BatchRow row =
        batches.find(one.id()).orElseThrow(() -> new NotFoundException("batch", one.id()));
    return BatchSnapshot.reads(row.modelVersion())
        ? of(row, histories.acts(row))
        : OF_AN_EARLIER_MODEL;
  }

  /** In as much as was weighed at the end, or else was planned. */
  Declaration of(BatchRow row, BatchHistory acts) {
    Double weighed = row.finalMassKilograms();
    double made = weighed == null ? row.plannedMassKilograms() : weighed;
    return BatchDeclaration.of(acts, new Mass(made));
  }
}
