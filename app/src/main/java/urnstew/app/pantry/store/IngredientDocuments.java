package urnstew.app.pantry.store;

import java.util.Map;
import java.util.stream.Collectors;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import urnstew.app.platform.store.DocumentForm;
import urnstew.app.platform.store.Raise;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Labelling;
import urnstew.core.pantry.ReferencePantry;
import urnstew.core.thermo.Composition;

/** Forms of what the pantry stores, and what earlier releases did not have yet. */
public final class IngredientDocuments {
  private static final String LABELLING = "labelling";
  private static final String NOT_SAID = "nobody noted whether its label was read";
  private static final Map<String, Labelling> SHIPPED =
      ReferencePantry.load().all().stream()
          .collect(Collectors.toUnmodifiableMap(Ingredient::id, Ingredient::labelling));

  /** Ingredients of this kitchen's own. */
  public static final DocumentForm<Ingredient> INGREDIENT =
      DocumentForm.of(
          StoredIngredient.class,
          IngredientMapping.MAPPING::stored,
          IngredientMapping.MAPPING::ingredient,
          Raise.everywhere(IngredientDocuments::asking),
          Raise.everywhere(IngredientDocuments::made));

  /** What something is made of. */
  public static final DocumentForm<Composition> COMPOSITION =
      DocumentForm.of(
          StoredComposition.class,
          IngredientMapping.MAPPING::stored,
          IngredientMapping.MAPPING::composition,
          Raise.everywhere());

  private IngredientDocuments() {}

  /**
   * A label of a shipped kind asks what it asks by now; of a kitchen's own ingredient without any
   * allergen nobody can say whether its label was read.
   */
  public static void asking(ObjectNode ingredient) {
    if (!(ingredient.get(LABELLING) instanceof ObjectNode labelling) || labelling.has("asks")) {
      return;
    }
    Labelling shipped = SHIPPED.get(ingredient.path("id").asString(""));
    ArrayNode asks = labelling.putArray("asks");
    if (shipped != null) {
      shipped.asks().forEach(allergen -> asks.add(allergen.name()));
    }
    boolean said = shipped != null || !labelling.path("allergens").isEmpty();
    labelling.put("unknown", said ? "" : NOT_SAID);
  }

  /** What nobody noted to be made of anything. */
  public static void made(ObjectNode ingredient) {
    if (ingredient.get(LABELLING) instanceof ObjectNode labelling && !labelling.has("madeOf")) {
      labelling.putArray("madeOf");
    }
  }
}
