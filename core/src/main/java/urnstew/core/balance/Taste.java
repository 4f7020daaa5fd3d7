package urnstew.core.balance;

/** What is tasted, each in a unit of its own. */
public enum Taste {
  /** Percent. */
  SALT,
  /** Acid that tastes, percent as citric acid. */
  ACID,
  /** Sugars, percent. */
  SWEET,
  /** Grams of glutamate alike in 100 g. */
  SAVOURY,
  /** Percent. */
  FAT;

  /** Where it hangs. */
  public double on(TasteProfile tastes) {
    return switch (this) {
      case SALT -> tastes.salt().percent();
      case ACID -> tastes.sour().percent();
      case SWEET -> tastes.sugars().percent();
      case SAVOURY -> tastes.savouryPercent();
      case FAT -> tastes.fat().percent();
    };
  }
}
