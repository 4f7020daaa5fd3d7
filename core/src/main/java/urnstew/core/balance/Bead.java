package urnstew.core.balance;

/** One string of beads. */
public enum Bead {
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
  public double on(Beads beads) {
    return switch (this) {
      case SALT -> beads.salt().percent();
      case ACID -> beads.sour().percent();
      case SWEET -> beads.sugars().percent();
      case SAVOURY -> beads.savoury();
      case FAT -> beads.fat().percent();
    };
  }
}
