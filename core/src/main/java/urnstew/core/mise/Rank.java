package urnstew.core.mise;

import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Trait;

/** Order in which one board or bowl may serve without harm; it is washed where the rank rises. */
enum Rank {
  /** Of plants, without an allergen. */
  CLEAN,
  /** With an allergen of its own: celery, bread, nuts. */
  ALLERGEN,
  DAIRY_AND_EGG,
  CURED,
  RAW_MEAT,
  RAW_FISH,
  RAW_SHELLFISH;

  static Rank of(Ingredient ingredient) {
    if (ingredient.is(Trait.CURED)) {
      return CURED;
    }
    return switch (ingredient.kind()) {
      case MEAT -> RAW_MEAT;
      case FISH -> RAW_FISH;
      case SHELLFISH -> RAW_SHELLFISH;
      case DAIRY, EGG -> DAIRY_AND_EGG;
      default -> ingredient.labelling().allergens().isEmpty() ? CLEAN : ALLERGEN;
    };
  }
}
