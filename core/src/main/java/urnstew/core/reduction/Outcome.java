package urnstew.core.reduction;

import java.time.Duration;

/** Whether and when a pot gets thick enough. */
public sealed interface Outcome {
  /**
   * It gets there.
   *
   * @param after time from the start of the program
   */
  record Reaches(Duration after) implements Outcome {}

  /**
   * It does not.
   *
   * @param why the reason
   */
  record NeverReaches(Never why) implements Outcome {}

  /**
   * The model cannot say.
   *
   * @param what the border that is passed
   * @param after when it is passed, from the start of the program
   */
  record OutOfRange(Beyond what, Duration after) implements Outcome {}
}
