package urnstew.core.batch;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import urnstew.core.batch.BatchEvent.StepDone;
import urnstew.core.reduction.ReductionCurve;

/**
 * What was due in a pot and of which nobody said that it was done: neither done nor left undone, so
 * that the pot may have gone in several ways.
 */
final class Unsaid {
  /** So long after its minute nobody need have said it, s (assumption). */
  private static final double GRACE_SECONDS = 300;

  /** How often a pot in doubt is reckoned anew: what is not in yet comes later still, s. */
  private static final double AGAIN_SECONDS = 300;

  /** Of a moment for which it is asked it is not in: of one at which the pot is stopped, say. */
  private static final long NOT_BEFORE_SECONDS = 2;

  /** More of them are not told apart. */
  private static final int MOST_APART = 3;

  private final BatchHistory history;
  private final Instant now;
  private final List<NextStep> overdue;
  private final Optional<Instant> reckonAgainAt;

  /**
   * Reads a history.
   *
   * @param planned its fall if all went as planned
   * @param now a batch off the heat is judged by when it came off
   */
  Unsaid(BatchHistory history, ReductionCurve planned, List<BatchLine> lines, Instant now) {
    this.history = history;
    this.now = history.finished().map(end -> end.at()).filter(now::isAfter).orElse(now);
    List<NextStep> unsaid =
        new StageSteps(history, planned, lines)
            .byTheClock().stream().filter(step -> !step.done()).toList();
    double moment = history.simmerSeconds(this.now);
    this.overdue =
        unsaid.stream().filter(step -> step.simmerSeconds() + GRACE_SECONDS < moment).toList();
    this.reckonAgainAt =
        history.finished().isPresent()
            ? Optional.empty()
            : unsaid.stream()
                .mapToDouble(step -> again(step, moment))
                .boxed()
                .min(Double::compare)
                .map(history::at);
  }

  /** When it is overdue; then ever more seldom, as the minutes matter less. */
  private static double again(NextStep step, double moment) {
    double late = moment - step.simmerSeconds();
    return late > GRACE_SECONDS
        ? moment + Math.max(AGAIN_SECONDS, late)
        : step.simmerSeconds() + GRACE_SECONDS + 1;
  }

  /** The steps themselves. */
  List<NextStep> overdue() {
    return overdue;
  }

  /** When the pot is to be reckoned anew though nobody wrote to it. */
  Optional<Instant> reckonAgainAt() {
    return reckonAgainAt;
  }

  /**
   * The ways in which the pot may have gone: all done at its minute; one of them, or nothing of it,
   * done yet. Where many are overdue the last ones are told apart.
   */
  List<BatchHistory> ways() {
    List<BatchHistory> ways = new ArrayList<>();
    ways.add(history);
    if (overdue.size() > 1) {
      overdue.stream()
          .skip(Math.max(0, overdue.size() - MOST_APART))
          .map(step -> without(List.of(step)))
          .forEach(ways::add);
    }
    if (!overdue.isEmpty()) {
      ways.add(without(overdue));
    }
    return ways;
  }

  /**
   * How likely it is that a step was done.
   *
   * @param shares of the ways, in their order
   */
  double doneShare(NextStep step, List<Double> shares) {
    double done = 0;
    List<BatchHistory> ways = ways();
    for (int way = 0; way < ways.size(); way++) {
      if (!new Told(ways.get(way)).seconds().containsKey(step.key())) {
        done += shares.get(way);
      }
    }
    return done;
  }

  /** What is not done yet is done now at the earliest. */
  private BatchHistory without(List<NextStep> steps) {
    List<BatchEvent> events = new ArrayList<>(history.events());
    Instant then = now.plusSeconds(NOT_BEFORE_SECONDS);
    steps.forEach(step -> events.add(new StepDone(UUID.randomUUID(), then, step.key())));
    return new BatchHistory(history.snapshot(), events);
  }
}
