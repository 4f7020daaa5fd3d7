package urnstew.core.batch;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.batch.BatchEvent.SimmerStarted;
import urnstew.core.batch.BatchEvent.StepDone;

/** What a stage took is known where both its ends were said, and nowhere else. */
class StageTimeTest {
  private static final Instant LATER = Samples.NOON.plusSeconds(20_000);

  private static BatchHistory lit() {
    BatchSnapshot lit = Samples.lit(1).snapshot();
    return new BatchHistory(
        new BatchSnapshot(
            lit.inputs().with(Samples.formula("pale-ragu")),
            lit.preparation(),
            lit.instruments(),
            lit.clock(),
            lit.modelVersion()),
        List.of());
  }

  private static BatchHistory ticked(BatchHistory history, String step, int minutes) {
    Instant at = Samples.NOON.plusSeconds(60L * minutes);
    return history.with(new StepDone(new UUID(3, minutes), at, step), LATER);
  }

  @Test
  void fromEndToEnd() {
    BatchHistory history = ticked(ticked(lit(), StageTime.key(0), 18), StageTime.key(1), 33);
    BatchHistory simmers =
        history.with(new SimmerStarted(new UUID(3, 999), Samples.NOON.plusSeconds(60 * 40)), LATER);
    assertEquals(
        List.of(
            new StageTime("Soffritto", Duration.ofMinutes(18)),
            new StageTime("Meat", Duration.ofMinutes(15)),
            new StageTime("Wine", Duration.ofMinutes(7))),
        StageTime.of(simmers));
  }

  @Test
  void aStageWhoseBeginningNobodySaidIsNotKnown() {
    assertEquals(List.of(), StageTime.of(lit()));
    assertEquals(List.of(), StageTime.of(ticked(lit(), StageTime.key(1), 33)));
    BatchHistory simmers =
        ticked(lit(), StageTime.key(0), 18)
            .with(new SimmerStarted(new UUID(3, 998), Samples.NOON.plusSeconds(60 * 40)), LATER);
    assertEquals(
        List.of(new StageTime("Soffritto", Duration.ofMinutes(18))), StageTime.of(simmers));
  }
}
