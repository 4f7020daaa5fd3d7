package urnstew.core.pantry;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;
import urnstew.units.Mass;

/**
 * What one of a household measure weighs of an ingredient, as it goes in: a small onion, a stick of
 * butter, a sprig of thyme. A size is never taken for another one: where a small one is not known,
 * nothing is said of it.
 */
public final class HouseholdWeights {
  /** What a bare count means. */
  public static final String PIECE = "piece";

  private static final Set<String> SIZES = Set.of("small", "medium", "large");
  private static final HouseholdWeights SHIPPED = read();

  private final Map<String, Map<String, Mass>> grams;

  private HouseholdWeights(Map<String, Map<String, Mass>> grams) {
    this.grams = grams;
  }

  /** The shipped table. */
  public static HouseholdWeights shipped() {
    return SHIPPED;
  }

  /** Whether a word is a size, of which each has a weight of its own. */
  public static boolean isSize(String word) {
    return SIZES.contains(word);
  }

  /** All measures of an ingredient by their words in the singular, the natural piece among them. */
  public Map<String, Mass> of(Ingredient ingredient) {
    Map<String, Mass> all =
        new LinkedHashMap<>(grams.getOrDefault(ingredient.id(), Map.<String, Mass>of()));
    ingredient
        .measuring()
        .piece()
        .ifPresent(
            piece -> {
              all.put(PIECE, piece.mass());
              for (String word : piece.name().split(" ")) {
                all.putIfAbsent(word, piece.mass());
              }
            });
    return all;
  }

  /** One of a measure; empty where nobody knows what it weighs. */
  public Optional<Mass> of(Ingredient ingredient, String measure) {
    return Optional.ofNullable(of(ingredient).get(measure));
  }

  private static HouseholdWeights read() {
    Map<String, Map<String, Mass>> all = new LinkedHashMap<>();
    for (CSVRecord row : ReferenceTable.rows("household")) {
      all.computeIfAbsent(row.get("ingredient"), id -> new LinkedHashMap<>())
          .put(row.get("measure"), Mass.ofGrams(Double.parseDouble(row.get("grams"))));
    }
    return new HouseholdWeights(all);
  }
}
