package urnstew.core.balance;

/** What can be wrong with a pot, as cooks say it (common practice). */
public enum Fault {
  SHARP("it tastes sharp"),
  FLAT("it tastes flat"),
  TOO_SALTY("too salty"),
  WANTS_SALT("wants salt"),
  NOT_SAVOURY("lacks depth"),
  TOO_THIN("too thin"),
  TOO_THICK("too thick"),
  GREASY("greasy"),
  BITTER_GARLIC("bitter from garlic"),
  SCORCHED("caught on the floor"),
  SPLIT_BUTTER("butter split"),
  SPLIT_CREAM("cream split"),
  GRAINY_EGG("grainy egg or coral"),
  WATERY_BAKE("watery after baking"),
  DRY_BAKE("dry bake"),
  RUBBERY_SEAFOOD("rubbery seafood"),
  TOUGH_MEATBALLS("tough meatballs"),
  PASTA_WAITS("pasta waits for sauce"),
  SAUCE_WAITS("sauce waits for pasta"),
  CROWDED_PAN("nothing browns"),
  COOL_OIL("oil went cool"),
  SPATTER("it spatters"),
  HOT_STOVE("this stove runs hotter"),
  WRONG_HERB("a herb that may be another"),
  WAXED_PAPER("waxed paper in the oven"),
  FORGOTTEN_PIECE("a leaf or toothpick is missing"),
  SHELL_BITS("bits of shell"),
  MEATBALLS_IN_ALL("meat in a sauce for all"),
  UNTOLD_ALLERGEN("an allergen nobody was told of");

  private final String words;

  Fault(String words) {
    this.words = words;
  }

  /** What is wrong, as the screen asks it. */
  public String words() {
    return words;
  }
}
