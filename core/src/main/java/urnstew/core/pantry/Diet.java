package urnstew.core.pantry;

import java.util.Set;

/** A way of eating, as what it leaves out. */
public enum Diet {
  VEGETARIAN("vegetarian", Trait.MEAT, Trait.PORK, Trait.FISH, Trait.SHELLFISH, Trait.RENNET),
  VEGAN(
      "vegan",
      Trait.MEAT,
      Trait.PORK,
      Trait.FISH,
      Trait.SHELLFISH,
      Trait.RENNET,
      Trait.DAIRY,
      Trait.EGG,
      Trait.HONEY),
  NO_PORK("without pork", Trait.PORK),
  NO_ALCOHOL("without alcohol", Trait.ALCOHOL);

  private final String words;
  private final Set<Trait> leavesOut;

  Diet(String words, Trait... leavesOut) {
    this.words = words;
    this.leavesOut = Set.of(leavesOut);
  }

  /** As a cook would say it. */
  public String words() {
    return words;
  }

  /** Whether an ingredient may be in it. */
  public boolean allows(Ingredient ingredient) {
    return ingredient.labelling().traits().stream().noneMatch(leavesOut::contains);
  }
}
