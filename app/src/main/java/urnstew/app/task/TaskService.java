package urnstew.app.task;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;
import urnstew.core.task.TaskList;

/** One list for every screen and alarm. It stands in no transaction: one bad row fails alone. */
@Service
public class TaskService {
  private final List<TaskSource> sources;
  private final Clock clock;

  TaskService(List<TaskSource> sources, Clock clock) {
    this.sources = sources;
    this.clock = clock;
  }

  /** What cannot wait first, then by the clock. */
  public List<TaskView> all() {
    Instant now = clock.instant();
    return TaskList.inOrder(
            sources.stream().flatMap(source -> source.tasks(now).stream()).toList(), now)
        .stream()
        .map(TaskView::of)
        .toList();
  }
}
