package urnstew.core.bench;

import java.util.List;
import java.util.Optional;
import urnstew.units.InvalidInput;

/**
 * Work with a beginning and an end that does not stop between. A cook's hands are at its beginning;
 * the rest goes on by itself.
 *
 * @param key its own among all
 * @param handsSeconds of one cook, from its beginning; 0 where nobody is needed
 * @param modes ways to do it, at least one, none shorter than its hands
 * @param earliestSeconds before which it cannot begin
 * @param latestSeconds by which it must be over; empty where only the end of all bounds it
 * @param holdsUntil key of the activity with whose end it lets go of what it claims: a pot stays on
 *     its burner from the first stage to the plates; empty where it does with its own
 * @param dueSeconds when it is wanted to be over: later costs; empty where nobody waits for it
 */
public record Activity(
    String key,
    int handsSeconds,
    List<Mode> modes,
    int earliestSeconds,
    Optional<Integer> latestSeconds,
    Optional<String> holdsUntil,
    Optional<Integer> dueSeconds) {
  /**
   * @throws InvalidInput {@code modes} if there is none, or one that is shorter than its hands
   */
  public Activity {
    modes = List.copyOf(modes);
    int hands = handsSeconds;
    if (modes.isEmpty() || modes.stream().anyMatch(mode -> mode.lastsSeconds() < hands)) {
      throw new InvalidInput(
          "modes",
          "too-short",
          "'" + key + "' takes a cook longer than it takes.",
          "at least " + handsSeconds + " s",
          "Give it at least the time of its hands.");
    }
  }

  /** One that can begin at once and that nobody waits for. */
  public static Activity of(String key, int handsSeconds, List<Mode> modes) {
    return new Activity(
        key, handsSeconds, modes, 0, Optional.empty(), Optional.empty(), Optional.empty());
  }

  /** The same, not before then. */
  public Activity from(int earliestSeconds) {
    return new Activity(
        key, handsSeconds, modes, earliestSeconds, latestSeconds, holdsUntil, dueSeconds);
  }

  /** The same, to be over by then. */
  public Activity by(int latestSeconds) {
    return new Activity(
        key,
        handsSeconds,
        modes,
        earliestSeconds,
        Optional.of(latestSeconds),
        holdsUntil,
        dueSeconds);
  }

  /** The same, letting go of what it claims with the end of another. */
  public Activity holding(String until) {
    return new Activity(
        key, handsSeconds, modes, earliestSeconds, latestSeconds, Optional.of(until), dueSeconds);
  }

  /** The same, wanted by then. */
  public Activity due(int dueSeconds) {
    return due(Optional.of(dueSeconds));
  }

  /** The same, that nobody waits for. */
  public Activity whenever() {
    return due(Optional.empty());
  }

  private Activity due(Optional<Integer> wanted) {
    return new Activity(
        key, handsSeconds, modes, earliestSeconds, latestSeconds, holdsUntil, wanted);
  }
}
