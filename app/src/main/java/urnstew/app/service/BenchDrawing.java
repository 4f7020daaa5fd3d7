package urnstew.app.service;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import urnstew.app.service.BenchView.BenchHoldView;
import urnstew.app.service.BenchView.BenchHourView;
import urnstew.app.service.BenchView.BenchTakeOutView;
import urnstew.app.service.BenchView.BenchWaitView;
import urnstew.app.service.BenchView.BenchWorkView;
import urnstew.app.service.BenchView.Verdict;
import urnstew.app.service.ServiceBench.Asked;
import urnstew.app.task.TaskView;
import urnstew.core.bench.Claim;
import urnstew.core.bench.Outcome;
import urnstew.core.bench.Placement;
import urnstew.core.bench.Problem;
import urnstew.core.bench.Schedule;
import urnstew.core.bench.Slack;
import urnstew.core.bench.TimeLag;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.service.ServiceProblem;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;

/** An answer of the bench in hours, lanes and words. */
final class BenchDrawing {
  private final Asked asked;
  private final ServiceProblem service;
  private final Outcome outcome;
  private final Problem problem;
  private final Optional<Schedule> schedule;
  private final Map<String, Integer> spare;

  BenchDrawing(Asked asked, ServiceProblem service, Outcome outcome) {
    this.asked = asked;
    this.service = service;
    this.outcome = outcome;
    this.problem = service.withoutBuffers();
    this.schedule = ServiceBench.schedule(outcome);
    this.spare = schedule.map(one -> Slack.of(problem, one)).orElse(Map.of());
  }

  BenchView view() {
    List<BenchWorkView> work =
        schedule.stream()
            .flatMap(
                one -> service.tasks().stream().map(task -> work(task, one, one.of(task.key()))))
            .sorted(Comparator.comparing(BenchWorkView::begins))
            .toList();
    Optional<BenchWorkView> tightest =
        work.stream()
            .filter(one -> one.task().kind() != Kind.SERVE)
            .min(Comparator.comparingLong(BenchWorkView::spareSeconds));
    return new BenchView(
        asked.id(),
        asked.worked().sheet().name(),
        asked.worked().version(),
        asked.hours().from(),
        hours(),
        verdict(),
        late(),
        outcome instanceof Outcome.Found found && found.proven(),
        by(),
        asked.names().lanes(),
        work,
        tooLong(),
        takeOuts(),
        tightest.map(BenchWorkView::spareSeconds).orElse(null),
        tightest.map(one -> one.task().key()).orElse(null));
  }

  private List<BenchHourView> hours() {
    List<Instant> hours = asked.hours().dishes();
    return IntStream.range(0, hours.size())
        .mapToObj(
            place -> {
              var dish = asked.worked().meal().dishes().get(place).dish();
              return new BenchHourView(
                  dish.batch().formula().name(), (int) dish.need().covers(), hours.get(place));
            })
        .toList();
  }

  private List<BenchTakeOutView> takeOuts() {
    var meal = asked.worked().meal();
    Stream<ResolvedFormula> batches =
        Stream.concat(
            meal.bases().stream()
                .flatMap(base -> base.base().made().stream())
                .map(made -> made.batch()),
            meal.dishes().stream()
                .flatMap(
                    dish -> Stream.concat(Stream.of(dish.batch()), dish.besideBatches().stream())));
    return batches
        .flatMap(
            batch ->
                batch.formula().stages().stream()
                    .flatMap(stage -> stage.takeOuts().stream())
                    .map(what -> new BenchTakeOutView(batch.formula().name(), what)))
        .distinct()
        .toList();
  }

  private Verdict verdict() {
    if (outcome instanceof Outcome.Found found) {
      return found.cost().lateMinutes() > 0 ? Verdict.LATE : Verdict.FITS;
    }
    if (outcome instanceof Outcome.Overrun) {
      return Verdict.WAITS;
    }
    return outcome instanceof Outcome.Impossible ? Verdict.IMPOSSIBLE : Verdict.UNKNOWN;
  }

  private long late() {
    if (outcome instanceof Outcome.Found found) {
      return found.cost().lateMinutes();
    }
    return outcome instanceof Outcome.Overrun overrun ? overrun.cost().lateMinutes() : 0;
  }

  private String by() {
    if (outcome instanceof Outcome.Found found) {
      return found.by();
    }
    return outcome instanceof Outcome.Overrun overrun ? overrun.by() : "";
  }

  private BenchWorkView work(Task task, Schedule all, Placement at) {
    Instant begins = service.begins(at);
    int hands = problem.activity(task.key()).handsSeconds();
    int lasts = problem.end(at) - at.startSeconds();
    return new BenchWorkView(
        TaskView.of(task),
        begins,
        begins.plusSeconds(hands),
        begins.plusSeconds(lasts),
        at.cook().orElse(null),
        holds(task, all, at),
        Math.max(0, Optional.ofNullable(spare.get(task.key())).orElse(0)),
        service.buffer(task.key()).toSeconds());
  }

  /** What it holds by itself, and the burner of the pot that it is in. */
  private List<BenchHoldView> holds(Task task, Schedule all, Placement at) {
    Instant ends = end(at);
    Instant letsGo =
        problem.activity(task.key()).holdsUntil().map(key -> end(all.of(key))).orElse(ends);
    List<BenchHoldView> holds = new ArrayList<>(lanes(task.key(), at, letsGo).toList());
    service
        .litBy(task.key())
        .ifPresent(light -> holds.addAll(lanes(light, all.of(light), ends).toList()));
    return holds;
  }

  private Stream<BenchHoldView> lanes(String key, Placement at, Instant until) {
    return problem.activity(key).modes().get(at.mode()).claims().stream()
        .map(Claim::resource)
        .filter(asked.names()::has)
        .map(lane -> new BenchHoldView(lane, until));
  }

  private Instant end(Placement at) {
    return service.begins(at).plus(Duration.ofSeconds(problem.end(at) - at.startSeconds()));
  }

  private List<BenchWaitView> tooLong() {
    if (!(outcome instanceof Outcome.Overrun overrun)) {
      return List.of();
    }
    return overrun.tooLong().stream().map(lag -> wait(lag, overrun.schedule())).toList();
  }

  private BenchWaitView wait(TimeLag lag, Schedule all) {
    return new BenchWaitView(
        lag.before(),
        lag.after(),
        all.of(lag.after()).startSeconds() - problem.end(all.of(lag.before())),
        lag.longestSeconds().orElse(0));
  }
}
