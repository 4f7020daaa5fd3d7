package urnstew.core.cooling;

import java.time.Instant;
import java.util.Optional;
import urnstew.core.cooling.MarkOutlook.State;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Figure;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;
import urnstew.units.Temperature;

/** The one thing that a cooling asks for. Minutes of hands are assumptions. */
public final class CoolingTasks {
  private static final Effort READING = Effort.ofMinutes(1, 2, 4);
  private static final Effort MOVING = Effort.ofMinutes(3, 8, 20);

  private CoolingTasks() {}

  /**
   * What it asks for.
   *
   * @param begun when it left the heat
   */
  public static Task of(Subject cooling, Instant begun, CoolingOutlook outlook) {
    Instant since = outlook.clockFrom().orElse(begun);
    return switch (outlook.action()) {
      case GO_ON -> next(cooling, outlook, since);
      case READ_NOW -> {
        Instant past = first(outlook, State.TO_READ).map(MarkOutlook::deadline).orElse(since);
        yield Task.of(
            "read-now@" + past,
            Kind.READ_COOLING,
            cooling,
            "read it: a mark is past",
            Due.overdue(begun, past),
            READING);
      }
      case COOL_FASTER, COOL_FASTER_OR_REHEAT ->
          Task.of(
              "faster",
              Kind.COOL_FASTER,
              cooling,
              "it will not be cold in time: cool it otherwise",
              Due.overdue(begun, begun),
              MOVING);
      case PUT_AWAY ->
          Task.of(
              "put-away",
              Kind.PUT_AWAY,
              cooling,
              "cold in time: into tubs, dated",
              Due.fromThen(lastShown(outlook).orElse(since)),
              MOVING);
      case DISCARD -> {
        Instant missed = first(outlook, State.MISSED).map(MarkOutlook::deadline).orElse(since);
        yield Task.of(
            "throw-away",
            Kind.THROW_AWAY,
            cooling,
            "throw it away: it was not cold in time",
            Due.overdue(begun, missed),
            MOVING);
      }
    };
  }

  /** The next mark that nobody has read; due by its deadline, and worth reading once it is met. */
  private static Task next(Subject cooling, CoolingOutlook outlook, Instant since) {
    return outlook.marks().stream()
        .filter(mark -> mark.state() != State.SHOWN && mark.state() != State.RECKONED)
        .findFirst()
        .map(
            mark -> {
              Instant met =
                  mark.likely().filter(at -> at.isBefore(mark.deadline())).orElse(mark.deadline());
              return Task.of(
                      "read@" + mark.deadline(),
                      Kind.READ_COOLING,
                      cooling,
                      "read it by then",
                      Due.at(met, mark.deadline(), mark.deadline()),
                      READING)
                  .with(new Figure.Warm(Temperature.ofCelsius(mark.mark().celsius())));
            })
        .orElseGet(
            () ->
                Task.of(
                    "read", Kind.READ_COOLING, cooling, "read it", Due.fromThen(since), READING));
  }

  private static Optional<MarkOutlook> first(CoolingOutlook outlook, State state) {
    return outlook.marks().stream().filter(mark -> mark.state() == state).findFirst();
  }

  private static Optional<Instant> lastShown(CoolingOutlook outlook) {
    return outlook.marks().stream()
        .flatMap(mark -> mark.shownAt().stream())
        .reduce((one, later) -> later);
  }
}
