package urnstew.core.service;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.service.HandsLearnt.Learnt;
import urnstew.core.service.HandsLearnt.Took;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Span;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;

/** What the hands of a kitchen really need. */
class HandsLearntTest {
  private static final Task PLATES =
      Task.of(
          "plate",
          Kind.PLATE,
          new Subject(Subject.Place.PLAN, "dish", "Dish"),
          "put up the plates",
          Due.at(Instant.EPOCH),
          Effort.ofMinutes(2, 4, 6));

  private static Took plates(int reckonedMinutes, int reallyMinutes) {
    return new Took(
        Kind.PLATE, Duration.ofMinutes(reckonedMinutes), Duration.ofMinutes(reallyMinutes));
  }

  /** The geometric mean of so many works and of four as reckoned: arithmetic of our own. */
  @ParameterizedTest
  @CsvSource({"1, 1.1487", "4, 1.4142", "12, 1.6818", "396, 1.9861"})
  void twiceAsLongIsBelievedTheMoreTheOftener(int works, double ratio) {
    HandsLearnt learnt = HandsLearnt.of(Collections.nCopies(works, plates(4, 8)));
    assertEquals(
        Optional.of(works),
        Optional.ofNullable(learnt.byKind().get(Kind.PLATE)).map(Learnt::works));
    double minutes = learnt.of(PLATES).effort().hands().likely().toMillis() / 60_000.0;
    assertEquals(4 * ratio, minutes, 0.001 * ratio);
    Span band = learnt.of(PLATES).effort().hands();
    assertEquals(2.0, (double) band.likely().toMillis() / band.least().toMillis(), 0.001);
  }

  @Test
  void whatWasForgottenToBeTickedSaysNothing() {
    assertEquals(HandsLearnt.NONE, HandsLearnt.of(List.of(plates(4, 90), plates(40, 1))));
    assertEquals(PLATES, HandsLearnt.NONE.of(PLATES));
  }

  @Test
  void whatGoesOnByItselfSaysNothingOfHands() {
    assertTrue(HandsLearnt.tells(PLATES));
    Effort simmer =
        new Effort(Span.exactly(Duration.ofMinutes(2)), Span.exactly(Duration.ofHours(1)));
    assertTrue(!HandsLearnt.tells(PLATES.lasting(simmer)));
  }
}
