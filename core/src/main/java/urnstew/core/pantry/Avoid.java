package urnstew.core.pantry;

import java.util.Locale;
import urnstew.units.InvalidInput;

/**
 * Something that a kitchen or an eater leaves out.
 *
 * @param kind what the key names
 * @param key name of an allergen or trait, or id of an ingredient
 */
public record Avoid(Kind kind, String key) {
  /** Kinds of things that are avoided, each named by a key of its own. */
  public enum Kind {
    ALLERGEN,
    TRAIT,
    INGREDIENT
  }

  public Avoid {
    if (kind != Kind.INGREDIENT && !isKnown(kind, key)) {
      throw new InvalidInput(
          "avoid",
          "unknown",
          "'" + key + "' is not something to leave out.",
          "an allergen, garlic, onion, pork, alcohol and the like, or an ingredient",
          "Choose from the list.");
    }
  }

  /** Whether an ingredient is, or carries, it, or may: a pack that must be read is not safe. */
  public boolean hits(Ingredient ingredient) {
    return switch (kind) {
      case ALLERGEN ->
          ingredient.labelling().allergens().contains(Allergen.valueOf(key)) || asks(ingredient);
      case TRAIT -> ingredient.is(Trait.valueOf(key));
      case INGREDIENT ->
          ingredient.id().equals(key) || ingredient.labelling().madeOf().contains(key);
    };
  }

  /** Whether it must be read on its pack. */
  public boolean asks(Ingredient ingredient) {
    return kind == Kind.ALLERGEN && ingredient.labelling().asks().contains(Allergen.valueOf(key));
  }

  /** As a cook would say it. */
  public String words(Pantry pantry) {
    return switch (kind) {
      case ALLERGEN -> Allergen.valueOf(key).words();
      case TRAIT -> key.toLowerCase(Locale.ROOT);
      case INGREDIENT -> pantry.ingredient(key).name().toLowerCase(Locale.ROOT);
    };
  }

  private static boolean isKnown(Kind kind, String key) {
    Enum<?>[] names = kind == Kind.ALLERGEN ? Allergen.values() : Trait.values();
    for (Enum<?> name : names) {
      if (name.name().equals(key)) {
        return true;
      }
    }
    return false;
  }
}
