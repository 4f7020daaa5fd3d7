package urnstew.core.serving;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;
import urnstew.units.InvalidInput;
import urnstew.units.Require;

/**
 * When the plates of a dish go out: all together, or some at each pick-up between two hours.
 *
 * @param all in order, at least one
 */
public record PickUps(List<PickUp> all) {
  /** Whoever comes in a window comes in about so many goes at most (assumption). */
  private static final int MOST = 12;

  /** Plates are counted by so much of an hour (common practice). */
  private static final Duration STEP = Duration.ofMinutes(10);

  private static final Duration LONGEST = Duration.ofHours(6);

  /**
   * Some of the plates.
   *
   * @param plates 0 or more: of what only some get, there can be none in one
   */
  public record PickUp(Instant at, int plates) {}

  public PickUps {
    all = List.copyOf(all);
    Require.positive("pickUps", all.size(), "");
  }

  /** All of them at one hour. */
  public static PickUps atOnce(int covers, Instant at) {
    return new PickUps(List.of(new PickUp(at, covers)));
  }

  /**
   * Evenly over a window, the first at its beginning and the last at its end: every ten minutes, or
   * longer where that would be more than a dozen.
   *
   * @param covers 1 or more
   * @throws InvalidInput {@code servedUntilLocalTime} if the window is no longer than nothing, or
   *     than six hours
   */
  public static PickUps over(int covers, Instant from, Instant until) {
    Duration window = Duration.between(from, until);
    if (window.compareTo(Duration.ZERO) <= 0 || window.compareTo(LONGEST) > 0) {
      throw new InvalidInput(
          "servedUntilLocalTime",
          "no-window",
          "Plates go out over " + window.toMinutes() + " minutes.",
          "up to " + LONGEST.toHours() + " hours after the first",
          "Type when the last plates go out, such as 19:00-20:30, or one hour alone.");
    }
    int count = (int) Math.max(2, Math.min(Math.min(MOST, covers), 1 + window.dividedBy(STEP)));
    return new PickUps(
        IntStream.range(0, count)
            .mapToObj(
                place ->
                    new PickUp(
                        from.plus(window.multipliedBy(place).dividedBy(count - 1)),
                        share(covers, place, count)))
            .toList());
  }

  /** Evenly, the earlier ones first to have one more. */
  private static int share(int covers, int place, int count) {
    return covers / count + (place < covers % count ? 1 : 0);
  }

  /** Whether they go out one after the other. */
  public boolean isWindow() {
    return all.size() > 1;
  }

  public Instant first() {
    return all.get(0).at();
  }

  public Instant last() {
    return all.get(all.size() - 1).at();
  }

  public int covers() {
    return all.stream().mapToInt(PickUp::plates).sum();
  }

  /** The most plates of one pick-up. */
  public int most() {
    return all.stream().mapToInt(PickUp::plates).max().orElseThrow();
  }

  /** Between one pick-up and the next; none where there is only one. */
  public Duration step() {
    return isWindow() ? Duration.between(first(), last()).dividedBy(all.size() - 1) : Duration.ZERO;
  }

  /** Those of so many of the same eaters, spread as all of them are. */
  public PickUps of(int some) {
    int whole = covers();
    int[] before = new int[all.size() + 1];
    for (int place = 0; place < all.size(); place++) {
      before[place + 1] = before[place] + all.get(place).plates();
    }
    return new PickUps(
        IntStream.range(0, all.size())
            .mapToObj(
                place ->
                    new PickUp(
                        all.get(place).at(),
                        (int) ((long) before[place + 1] * some / whole)
                            - (int) ((long) before[place] * some / whole)))
            .toList());
  }
}
