package urnstew.core.pantry;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Finds ingredients by what cooks call them. A word that belongs to no name is never passed over in
 * silence: 'chicken liver' is not chicken.
 */
public final class IngredientNames {
  /** Words that may stand beside any name: they say how good or how big, and not what. */
  private static final Set<String> QUALITIES =
      Set.of(
          "a",
          "an",
          "the",
          "of",
          "good",
          "ripe",
          "large",
          "small",
          "medium",
          "fresh",
          "freshly",
          "extra",
          "fine",
          "flesh",
          "finely",
          "roughly",
          "coarsely",
          "thinly",
          "plain",
          "organic",
          "raw",
          "cold",
          "about",
          "and",
          "with",
          "best",
          "quality",
          "big",
          "firm",
          "juicy");

  /** Words of our names that a cook may leave out, where what is left names one thing. */
  private static final Set<String> UNSAID = Set.of("fresh", "unsalted");

  private static final Pattern ACCENTS = Pattern.compile("\\p{M}+");

  private final Map<Set<String>, List<Ingredient>> byWords = new LinkedHashMap<>();
  private final Map<Set<String>, List<Ingredient>> shortened = new LinkedHashMap<>();

  public IngredientNames(Pantry pantry) {
    for (Ingredient ingredient : pantry.all()) {
      Set<String> all = words(ingredient.name());
      add(byWords, all, ingredient);
      Set<String> fewer = new HashSet<>(all);
      if (fewer.removeAll(UNSAID) && !fewer.isEmpty()) {
        add(shortened, fewer, ingredient);
      }
      ingredient.measuring().alsoCalled().forEach(name -> add(byWords, words(name), ingredient));
    }
  }

  /**
   * What a text may mean.
   *
   * @param exactly ingredients that it names; more than one where it is not clear
   * @param near ingredients that share a word with it, the nearest first, where it names none
   */
  public record Match(List<Ingredient> exactly, List<Ingredient> near) {}

  /** Reads a name, with qualities and handlings beside it. */
  public Match find(String text) {
    Set<String> said = words(text);
    List<Ingredient> whole = byWords.getOrDefault(said, shortened.getOrDefault(said, List.of()));
    if (!whole.isEmpty()) {
      return new Match(whole, List.of());
    }
    Set<String> what = words(Handlings.shipped().takenOutOf(text));
    List<Set<String>> inside =
        Stream.concat(byWords.keySet().stream(), shortened.keySet().stream())
            .filter(said::containsAll)
            .filter(name -> restIsNoName(said, name, what))
            .sorted(Comparator.comparing(name -> -name.size()))
            .toList();
    if (inside.isEmpty()) {
      return new Match(List.of(), near(said));
    }
    int most = inside.get(0).size();
    return new Match(
        inside.stream()
            .filter(name -> name.size() == most)
            .flatMap(
                name ->
                    byWords.getOrDefault(name, shortened.getOrDefault(name, List.of())).stream())
            .distinct()
            .toList(),
        List.of());
  }

  /** Beside a name stand only qualities, and words that say what is done to it. */
  private static boolean restIsNoName(Set<String> said, Set<String> name, Set<String> what) {
    return said.stream()
        .filter(word -> !name.contains(word))
        .allMatch(word -> QUALITIES.contains(word) || !what.contains(word));
  }

  private List<Ingredient> near(Set<String> said) {
    return byWords.entrySet().stream()
        .filter(entry -> entry.getKey().stream().anyMatch(said::contains))
        .sorted(Comparator.comparing(entry -> -shared(entry.getKey(), said)))
        .flatMap(entry -> entry.getValue().stream())
        .distinct()
        .limit(5)
        .toList();
  }

  private static double shared(Set<String> name, Set<String> said) {
    return (double) name.stream().filter(said::contains).count() / name.size();
  }

  private static void add(
      Map<Set<String>, List<Ingredient>> index, Set<String> words, Ingredient ingredient) {
    List<Ingredient> same = index.computeIfAbsent(words, key -> new ArrayList<>());
    if (!same.contains(ingredient)) {
      same.add(ingredient);
    }
  }

  private static Set<String> words(String text) {
    String plain = ACCENTS.matcher(Normalizer.normalize(text, Normalizer.Form.NFD)).replaceAll("");
    return Arrays.stream(plain.toLowerCase(Locale.ROOT).split("[^\\p{L}0-9%]+"))
        .filter(word -> !word.isBlank())
        .map(IngredientNames::singular)
        .collect(Collectors.toCollection(HashSet::new));
  }

  /** A word in the singular, as far as names of foods and measures need it. */
  public static String singular(String word) {
    if (word.endsWith("eaves") || word.endsWith("alves") || word.endsWith("oaves")) {
      return word.substring(0, word.length() - 3) + "f";
    }
    if (word.endsWith("ches") || word.endsWith("shes") || word.endsWith("xes")) {
      return word.substring(0, word.length() - 2);
    }
    if (word.endsWith("oes")) {
      return word.substring(0, word.length() - 2);
    }
    if (word.endsWith("ies") && word.length() > 4) {
      return word.substring(0, word.length() - 3) + "y";
    }
    boolean plural = word.endsWith("s") && !word.endsWith("ss") && word.length() > 3;
    return plural ? word.substring(0, word.length() - 1) : word;
  }
}
