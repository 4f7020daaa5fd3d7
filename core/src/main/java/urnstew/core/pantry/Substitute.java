package urnstew.core.pantry;

import java.util.Arrays;
import java.util.List;
import org.apache.commons.csv.CSVRecord;
import urnstew.units.Mass;
import urnstew.units.Require;

/**
 * What stands in for an ingredient.
 *
 * @param ingredientId for which
 * @param parts that take its place
 * @param tells what a table of compositions cannot; empty where nothing is to be said
 */
public record Substitute(String ingredientId, List<Part> parts, String tells) {
  private static final List<Substitute> SHIPPED =
      ReferenceTable.rows("substitutes").stream().map(Substitute::substitute).toList();

  public Substitute {
    parts = List.copyOf(parts);
  }

  /**
   * One of them.
   *
   * @param ingredientId which
   * @param ratio kilograms for one kilogram of what it stands in for; above 0
   */
  public record Part(String ingredientId, double ratio) {
    public Part {
      Require.positive("ratio", ratio, "kg/kg");
    }

    /** So much of it for so much of the other. */
    public Mass of(Mass replaced) {
      return replaced.times(ratio);
    }
  }

  /** What is shipped for an ingredient, the best first. */
  public static List<Substitute> of(String ingredientId) {
    return SHIPPED.stream().filter(one -> one.ingredientId().equals(ingredientId)).toList();
  }

  private static Substitute substitute(CSVRecord row) {
    return new Substitute(
        row.get("ingredient"),
        Arrays.stream(row.get("instead").split(" \\+ ")).map(Substitute::part).toList(),
        row.get("tells"));
  }

  private static Part part(String text) {
    String[] sides = text.split("\\*");
    return new Part(sides[0], Double.parseDouble(sides[1]));
  }
}
