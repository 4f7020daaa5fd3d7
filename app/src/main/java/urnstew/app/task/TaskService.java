package urnstew.app.task;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.util.DigestUtils;
import urnstew.app.platform.Tagged;
import urnstew.core.task.TaskList;

/** One list for every screen and alarm. It stands in no transaction: one bad row fails alone. */
@Service
public class TaskService {
  private static final int MOST_REMEMBERED = 4;

  private final List<TaskSource> sources;
  private final TaskMapper mapper;
  private final Clock clock;

  /** A hundred tablets that hear of one entry ask together: it is reckoned once for all of them. */
  private final Cache<Moment, Tagged<List<TaskView>>> known =
      Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

  TaskService(List<TaskSource> sources, TaskMapper mapper, Clock clock) {
    this.sources = sources;
    this.mapper = mapper;
    this.clock = clock;
  }

  /** What the list follows from: all that is committed, and the hour to a second. */
  private record Moment(String seen, long second) {}

  /** What cannot wait first, then by the clock. */
  public Tagged<List<TaskView>> all() {
    Instant now = clock.instant();
    return Objects.requireNonNull(
        known.get(new Moment(mapper.seen(), now.getEpochSecond()), missing -> reckoned(now)),
        "a list is reckoned");
  }

  private Tagged<List<TaskView>> reckoned(Instant now) {
    List<TaskView> all =
        TaskList.inOrder(
                sources.stream().flatMap(source -> source.tasks(now).stream()).toList(), now)
            .stream()
            .map(TaskView::of)
            .toList();
    // By what it says, not by when: most entries leave it as it was.
    String said = DigestUtils.md5DigestAsHex(all.toString().getBytes(StandardCharsets.UTF_8));
    return new Tagged<>(List.of(said), all);
  }
}
