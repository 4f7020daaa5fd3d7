package urnstew.app.batch;

import java.util.UUID;

/** Whoever takes sauce from finished batches; who that is is nothing to the stove. */
public interface BatchUse {
  /** Whether something of the batch is held, cools or is put away. */
  boolean isUsed(UUID batchId);
}
