package urnstew.core.formula;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import urnstew.core.formula.PastedLine.Unclear;
import urnstew.core.formula.PastedLine.Understood;
import urnstew.core.pantry.Handling;
import urnstew.core.pantry.Handlings;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.IngredientNames;
import urnstew.core.pantry.Pack;
import urnstew.core.pantry.Pantry;
import urnstew.core.pantry.Piece;
import urnstew.units.Mass;
import urnstew.units.Volume;
import urnstew.units.text.Measures;
import urnstew.units.text.Pint;
import urnstew.units.text.QuantityKind;
import urnstew.units.text.QuantityText;
import urnstew.units.text.Understanding;

/**
 * Reads a list of ingredients as cooks write and paste it: amount, name, and after a comma what is
 * done to it. A line is understood rightly or sent back with a question; it is never half read.
 */
public final class PastedList {
  private static final Pattern BULLET = Pattern.compile("^\\s*[-*•–·▢]\\s+");
  private static final Pattern IN_BRACKETS =
      Pattern.compile(
          "^(\\d+)\\s*\\(\\s*([^)]+?)\\s*\\)\\s*(cans?|tins?|jars?|packs?|bottles?)\\b");
  private static final Pattern HYPHENED = Pattern.compile("(\\d)\\s*-\\s*(ounce|oz|g|kg|lb|pound)");
  private static final Pattern RANGE = Pattern.compile("^\\d[\\d.,/]*\\s*(?:-|–|to)\\s*\\d");
  private static final Pattern FIRST_WORD = Pattern.compile("^(\\p{L}+)\\b\\s*(?:of\\b)?\\s*");
  private static final Pattern NUMBER =
      Pattern.compile("^(\\d+\\s+\\d+/\\d+|\\d+/\\d+|\\d+[.,]\\d+|\\d+)\\s*");
  private static final Pattern TO_TASTE = Pattern.compile("to taste|as needed|for serving");
  private static final Pattern SHELLED =
      Pattern.compile("flesh|shelled|meat|fillet", Pattern.CASE_INSENSITIVE);
  private static final double MOSTLY_SHELL = 0.6;
  private static final int MOST_WORDS = 7;

  private static final Map<String, String> NUMBER_WORDS =
      Map.ofEntries(
          Map.entry("a", "1"),
          Map.entry("an", "1"),
          Map.entry("one", "1"),
          Map.entry("two", "2"),
          Map.entry("three", "3"),
          Map.entry("four", "4"),
          Map.entry("five", "5"),
          Map.entry("six", "6"),
          Map.entry("eight", "8"),
          Map.entry("ten", "10"),
          Map.entry("dozen", "12"),
          Map.entry("half", "1/2"));

  private final IngredientNames names;
  private final QuantityText masses;
  private final QuantityText volumes;
  private final Function<String, Measures> measures;

  /**
   * @param pantry what can be named
   * @param words that are measures of the kitchen's own: ladle, handful
   * @param measures what they weigh of an ingredient, by its id
   * @param pint which pint the kitchen means
   */
  public PastedList(
      Pantry pantry, Set<String> words, Function<String, Measures> measures, Pint pint) {
    names = new IngredientNames(pantry);
    this.measures = measures;
    masses =
        new QuantityText(
            QuantityKind.MASS,
            "",
            pint,
            new Measures(words.stream().collect(Collectors.toMap(word -> word, word -> 1.0))));
    volumes = new QuantityText(QuantityKind.VOLUME, "", pint);
  }

  /** Reads all lines that are not blank, in their order. */
  public List<PastedLine> read(String text) {
    return text.lines().filter(line -> !line.isBlank()).map(this::line).toList();
  }

  private PastedLine line(String raw) {
    String line = BULLET.matcher(raw).replaceFirst("").strip();
    String tidy = tidy(line);
    if (TO_TASTE.matcher(tidy).find()) {
      return new Unclear(
          line, "How much at first? Type a first dose, as 5 g; the rest after tasting.", List.of());
    }
    if (RANGE.matcher(tidy).find()) {
      return new Unclear(line, "That is a range. Type one amount.", List.of());
    }
    for (int words = MOST_WORDS; words >= 1; words--) {
      Optional<PastedLine> read = byUnit(line, tidy, words);
      if (read.isPresent()) {
        return read.get();
      }
    }
    return byCount(line, tidy);
  }

  /** The longest start of the line that is an amount with a unit. */
  private Optional<PastedLine> byUnit(String line, String tidy, int words) {
    String[] parts = tidy.split("\\s+");
    if (parts.length <= words) {
      return Optional.empty();
    }
    String amount = String.join(" ", Arrays.copyOfRange(parts, 0, words));
    String rest = String.join(" ", Arrays.copyOfRange(parts, words, parts.length));
    Understanding mass = masses.read(amount);
    Understanding volume = volumes.read(amount);
    if (mass instanceof Understanding.Ambiguous asks) {
      return Optional.of(new Unclear(line, asks.question(), List.of()));
    }
    if (mass instanceof Understanding.Understood) {
      return Optional.of(named(line, amount, rest, one -> weighed(one, amount)));
    }
    if (volume instanceof Understanding.Understood understood) {
      return Optional.of(
          named(
              line,
              amount,
              rest,
              one ->
                  one.measuring()
                      .spoonDensity()
                      .map(density -> new Volume(understood.value()).at(density).kilograms())));
    }
    return Optional.empty();
  }

