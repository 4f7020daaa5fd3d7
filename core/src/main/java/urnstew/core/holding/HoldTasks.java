package urnstew.core.holding;

import java.time.Duration;
import java.time.Instant;
import urnstew.core.holding.TimeAlone.Outlook;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Figure;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;
import urnstew.units.Mass;

/** What is held hot, or stands out, asks for. Minutes of hands are assumptions. */
public final class HoldTasks {
  /** Whoever serves what stands out is told so long before its time is over. */
  private static final Duration LAST_CALL = Duration.ofMinutes(15);

  private static final Effort READING = Effort.ofMinutes(1, 2, 4);
  private static final Effort REHEATING = Effort.ofMinutes(3, 6, 15);

  private HoldTasks() {}

  /** The one thing that the rule asks for of a hot hold. */
  public static Task of(Subject held, HoldOutlook outlook) {
    Instant discard = outlook.discard();
    return switch (outlook.state()) {
      case HOT -> {
        Instant read = outlook.act().orElse(discard);
        yield Task.of(
            "read@" + read,
            Kind.READ_HOT,
            held,
            "read its temperature",
            Due.at(read, read, discard),
            READING);
      }
      case TO_READ -> {
        Instant read = outlook.act().orElse(discard);
        yield Task.of(
            "read@" + read,
            Kind.READ_HOT,
            held,
            "read its temperature: nobody has for long",
            Due.overdue(read, read),
            READING);
      }
      case REHEAT ->
          Task.of(
              "reheat@" + discard,
              Kind.REHEAT,
              held,
              "it fell below the limit: reheat it by then",
              Due.overdue(outlook.lastHot(), discard),
              REHEATING);
      // It may be lost before that hour: it fell too often.
      case DISCARD -> away(held, "throw it away: it was not hot for too long", outlook.lastHot());
    };
  }

  /** Water that keeps it as thick as it was; it never has to be now. */
  public static Task topUp(Subject held, Instant at, Mass water) {
    return Task.of("top-up", Kind.TOP_UP, held, "top it up with water", Due.fromThen(at), READING)
        .with(new Figure.Much(water));
  }

  /** What stands out by time alone. */
  public static Task of(Subject out, Outlook outlook) {
    return switch (outlook.state()) {
      case SERVE ->
          Task.of(
              "serve",
              Kind.SERVE,
              out,
              "serve what stands out by then",
              Due.before(outlook.discard(), LAST_CALL),
              Effort.NONE);
      case DISCARD -> away(out, "throw it away: its time is over", outlook.discard());
    };
  }

  private static Task away(Subject what, String words, Instant since) {
    return Task.of(
        "throw-away", Kind.THROW_AWAY, what, words, Due.overdue(since, since), REHEATING);
  }
}
