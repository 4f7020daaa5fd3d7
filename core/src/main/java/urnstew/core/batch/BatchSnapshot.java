package urnstew.core.batch;

import java.time.Duration;
import java.util.Set;
import urnstew.core.kitchen.Instruments;
import urnstew.core.plan.PlanInputs;

/**
 * What a batch was started with, frozen: formula, compositions, kitchen and model.
 *
 * @param inputs what the plan was computed from
 * @param preparation time planned in the pot before the simmer
 * @param instruments of the kitchen
 * @param clock time of the batch
 * @param modelVersion version of the computation that made the plan
 */
public record BatchSnapshot(
    PlanInputs inputs,
    Duration preparation,
    Instruments instruments,
    BatchClock clock,
    String modelVersion) {
  /** Version of the computation in this release; raised when predictions change. */
  public static final String MODEL_VERSION = "3";

  /** Versions whose batches this release reads and goes on with; what they were told stays. */
  private static final Set<String> READ = Set.of("2", MODEL_VERSION);

  /** Whether a batch of a version can be read and gone on with. */
  public static boolean reads(String version) {
    return READ.contains(version);
  }
}