  /** With the measures of that very ingredient: a handful of basil is not one of salt. */
  private Optional<Double> weighed(Ingredient one, String amount) {
    QuantityText reader =
        new QuantityText(QuantityKind.MASS, "", Pint.US, measures.apply(one.id()));
    return reader.read(amount) instanceof Understanding.Understood understood
        ? Optional.of(understood.value())
        : Optional.empty();
  }

  /** '3 cloves garlic', '2 onions', '1 bunch basil'. */
  private PastedLine byCount(String line, String tidy) {
    Matcher number = NUMBER.matcher(tidy);
    if (!number.find()) {
      return new Unclear(line, "There is no amount. Type one before the name.", List.of());
    }
    String amount = number.group(1);
    double count = count(amount);
    String rest = tidy.substring(number.end());
    Matcher first = FIRST_WORD.matcher(rest);
    if (first.find() && !rest.substring(first.end()).isBlank()) {
      String word = singular(first.group(1));
      PastedLine inUnits =
          named(
              line,
              amount + " " + first.group(1),
              rest.substring(first.end()),
              one -> inPieces(one, word, count));
      if (inUnits instanceof Understood) {
        return inUnits;
      }
    }
    return named(
        line,
        amount,
        rest,
        one -> one.measuring().piece().map(piece -> piece.mass().kilograms() * count));
  }

  /** Pieces or packs by the word for one of them. */
  private static Optional<Double> inPieces(Ingredient one, String word, double count) {
    Optional<Mass> piece =
        one.measuring()
            .piece()
            .filter(natural -> Arrays.asList(natural.name().split(" ")).contains(word))
            .map(Piece::mass);
    List<Pack> packs =
        one.buying().packs().stream()
            .filter(pack -> !pack.loose())
            .filter(pack -> Arrays.asList(pack.name().split("[ ,]+")).contains(word))
            .toList();
    return piece
        .or(() -> packs.size() == 1 ? Optional.of(packs.get(0).net()) : Optional.empty())
        .map(mass -> mass.kilograms() * count);
  }

  private interface Amounts {
    Optional<Double> kilogramsOf(Ingredient ingredient);
  }

  private PastedLine named(String line, String amount, String rest, Amounts amounts) {
    int comma = nameEnds(rest);
    String name = rest.substring(0, comma).replaceFirst("^of\\s+", "");
    String note = rest.substring(comma).replaceFirst("^[,(]\\s*", "").replace(")", "").strip();
    IngredientNames.Match match = names.find(name);
    if (match.exactly().size() != 1) {
      List<Ingredient> could = match.exactly().isEmpty() ? match.near() : match.exactly();
      String why =
          match.exactly().isEmpty()
              ? "The pantry has nothing of that name. Choose one, or add it to the pantry."
              : "That can be several things. Choose one.";
      return new Unclear(line, why, ids(could));
    }
    Ingredient found = match.exactly().get(0);
    if (found.buying().edibleShare() < MOSTLY_SHELL && !SHELLED.matcher(line).find()) {
      return new Unclear(line, withOrWithoutShell(found), List.of(found.id()));
    }
    String beside = besides(name, found);
    String whole = beside.isEmpty() ? note : note.isEmpty() ? beside : beside + ", " + note;
    return amounts
        .kilogramsOf(found)
        .filter(kilograms -> kilograms > 0)
        .<PastedLine>map(
            kilograms -> new Understood(line, found.id(), new Mass(kilograms), amount, whole))
        .orElseGet(
            () ->
                new Unclear(
                    line,
                    found.name() + " is not measured like that. Type its weight, as 250 g.",
                    List.of(found.id())));
  }

  private static String withOrWithoutShell(Ingredient found) {
    return String.format(
        Locale.ROOT,
        "With the shell or without? Of a kilogram as bought %.0f g are left: type the weight without"
            + " shell, and 'flesh' after the name.",
        found.buying().edibleShare() * 1000);
  }

  /** What stands beside the name and says what is done: 'chopped onion'. */
  private static String besides(String name, Ingredient found) {
    return Handlings.shipped().in(name, found).stream()
        .map(Handling::word)
        .filter(word -> !found.name().toLowerCase(Locale.ROOT).contains(word))
        .collect(Collectors.joining(", "));
  }

  private static int nameEnds(String rest) {
    for (int at = 0; at < rest.length(); at++) {
      if (rest.charAt(at) == ',' || rest.charAt(at) == '(') {
        return at;
      }
    }
    return rest.length();
  }

  private static List<String> ids(List<Ingredient> ingredients) {
    return ingredients.stream().map(Ingredient::id).toList();
  }

  private static double count(String amount) {
    Understanding read = new QuantityText(QuantityKind.COUNT, "", Pint.US).read(amount);
    return read instanceof Understanding.Understood understood ? understood.value() : 0;
  }

  /** Spelled numbers and bracketed can sizes as the reader of quantities knows them. */
  private static String tidy(String line) {
    String text = QuantityText.tidy(line);
    text = HYPHENED.matcher(text).replaceAll("$1 $2");
    Matcher brackets = IN_BRACKETS.matcher(text);
    if (brackets.find()) {
      text = brackets.group(1) + "x" + brackets.group(2) + text.substring(brackets.end());
    }
    text = text.replaceFirst("^(\\d+)\\s*x\\s*", "$1x");
    Matcher first = FIRST_WORD.matcher(text);
    if (first.find()) {
      String number = NUMBER_WORDS.get(first.group(1));
      return number == null ? text : number + " " + text.substring(first.end());
    }
    return text;
  }

  private static String singular(String word) {
    return word.endsWith("s") && word.length() > 3 ? word.substring(0, word.length() - 1) : word;
  }
}
