package urnstew.core.task;

import java.util.List;
import java.util.Optional;

/**
 * Work with a beginning and an end.
 *
 * @param key stable, and its own among all tasks: what an alarm remembers that it rang for
 * @param kind what it is
 * @param subject of what
 * @param what to do, in a cook's words, small letters, without figures
 * @param figure that goes with the words; empty where none does
 * @param due when
 * @param effort how long it takes
 * @param needs what it holds while it lasts
 * @param follows what must be over before, and how long before at most
 */
public record Task(
    String key,
    Kind kind,
    Subject subject,
    String what,
    Optional<Figure> figure,
    Due due,
    Effort effort,
    List<Need> needs,
    List<Follows> follows) {
  public Task {
    needs = List.copyOf(needs);
    follows = List.copyOf(follows);
  }

  /** Kinds of work. */
  public enum Kind {
    /** Soaked, salted or taken out of the cold long before. */
    BEGIN_EARLY,
    /** Cut, grated, drained: mise en place. */
    PREP,
    /** A burner lit under a pot. */
    LIGHT,
    /** A stage of a formula before the simmer. */
    STAGE,
    /** The tomatoes go in: the simmer starts. */
    START_SIMMER,
    ADD,
    /** The simmer goes on at another heat, or under another lid. */
    PHASE,
    /** Pieces leave the pot, or come back. */
    MOVE_PIECES,
    /** Counted out again before the pot is emptied. */
    TAKE_OUT,
    STIR,
    /** A reading that would tell most; nothing is lost without it. */
    READ_POT,
    TASTE,
    /** Thick enough: off the heat, or on to the finish. */
    THICK,
    /** It does not get thick enough as it stands. */
    NEVER_THICK,
    /** A stage once it is thick enough. */
    FINISH,
    /** Pasta or pieces in their heat, until they come out. */
    COOK,
    /** Lifted, and finished in the pan with the sauce. */
    TOSS,
    /** A tray layered. */
    BUILD,
    BAKE,
    /** Hot or not, before it is cut. */
    REST,
    PLATE,
    READ_COOLING,
    COOL_FASTER,
    PUT_AWAY,
    READ_HOT,
    TOP_UP,
    REHEAT,
    SERVE,
    MOVE_TO_THAW,
    USE,
    THROW_AWAY,
    /** It cannot be reckoned any more: somebody has to look. */
    LOOK
  }

  /** One that needs nothing and follows nothing. */
  public static Task of(
      String part, Kind kind, Subject subject, String what, Due due, Effort effort) {
    return new Task(
        subject.key(part),
        kind,
        subject,
        what,
        Optional.empty(),
        due,
        effort,
        List.of(),
        List.of());
  }

  /** The same with a figure beside its words. */
  public Task with(Figure shown) {
    return new Task(key, kind, subject, what, Optional.of(shown), due, effort, needs, follows);
  }

  /** The same in other words. */
  public Task saying(String words) {
    return new Task(key, kind, subject, words, figure, due, effort, needs, follows);
  }

  /** The same taking another time. */
  public Task lasting(Effort other) {
    return new Task(key, kind, subject, what, figure, due, other, needs, follows);
  }

  /** The same while it holds these. */
  public Task holding(List<Need> held) {
    return new Task(key, kind, subject, what, figure, due, effort, held, follows);
  }

  /** The same after these. */
  public Task after(List<Follows> before) {
    return new Task(key, kind, subject, what, figure, due, effort, needs, before);
  }
}
