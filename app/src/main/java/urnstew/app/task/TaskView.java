package urnstew.app.task;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.core.task.Figure;
import urnstew.core.task.Follows;
import urnstew.core.task.Need;
import urnstew.core.task.Span;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;

/** A task as the screens see it, with the moments from which a device knows how loudly it calls. */
public record TaskView(
    String key,
    Task.Kind kind,
    Subject.Place place,
    String subjectId,
    String name,
    String what,
    @Nullable Double massKilograms,
    @Nullable Double celsius,
    @Nullable Integer plates,
    Instant earliest,
    Instant at,
    Instant latest,
    @Nullable LocalDate day,
    Instant waitFrom,
    @Nullable Instant alarmFrom,
    @Nullable Instant over,
    SpanView hands,
    SpanView unattended,
    List<NeedView> needs,
    List<FollowsView> follows) {

  /** A time with its band. */
  public record SpanView(long leastSeconds, long likelySeconds, long mostSeconds) {
    public static SpanView of(Span span) {
      return new SpanView(
          span.least().toSeconds(), span.likely().toSeconds(), span.most().toSeconds());
    }
  }

  /** Kinds of what is held. */
  public enum Holds {
    VESSEL,
    BURNER,
    OVEN,
    TOOL
  }

  /** What it holds while it lasts. */
  public record NeedView(Holds holds, @Nullable UUID id, String name, @Nullable Double celsius) {
    static NeedView of(Need need) {
      if (need instanceof Need.OfVessel vessel) {
        return new NeedView(Holds.VESSEL, vessel.id(), vessel.name(), null);
      }
      if (need instanceof Need.OfBurner burner) {
        return new NeedView(Holds.BURNER, burner.id(), burner.name(), null);
      }
      return need instanceof Need.OfOven oven
          ? new NeedView(Holds.OVEN, oven.id().orElse(null), "", oven.air().celsius())
          : new NeedView(Holds.TOOL, null, ((Need.OfTool) need).name(), null);
    }
  }

  /** What must be over before, and how long before. */
  public record FollowsView(String key, long shortestSeconds, @Nullable Long longestSeconds) {
    static FollowsView of(Follows follows) {
      return new FollowsView(
          follows.key(),
          follows.shortest().toSeconds(),
          follows.longest().map(longest -> longest.toSeconds()).orElse(null));
    }
  }

  /** A task of the core for the screens. */
  public static TaskView of(Task task) {
    Figure figure = task.figure().orElse(null);
    return new TaskView(
        task.key(),
        task.kind(),
        task.subject().place(),
        task.subject().id(),
        task.subject().name(),
        task.what(),
        figure instanceof Figure.Much much ? much.mass().kilograms() : null,
        figure instanceof Figure.Warm warm ? warm.temperature().celsius() : null,
        figure instanceof Figure.Plates plates ? plates.count() : null,
        task.due().earliest(),
        task.due().at(),
        task.due().latest(),
        task.due().day().orElse(null),
        task.due().waitFrom(),
        task.due().alarmFrom().orElse(null),
        task.due().over().orElse(null),
        SpanView.of(task.effort().hands()),
        SpanView.of(task.effort().unattended()),
        task.needs().stream().map(NeedView::of).toList(),
        task.follows().stream().map(FollowsView::of).toList());
  }
}
