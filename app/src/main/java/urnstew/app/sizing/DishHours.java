package urnstew.app.sizing;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import urnstew.app.sizing.MealSheet.DishSheet;
import urnstew.core.serving.PickUps;
import urnstew.units.InvalidInput;

/**
 * When the plates of a dish go out, on the kitchen's clock.
 *
 * @param from the first of them
 * @param until the last of them; empty where all go out together
 */
public record DishHours(LocalTime from, Optional<LocalTime> until) {
  private static final Duration DAY = Duration.ofDays(1);

  /**
   * Of the dish itself, else those of its meal; empty where nobody has said any.
   *
   * @throws InvalidInput {@code servedUntilLocalTime} where there is an end and no beginning
   */
  public static Optional<DishHours> of(MealSheet meal, DishSheet dish) {
    Optional<DishHours> own = of(dish.servedLocalTime(), dish.servedUntilLocalTime());
    return own.isPresent() ? own : of(meal.servedLocalTime(), meal.servedUntilLocalTime());
  }

  private static Optional<DishHours> of(@Nullable LocalTime from, @Nullable LocalTime until) {
    if (from == null && until != null) {
      throw new InvalidInput(
          "servedUntilLocalTime",
          "no-beginning",
          "Plates go out until " + until + ", and nobody has said from when.",
          "a beginning and an end, such as 19:00-20:30",
          "Type when the first plates go out.");
    }
    return Optional.ofNullable(from).map(hour -> new DishHours(hour, Optional.ofNullable(until)));
  }

  /**
   * So many plates from a moment on.
   *
   * @throws InvalidInput {@code servedUntilLocalTime} if the window is none, or too long
   */
  public PickUps out(int covers, Instant first) {
    return until
        .map(end -> PickUps.over(covers, first, first.plus(window(end))))
        .orElseGet(() -> PickUps.atOnce(covers, first));
  }

  /** The end can be after midnight. */
  private Duration window(LocalTime end) {
    Duration window = Duration.between(from, end);
    return window.isNegative() ? window.plus(DAY) : window;
  }
}
