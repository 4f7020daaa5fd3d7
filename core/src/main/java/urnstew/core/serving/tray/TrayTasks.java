package urnstew.core.serving.tray;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Follows;
import urnstew.core.task.Need;
import urnstew.core.task.Span;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;
import urnstew.units.Temperature;

/** The work of a baked tray, once for each: layered, baked, rested until it cuts. */
public final class TrayTasks {
  private static final double MINUTES_A_LAYER = 0.75;
  private static final Duration INTO_THE_OVEN = Duration.ofMinutes(1);

  /** Before it cuts (common practice: half an hour to two). */
  private static final Duration RESTS = Duration.ofMinutes(30);

  private TrayTasks() {}

  /**
   * Tray after tray, each in the order of the work.
   *
   * @param trays how many
   * @param oven air that it bakes in
   * @param plates when they are out
   */
  public static List<Task> of(
      TrayBuild build,
      TrayBake bake,
      int trays,
      Temperature oven,
      Subject subject,
      Instant plates) {
    List<Task> all = new ArrayList<>();
    for (int tray = 1; tray <= trays; tray++) {
      all.addAll(one(build, bake, "-" + tray, oven, subject, plates));
    }
    return List.copyOf(all);
  }

  private static List<Task> one(
      TrayBuild build,
      TrayBake bake,
      String tray,
      Temperature oven,
      Subject subject,
      Instant plates) {
    Instant out = plates.minus(RESTS);
    Instant in = out.minus(bake.total().likely());
    double minutes = MINUTES_A_LAYER * build.layers().size();
    Task layered =
        Task.of(
            "build" + tray,
            Kind.BUILD,
            subject,
            "layer the tray",
            Due.fromThen(in.minus(Duration.ofSeconds(Math.round(60 * minutes)))),
            Effort.ofMinutes(0.7 * minutes, minutes, 1.5 * minutes));
    Task baked =
        Task.of(
                "bake" + tray,
                Kind.BAKE,
                subject,
                "into the oven",
                Due.at(in),
                new Effort(Span.exactly(INTO_THE_OVEN), bake.total()))
            .holding(List.of(new Need.OfOven(Optional.empty(), oven)))
            .after(List.of(Follows.whenever(layered.key())));
    Task rests =
        Task.of(
                "rest" + tray,
                Kind.REST,
                subject,
                "out, to rest until it cuts",
                Due.at(out),
                new Effort(Span.NONE, Span.exactly(RESTS)))
            .after(List.of(Follows.within(baked.key(), Duration.ZERO)));
    return List.of(layered, baked, rests);
  }
}
