package urnstew.core.bench;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import urnstew.units.InvalidInput;

/**
 * What is to be scheduled. All times count from one moment, in whole quarters of a minute.
 *
 * @param activities work
 * @param lags between them
 * @param cooks hands
 * @param ovens shared at one heat
 * @param occupied what is not there for a while
 * @param fixed placements that stay: what runs, what is locked
 * @param horizonSeconds by which all is over
 */
public record Problem(
    List<Activity> activities,
    List<TimeLag> lags,
    List<Cook> cooks,
    List<Oven> ovens,
    List<Occupied> occupied,
    List<Placement> fixed,
    int horizonSeconds) {
  /** All times are whole numbers of it. */
  public static final int GRID_SECONDS = 15;

  /**
   * @throws InvalidInput {@code activities} if two have one key; {@code lags} or {@code fixed} if
   *     one names what is not there; {@code ovens} if a shelf does; {@code grid} if a time is off
   *     it
   */
  public Problem {
    activities = List.copyOf(activities);
    lags = List.copyOf(lags);
    cooks = List.copyOf(cooks);
    ovens = List.copyOf(ovens);
    occupied = List.copyOf(occupied);
    fixed = List.copyOf(fixed);
    Set<String> keys = new HashSet<>();
    for (Activity one : activities) {
      require(keys.add(one.key()), "activities", "'" + one.key() + "' is there twice.");
      requireOnGrid(one);
    }
    for (TimeLag lag : lags) {
      require(
          keys.contains(lag.before()) && keys.contains(lag.after()),
          "lags",
          "'" + lag.after() + "' follows '" + lag.before() + "', which is not there.");
    }
    for (Activity one : activities) {
      require(
          one.holdsUntil().map(keys::contains).orElse(true),
          "activities",
          "'" + one.key() + "' holds until the end of what is not there.");
    }
    for (Placement one : fixed) {
      require(keys.contains(one.key()), "fixed", "'" + one.key() + "' is not there.");
    }
    Set<String> known = ovens.stream().map(Oven::name).collect(Collectors.toSet());
    for (Activity one : activities) {
      one.modes().stream()
          .flatMap(mode -> mode.claims().stream())
          .filter(Claim.Shelf.class::isInstance)
          .forEach(
              claim ->
                  require(
                      known.contains(claim.resource()),
                      "ovens",
                      "'" + claim.resource() + "' is no oven."));
    }
  }

  private static void requireOnGrid(Activity one) {
    boolean on =
        one.handsSeconds() % GRID_SECONDS == 0
            && one.earliestSeconds() % GRID_SECONDS == 0
            && one.latestSeconds().orElse(0) % GRID_SECONDS == 0
            && one.dueSeconds().orElse(0) % GRID_SECONDS == 0
            && one.modes().stream().allMatch(mode -> mode.lastsSeconds() % GRID_SECONDS == 0);
    require(on, "grid", "'" + one.key() + "' is not in whole quarters of a minute.");
  }

  private static void require(boolean holds, String parameter, String message) {
    if (!holds) {
      throw new InvalidInput(
          parameter, "not-consistent", message, "one of each", "Name each once, and all of them.");
    }
  }

  /** The same where all keeps as long as it has to. */
  Problem whereAllKeeps() {
    return new Problem(
        activities,
        lags.stream().map(TimeLag::keeping).toList(),
        cooks,
        ovens,
        occupied,
        fixed,
        horizonSeconds);
  }

  Map<String, Activity> byKey() {
    return activities.stream().collect(Collectors.toMap(Activity::key, Function.identity()));
  }

  /**
   * One of the activities.
   *
   * @throws IllegalArgumentException if it is not there
   */
  public Activity activity(String key) {
    return activities.stream()
        .filter(one -> one.key().equals(key))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("'" + key + "' is not there."));
  }

  /** When a placement is over. */
  public int end(Placement at) {
    return at.startSeconds() + activity(at.key()).modes().get(at.mode()).lastsSeconds();
  }

  Oven oven(String name) {
    return ovens.stream().filter(one -> one.name().equals(name)).findFirst().orElseThrow();
  }

  /** The same with these placements kept besides. */
  public Problem keeping(List<Placement> more) {
    List<Placement> all = Stream.concat(fixed.stream(), more.stream()).distinct().toList();
    return new Problem(activities, lags, cooks, ovens, occupied, all, horizonSeconds);
  }
}
