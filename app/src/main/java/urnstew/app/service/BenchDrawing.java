package urnstew.app.service;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import urnstew.app.service.BenchView.BenchHandsView;
import urnstew.app.service.BenchView.BenchHoldView;
import urnstew.app.service.BenchView.BenchHourView;
import urnstew.app.service.BenchView.BenchTakeOutView;
import urnstew.app.service.BenchView.BenchWaitView;
import urnstew.app.service.BenchView.BenchWorkView;
import urnstew.app.service.ServiceBench.Asked;
import urnstew.app.task.TaskView;
import urnstew.core.bench.Claim;
import urnstew.core.bench.Outcome;
import urnstew.core.bench.Placement;
import urnstew.core.bench.Problem;
import urnstew.core.bench.Rules;
import urnstew.core.bench.Schedule;
import urnstew.core.bench.Slack;
import urnstew.core.bench.TimeLag;
import urnstew.core.service.Progress.Begun;
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
                one ->
                    service.tasks().stream()
                        .map(
                            task ->
                                one.find(task.key())
                                    .map(at -> work(task, one, at))
                                    .orElseGet(() -> over(task))))
            .sorted(Comparator.comparing(BenchWorkView::begins))
            .toList();
    Optional<BenchWorkView> tightest =
        work.stream()
            .filter(one -> one.task().kind() != Kind.SERVE)
            .filter(one -> service.progress().isToCome(one.task().key()))
            .min(Comparator.comparingLong(BenchWorkView::spareSeconds));
    return new BenchView(
        asked.mealId(),
        asked.name(),
        asked.version(),
        asked.setup().from(),
        BenchHourView.of(asked.setup()),
        verdict(),
        late(),
        outcome instanceof Outcome.Found found && found.proven(),
        by(),
        asked.names().lanes(),
        work,
        tooLong(),
        takeOuts(),
        tightest.map(BenchWorkView::spareSeconds).orElse(null),
        tightest.map(one -> one.task().key()).orElse(null),
        BenchHandsView.of(asked.setup()));
  }

  private List<BenchTakeOutView> takeOuts() {
    return asked.setup().takeOuts().stream()
        .map(one -> new BenchTakeOutView(one.dish(), one.what()))
        .toList();
  }

  private Verdict verdict() {
    if (outcome instanceof Outcome.Found found) {
      if (found.cost().lateMinutes() > 0) {
        return Verdict.LATE;
      }
      return Rules.broken(service.problem(), found.schedule()).isEmpty()
          ? Verdict.FITS
          : Verdict.TIGHT;
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
    Duration lasts = Duration.ofSeconds(problem.end(at) - at.startSeconds());
    Duration hands = service.hands(task.key());
    return new BenchWorkView(
        TaskView.of(task),
        begins,
        begins.plus(hands.compareTo(lasts) < 0 ? hands : lasts),
        begins.plus(lasts),
        at.cook().or(() -> service.progress().of(task.key()).flatMap(Begun::by)).orElse(null),
        holds(task, all, at),
        Math.max(0, Optional.ofNullable(spare.get(task.key())).orElse(0)),
        service.buffer(task.key()).toSeconds());
  }

  /** It is not on the bench any more: that is how it was. */
  private BenchWorkView over(Task task) {
    Begun begun = service.progress().of(task.key()).orElseThrow();
    Instant ends = service.progress().over().getOrDefault(task.key(), begun.at());
    Instant handsUntil = begun.at().plus(service.hands(task.key()));
    return new BenchWorkView(
        TaskView.of(task),
        begun.at(),
        handsUntil.isBefore(ends) ? handsUntil : ends,
        ends,
        begun.by().orElse(null),
        begun.holds().stream()
            .filter(asked.names()::has)
            .map(lane -> new BenchHoldView(lane, ends))
            .toList(),
        0,
        0);
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
