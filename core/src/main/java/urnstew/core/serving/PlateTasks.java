package urnstew.core.serving;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Figure;
import urnstew.core.task.Follows;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;

/** Plates of one dish: put up by the lot, out together at their hour or by the pick-up. */
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
   * Lots, and the moments at which they go out.
   *
   * @param out when, and how many
   * @param parts what must be ready before those of a pick-up are put up, by its place
   */
  public static List<Task> of(Subject subject, PickUps out, IntFunction<List<Part>> parts) {
    List<Task> all = new ArrayList<>();
    int lots = 0;
    for (int place = 0; place < out.all().size(); place++) {
      PickUps.PickUp one = out.all().get(place);
      if (one.plates() > 0) {
        String end = out.isWindow() ? "out-" + (place + 1) : "out";
        all.addAll(pickUp(subject, one, lots, end, parts.apply(place)));
        lots += lots(one.plates());
      }
    }
    return List.copyOf(all);
  }

  private static List<Task> pickUp(
      Subject subject, PickUps.PickUp out, int before, String end, List<Part> parts) {
    int count = lots(out.plates());
    Duration each = hands(LOT);
    List<Task> all = new ArrayList<>();
    List<Follows> lots = new ArrayList<>();
    for (int place = 0; place < count; place++) {
      int at = place;
      int plates = Math.min(LOT, out.plates() - place * LOT);
      double minutes = MINUTES_A_PLATE * plates;
      Task lot =
          Task.of(
                  "plate-" + (before + place + 1),
                  Kind.PLATE,
                  subject,
                  "put up the plates",
                  Due.at(out.at().minusSeconds(Math.round(60 * minutes))),
                  Effort.ofMinutes(2 * minutes / 3, minutes, 1.5 * minutes))
              .with(new Figure.Plates(plates))
              .after(parts.stream().flatMap(part -> part.before(at, count, each)).toList());
      all.add(lot);
      lots.add(Follows.within(lot.key(), PLATE_WAITS));
    }
    all.add(
        Task.of(end, Kind.SERVE, subject, "out", Due.at(out.at()), Effort.NONE)
            .with(new Figure.Plates(out.plates()))
            .after(lots));
    return all;
  }

  private static int lots(int plates) {
    return (plates + LOT - 1) / LOT;
  }

  /** Hands that so many plates take. */
  public static Duration hands(int plates) {
    return Duration.ofSeconds(Math.round(60 * MINUTES_A_PLATE * plates));
  }
}
