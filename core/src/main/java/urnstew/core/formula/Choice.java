package urnstew.core.formula;

import java.util.List;
import urnstew.units.InvalidInput;

/**
 * A question on which good cooks differ, with the ways that a formula offers.
 *
 * @param question what they differ on
 * @param options at least one; the first is taken where nothing is chosen
 */
public record Choice(String question, List<Option> options) {
  public Choice {
    options = List.copyOf(options);
    if (options.isEmpty()) {
      throw new InvalidInput(
          "options",
          "none",
          "'" + question + "' has no way to choose.",
          "at least one way",
          "Write a way, or take the question out.");
    }
  }

  /**
   * One way.
   *
   * @param name what the cook chooses
   * @param reason why some cooks do it so
   */
  public record Option(String name, String reason) {}

  /** A way as a school. */
  public School school(Option option) {
    return new School(question, option.name());
  }
}
