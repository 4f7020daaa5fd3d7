package urnstew.units.text;

import java.util.Map;
import java.util.regex.Pattern;

/**
 * A kitchen's own measures, weighed once: 'my ladle', 'my handful'.
 *
 * @param kilograms mass of one, by its name in small letters; read in the singular and with an s
 */
public record Measures(Map<String, Double> kilograms) {
  /** No measures of one's own. */
  public static final Measures NONE = new Measures(Map.of());

  private static final Pattern WORD = Pattern.compile("[a-z]{2,30}");

  public Measures {
    kilograms = Map.copyOf(kilograms);
  }

  /** Whether a word can name a measure: letters only, and no unit already, in either number. */
  public static boolean canName(String word) {
    return WORD.matcher(word).matches()
        && !word.equals("and")
        && !isUnit(word)
        && !isUnit(word + "s")
        && !word.endsWith("s");
  }

  private static boolean isUnit(String word) {
    for (QuantityKind kind : QuantityKind.values()) {
      if (kind.factor(word, Pint.US) != 0) {
        return true;
      }
    }
    return false;
  }

  /** Kilograms in one, or 0 where the word names none. */
  double factor(String word) {
    String one = word.endsWith("s") ? word.substring(0, word.length() - 1) : word;
    return kilograms.getOrDefault(one, 0.0);
  }
}
