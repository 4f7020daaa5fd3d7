package urnstew.core.formula;

/** What kind of sauce a formula is: how the shelf is ordered. */
public enum Family {
  PLAIN("Base and plain sauces"),
  RAGU("Ragù"),
  CURED_PORK("With cured pork"),
  GARDEN("Vegetables and olives"),
  MEAT("Round meat"),
  SEA("From the sea"),
  /** Not a sauce: dough, meatballs, butter, crumbs. */
  PART("Parts");

  private final String words;

  Family(String words) {
    this.words = words;
  }

  /** Name of the family on the shelf of formulas. */
  public String words() {
    return words;
  }
}
