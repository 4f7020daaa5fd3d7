package urnstew.core.service;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** What is said of a service while it goes on. Works are named by the keys of their tasks. */
public sealed interface ServiceEvent {
  /**
   * A work was begun.
   *
   * @param by whose hands; empty where nobody said so
   * @param holds ids of the burners, ovens and machines that it took
   */
  record Began(String key, Optional<String> by, Set<String> holds) implements ServiceEvent {
    public Began {
      holds = Set.copyOf(holds);
    }
  }

  /** A work was over. */
  record Ended(String key) implements ServiceEvent {}

  /** A work that is to come, or goes on, takes so much longer; less where it is negative. */
  record TakesLonger(String key, Duration by) implements ServiceEvent {}

  /** A work that goes on will be over then. */
  record Expected(String key, Instant at) implements ServiceEvent {}

  /**
   * A work is wanted at a moment, and there it stays.
   *
   * @param by whose hands; empty where it needs nobody's
   * @param holds ids of what it takes
   */
  record Wanted(String key, Instant at, Optional<String> by, Set<String> holds)
      implements ServiceEvent {
    public Wanted {
      holds = Set.copyOf(holds);
    }
  }

  /** A work may be put anywhere again. */
  record LetGo(String key) implements ServiceEvent {}

  /** A pot that was lit stands elsewhere now. */
  record Moved(String key, Set<String> holds) implements ServiceEvent {
    public Moved {
      holds = Set.copyOf(holds);
    }
  }

  /** A cook is not there any more. */
  record CookLeft(String name) implements ServiceEvent {}

  /** A cook is there, for the first time or again. */
  record CookCame(String name) implements ServiceEvent {}

  /** A burner, oven or machine does not work. */
  record Failed(String resource) implements ServiceEvent {}

  /** It works again. */
  record Mended(String resource) implements ServiceEvent {}

  /** The meal was written otherwise: its works are others, those of one key go on. */
  record MealChanged() implements ServiceEvent {}

  /** An earlier entry was wrong. */
  record TakenBack(UUID entry) implements ServiceEvent {}
}
