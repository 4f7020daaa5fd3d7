package urnstew.core.serving;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Figure;
import urnstew.core.task.Follows;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;

/** Plates of one dish: put up by the lot, out together at their hour. */
public final class PlateTasks {
  /** So many that one cook puts up one after the other. */
  private static final int LOT = 8;

  /** Sauced, garnished, wiped, by one cook (assumption, two thirds to half as long again). */
  private static final double MINUTES_A_PLATE = 0.4;

  /** A plate that stands longer is cold (common practice). */
  private static final Duration PLATE_WAITS = Duration.ofMinutes(8);

  private PlateTasks() {}

  /**
   * Lots, and the moment at which they go out.
   *
   * @param covers 1 or more
   * @param hour when they are out
   * @param parts what must be ready before the first is put up
   */
  public static List<Task> of(int covers, Subject subject, Instant hour, List<Follows> parts) {
    List<Task> all = new ArrayList<>();
    List<Follows> lots = new ArrayList<>();
    for (int first = 0; first < covers; first += LOT) {
      int count = Math.min(LOT, covers - first);
      double minutes = MINUTES_A_PLATE * count;
      Task lot =
          Task.of(
                  "plate-" + (first / LOT + 1),
                  Kind.PLATE,
                  subject,
                  "put up the plates",
                  Due.at(hour.minusSeconds(Math.round(60 * minutes))),
                  Effort.ofMinutes(2 * minutes / 3, minutes, 1.5 * minutes))
              .with(new Figure.Plates(count))
              .after(parts);
      all.add(lot);
      lots.add(Follows.within(lot.key(), PLATE_WAITS));
    }
    all.add(
        Task.of("out", Kind.SERVE, subject, "out", Due.at(hour), Effort.NONE)
            .with(new Figure.Plates(covers))
            .after(lots));
    return List.copyOf(all);
  }
}
