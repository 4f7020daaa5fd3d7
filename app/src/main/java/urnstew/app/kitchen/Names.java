package urnstew.app.kitchen;

import urnstew.units.InvalidInput;

/** What a name may be. */
final class Names {
  private static final int LONGEST = 80;

  private Names() {}

  static void check(String field, String name) {
    if (name.isBlank() || name.length() > LONGEST) {
      throw new InvalidInput(
          field,
          "name",
          "A name has 1 to 80 letters.",
          "1 to 80 letters",
          "Type a short name that the cooks use.");
    }
  }
}
