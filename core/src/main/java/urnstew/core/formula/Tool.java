package urnstew.core.formula;

import urnstew.units.InvalidInput;

/**
 * A machine or tool that a stage needs, beside pot and fire.
 *
 * @param name processor, mill, press, shears
 * @param use what it does there, as 'pulse 4'; may be empty
 */
public record Tool(String name, String use) {
  public Tool {
    name = name.strip();
    use = use.strip();
    if (name.isEmpty() || name.length() > 40 || use.length() > 80) {
      throw new InvalidInput(
          "tools",
          "length",
          "A tool has a name of 1 to 40 letters, and 80 for what it does.",
          "as 'processor: pulse 4'",
          "Type it shorter.");
    }
  }

  /** Read from 'processor: pulse 4'. */
  public static Tool of(String text) {
    String[] parts = text.split(":", 2);
    return new Tool(parts[0], parts.length < 2 ? "" : parts[1]);
  }

  /** As it is written. */
  public String text() {
    return use.isEmpty() ? name : name + ": " + use;
  }
}
