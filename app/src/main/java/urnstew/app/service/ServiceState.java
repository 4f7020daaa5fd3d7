package urnstew.app.service;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import urnstew.app.service.ServiceBench.Asked;
import urnstew.app.service.ServiceMapper.PlanRow;
import urnstew.app.service.ServiceMapper.ServiceRow;
import urnstew.core.service.RunningService;
import urnstew.core.service.ServiceEntry;
import urnstew.core.task.Task;

/**
 * A service as it stands.
 *
 * @param log what was written of it
 * @param told what its pots tell besides
 * @param lanes as the kitchen is now
 * @param last how the rest of it was planned the last time
 */
record ServiceState(
    ServiceRow row,
    ServiceSetup setup,
    ServiceLog log,
    List<ServiceEntry> told,
    RunningService running,
    LaneNames lanes,
    Optional<PlanRow> last) {

  /** What it follows from, but for the hour: another one for each state. */
  String basis() {
    String pots =
        told.stream().map(ServiceEntry::event).map(Object::toString).collect(Collectors.joining());
    return row.nextSequence() + "|" + Integer.toHexString(pots.hashCode());
  }

  /** Whether the last plan knows all that was said. */
  boolean isPlanned() {
    return last.filter(plan -> plan.basis().equals(basis())).isPresent();
  }

  /** As a question to the bench. */
  Asked asked(Instant now) {
    return new Asked(row.mealId(), row.name(), 0, setup, lanes, running.problem(now));
  }

  Optional<Task> task(String key) {
    return setup.tasks().stream().filter(one -> one.key().equals(key)).findFirst();
  }
}
