package urnstew.core.pantry;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import urnstew.units.InvalidInput;

/**
 * The ingredients that formulas can be resolved against.
 *
 * @param byId ingredients by their id
 */
public record Pantry(Map<String, Ingredient> byId) {
  public Pantry {
    byId = Map.copyOf(byId);
  }

  /** The ingredient of that id. */
  public Ingredient ingredient(String id) {
    Ingredient found = byId.get(id);
    if (found == null) {
      throw new InvalidInput(
          "ingredientId",
          "unknown",
          "There is no ingredient '" + id + "'.",
          "an ingredient of the pantry",
          "Choose one of the pantry's ingredients.");
    }
    return found;
  }

  /** Whether there is one of that id. */
  public boolean has(String id) {
    return byId.containsKey(id);
  }

  /** All of them, by name. */
  public List<Ingredient> all() {
    return byId.values().stream().sorted(Comparator.comparing(Ingredient::name)).toList();
  }

  /** With some put in place of those of the same id, or beside them. */
  public Pantry with(Collection<Ingredient> own) {
    Map<String, Ingredient> merged = new HashMap<>(byId);
    own.forEach(ingredient -> merged.put(ingredient.id(), ingredient));
    return new Pantry(merged);
  }
}
