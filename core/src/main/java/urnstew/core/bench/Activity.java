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
 * @param dueSeconds when it is wanted to be over: later costs; empty where nobody waits for it
 */
public record Activity(
    String key,
    int handsSeconds,
    List<Mode> modes,
    int earliestSeconds,
    Optional<Integer> latestSeconds,
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

  /** The same, to be over by then. */
  Activity by(int latestSeconds) {
    return new Activity(
        key, handsSeconds, modes, earliestSeconds, Optional.of(latestSeconds), dueSeconds);
  }

  /** The same, that nobody waits for. */
  Activity whenever() {
    return new Activity(key, handsSeconds, modes, earliestSeconds, latestSeconds, Optional.empty());
  }
}
