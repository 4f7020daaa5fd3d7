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

  /** Whether it leaves out what bears a trait. */
  public boolean leavesOut(Trait trait) {
    return leavesOut.contains(trait);
  }

  /** Whether an allergen is something that it leaves out. */
  public boolean isBrokenBy(Allergen allergen) {
    return switch (allergen) {
      case EGG -> leavesOut(Trait.EGG);
      case MILK -> leavesOut(Trait.DAIRY);
      case FISH -> leavesOut(Trait.FISH);
      case CRUSTACEANS, MOLLUSCS -> leavesOut(Trait.SHELLFISH);
      default -> false;
    };
  }

  /** Whether an ingredient may be in it. */
  public boolean allows(Ingredient ingredient) {
    return ingredient.labelling().traits().stream().noneMatch(leavesOut::contains);
  }
}
