package urnstew.core.task;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;

/** All that waits, in the order in which it calls. */
public final class TaskList {
  private TaskList() {}

  /** What cannot wait first, then by the clock; what does not matter any more is left out. */
  public static List<Task> inOrder(List<Task> tasks, Instant now) {
    return tasks.stream()
        .filter(task -> task.due().matters(now))
        .sorted(
            Comparator.comparing((Task task) -> task.due().attention(now))
                .thenComparing(task -> task.due().at())
                .thenComparing(Task::key))
        .toList();
  }
}
