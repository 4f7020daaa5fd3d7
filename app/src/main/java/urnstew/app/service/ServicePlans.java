package urnstew.app.service;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import urnstew.app.service.BenchView.BenchHoldView;
import urnstew.app.service.BenchView.BenchWaitView;
import urnstew.app.service.BenchView.BenchWorkView;
import urnstew.app.service.ServicePlan.Hold;
import urnstew.app.service.ServicePlan.Wait;
import urnstew.app.service.ServicePlan.Work;
import urnstew.app.service.store.ServiceDocuments;
import urnstew.app.task.TaskView;
import urnstew.core.task.Task;

/** Plans as the bench draws them, and as they are kept. */
final class ServicePlans {
  private ServicePlans() {}

  /** How a service was planned the last time. */
  static ServicePlan last(ServiceState state) {
    return ServiceDocuments.PLAN.read(state.last().orElseThrow().plan());
  }

  /**
   * To be kept. Where there is no schedule the works stay where they were: whoever cooks has to go
   * on by something.
   */
  static ServicePlan of(BenchView drawn, Instant moment, Optional<ServicePlan> before) {
    List<Work> works = drawn.work().stream().map(ServicePlans::work).toList();
    return new ServicePlan(
        moment,
        drawn.verdict(),
        drawn.lateMinutes(),
        drawn.proven(),
        drawn.by(),
        works.isEmpty() ? before.map(ServicePlan::works).orElse(works) : works,
        drawn.tooLong().stream()
            .map(
                one ->
                    new Wait(one.before(), one.after(), one.waitsSeconds(), one.longestSeconds()))
            .toList(),
        Optional.ofNullable(drawn.tightest()));
  }

  private static Work work(BenchWorkView one) {
    return new Work(
        one.task().key(),
        one.begins(),
        one.handsUntil(),
        one.ends(),
        Optional.ofNullable(one.by()),
        one.holds().stream().map(hold -> new Hold(hold.laneId(), hold.until())).toList(),
        one.spareSeconds(),
        one.bufferSeconds());
  }

  /** As it is drawn. */
  static BenchView drawn(ServiceState state, ServicePlan plan) {
    Map<String, Task> tasks =
        state.setup().tasks().stream().collect(Collectors.toMap(Task::key, Function.identity()));
    List<BenchWorkView> works =
        plan.works().stream()
            .flatMap(
                work -> Stream.ofNullable(tasks.get(work.key())).map(task -> drawn(task, work)))
            .sorted(Comparator.comparing(BenchWorkView::begins))
            .toList();
    return new BenchView(
        state.row().mealId(),
        state.row().name(),
        0,
        state.setup().from(),
        BenchView.BenchHourView.of(state.setup()),
        plan.verdict(),
        plan.lateMinutes(),
        plan.proven(),
        plan.by(),
        state.lanes().lanes(),
        works,
        plan.tooLong().stream()
            .map(
                one ->
                    new BenchWaitView(
                        one.before(), one.after(), one.waitsSeconds(), one.longestSeconds()))
            .toList(),
        state.setup().takeOuts().stream()
            .map(one -> new BenchView.BenchTakeOutView(one.dish(), one.what()))
            .toList(),
        works.stream()
            .filter(one -> Optional.of(one.task().key()).equals(plan.tightest()))
            .map(BenchWorkView::spareSeconds)
            .findFirst()
            .orElse(null),
        plan.tightest().orElse(null),
        BenchView.BenchHandsView.of(state.setup()));
  }

  private static BenchWorkView drawn(Task task, Work work) {
    return new BenchWorkView(
        TaskView.of(task),
        work.begins(),
        work.handsUntil(),
        work.ends(),
        work.by().orElse(null),
        work.holds().stream().map(one -> new BenchHoldView(one.lane(), one.until())).toList(),
        work.spareSeconds(),
        work.bufferSeconds());
  }
}
