package urnstew.core.formula;

/** What a sauce is for. */
public enum Use {
  DRY_PASTA("dry pasta"),
  FRESH_PASTA("fresh pasta"),
  LAYERS("layers"),
  BAKE("baking round a protein"),
  POACH("cooking a protein in it"),
  SPREAD("spreading"),
  FREEZE("the freezer"),
  PART("use in a dish");

  private final String words;

  Use(String words) {
    this.words = words;
  }

  /** After 'for'. */
  public String words() {
    return words;
  }
}
