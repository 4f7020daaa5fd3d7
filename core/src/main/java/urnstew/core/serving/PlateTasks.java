package urnstew.core.serving;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
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
   * Something that comes onto the plates, done at once or in loads.
   *
   * @param loads keys of the tasks that bring it, in order, each for as many plates
   * @param waits how long a load may wait before the first of its plates is put up
   */
  public record Part(List<String> loads, Duration waits) {
    public Part {
      loads = List.copyOf(loads);
    }

    /** What a lot of plates waits for: later plates of one load wait for those before them. */
    private Stream<Follows> before(int lot, int lots, Duration each) {
      int many = loads.size();
      int last = (lot * many + many - 1) / lots;
      return IntStream.rangeClosed(lot * many / lots, last)
          .mapToObj(load -> load(load, lot - load * lots / many, each));
    }

    private Follows load(int load, int platesBefore, Duration each) {
      return Follows.within(loads.get(load), waits.plus(each.multipliedBy(platesBefore)));
    }
  }

  /**
   * Lots, and the moment at which they go out.
   *
   * @param covers 1 or more
   * @param hour when they are out
   * @param parts what must be ready before it is put up
   */
  public static List<Task> of(int covers, Subject subject, Instant hour, List<Part> parts) {
    int count = (covers + LOT - 1) / LOT;
    Duration each = Duration.ofSeconds(Math.round(60 * MINUTES_A_PLATE * LOT));
    List<Task> all = new ArrayList<>();
    List<Follows> lots = new ArrayList<>();
    for (int place = 0; place < count; place++) {
      int at = place;
      int plates = Math.min(LOT, covers - place * LOT);
      double minutes = MINUTES_A_PLATE * plates;
      Task lot =
          Task.of(
                  "plate-" + (place + 1),
                  Kind.PLATE,
                  subject,
                  "put up the plates",
                  Due.at(hour.minusSeconds(Math.round(60 * minutes))),
                  Effort.ofMinutes(2 * minutes / 3, minutes, 1.5 * minutes))
              .with(new Figure.Plates(plates))
              .after(parts.stream().flatMap(part -> part.before(at, count, each)).toList());
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
