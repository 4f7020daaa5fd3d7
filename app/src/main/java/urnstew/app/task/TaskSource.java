package urnstew.app.task;

import java.time.Instant;
import java.util.List;
import urnstew.core.task.Task;

/** Says what of its own things waits for somebody. */
public interface TaskSource {
  /** All of it, in any order. What cannot be reckoned is a task too: somebody has to look at it. */
  List<Task> tasks(Instant now);
}
