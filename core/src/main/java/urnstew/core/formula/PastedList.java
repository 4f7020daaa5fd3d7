package urnstew.core.formula;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import urnstew.core.formula.LineAmount.Amount.Counted;
import urnstew.core.formula.LineAmount.Container;
import urnstew.core.formula.LineAmount.Unreadable;
import urnstew.core.formula.PastedLine.Unclear;
import urnstew.core.formula.PastedLine.Understood;
import urnstew.core.pantry.Handling;
import urnstew.core.pantry.Handlings;
import urnstew.core.pantry.HouseholdWeights;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.IngredientNames;
import urnstew.core.pantry.Pantry;
import urnstew.units.text.Measures;
import urnstew.units.text.Pint;
import urnstew.units.text.QuantityText;

/**
 * Reads a list of ingredients as cooks write and paste it: amount, name, and after a comma what is
 * done to it. A line is understood rightly or sent back with a question; it is never half read.
 */
public final class PastedList {
  private static final Pattern BULLET = Pattern.compile("^\\s*[-*•–·▢☐]\\s+");
  private static final Pattern HYPHENED =
      Pattern.compile("(\\d\\.?)\\s*-\\s*(ounce|oz|g|kg|lb|pound|ml|l|fl|inch)\\b");
  private static final Pattern UNIT_POINT =
      Pattern.compile(
          "\\b(oz|lbs?|tbsp|tbs|tsp|fl|kg|g|ml|pkg|approx|ca|no|c)\\.(?=\\s|\\)|$|\\d)");
  private static final Pattern POINT_BEFORE_UNIT = Pattern.compile("(\\d)\\.(?=\\s*-?\\s*[a-z])");
  private static final Pattern RANGE = Pattern.compile("^\\d[\\d.,/]*\\s*(?:-|–|to|or)\\s*\\d");
  private static final Pattern DOZENS = Pattern.compile("^(\\d{1,2})\\s+dozens?\\s+(?:of\\s+)?");
  private static final Pattern FIRST_WORD = Pattern.compile("^(\\p{L}+)\\b\\s*(?:of\\b)?\\s*");
  private static final Pattern JUICE_OF =
      Pattern.compile("^(?:the )?(juice|zest) (?:of|from) (.+?) (lemon|orange)s?\\b(.*)$");
  private static final Pattern TO_TASTE =
      Pattern.compile("to taste|as needed|for serving|for dusting|for frying|optional");
  private static final Pattern NOT_LEVEL =
      Pattern.compile(
          "\\b(heaped|heaping|rounded|scant|generous|splash|glug|drizzle|knob|few"
              + "|extra[- ]large|jumbo)\\b");

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
          Map.entry("seven", "7"),
          Map.entry("eight", "8"),
          Map.entry("nine", "9"),
          Map.entry("ten", "10"),
          Map.entry("twelve", "12"),
          Map.entry("dozen", "12"),
          Map.entry("half", "1/2"));

  /** Other ways to write a unit after a number, as patterns. */
  private static final Map<String, String> SPELLINGS =
      Map.of(
          "fluid ounces?", "floz",
          "(?:tbsps|tbs|tblsp|tbl)", "tbsp",
          "(?:tsps|teasp)", "tsp",
          "c", "cup",
          "millilit(?:er|re)s?", "ml");

  /** What may stand at the head of a line without a number: one of it. */
  private static final Set<String> ONE_OF =
      Set.of("pinch", "dash", "bunch", "stick", "handful", "sprig", "head");

  private final IngredientNames names;
  private final LineAmount.Reader amounts;
  private final LineWeight weights;

  /**
   * @param pantry what can be named
   * @param words that are measures of the kitchen's own: ladle, handful
   * @param measures what they weigh of an ingredient, by its id
   * @param pint which pint the kitchen means
   */
  public PastedList(
      Pantry pantry, Set<String> words, Function<String, Measures> measures, Pint pint) {
    names = new IngredientNames(pantry);
    Map<String, Double> known = words.stream().collect(Collectors.toMap(word -> word, word -> 1.0));
    amounts = new LineAmount.Reader(new Measures(known), pint);
    weights = new LineWeight(measures, pint);
  }

  /** Reads all lines that are not blank, in their order. */
  public List<PastedLine> read(String text) {
    return text.lines().filter(line -> !line.isBlank()).map(this::line).toList();
  }

  private PastedLine line(String raw) {
    String line = BULLET.matcher(raw).replaceFirst("").strip();
    String tidy = tidy(line);
    if (TO_TASTE.matcher(tidy).find()) {
      return unclear(line, "How much at first? Type a first dose, as 5 g; the rest after tasting.");
    }
    Matcher loose = NOT_LEVEL.matcher(tidy);
    if (loose.find()) {
      return unclear(
          line, "How much is that ('" + loose.group(1) + "')? Type a weight or a level spoon.");
    }
    if (RANGE.matcher(tidy).find()) {
      return unclear(line, "That is a range. Type one amount.");
    }
    try {
      return named(line, amounts.read(tidy));
    } catch (Unreadable question) {
      return unclear(line, String.valueOf(question.getMessage()));
    }
  }

  private static Unclear unclear(String line, String question) {
    return new Unclear(line, question, List.of());
  }

  /** A name with what stands beside it. */
  private record Named(IngredientNames.Match match, String name, String note, String measure) {}

  private PastedLine named(String line, LineAmount amount) {
    List<Named> readings = readings(amount);
    Optional<PastedLine> understood =
        readings.stream().flatMap(named -> understood(line, amount, named).stream()).findFirst();
    if (understood.isPresent()) {
      return understood.orElseThrow();
    }
    return readings.stream()
        .filter(named -> !named.match().exactly().isEmpty())
        .findFirst()
        .map(named -> asked(line, amount, named))
        .orElseGet(
            () ->
                new Unclear(
                    line,
                    "The pantry has nothing of that name. Choose one, or add it to the pantry.",
                    ids(names.find(amount.rest()).near())));
  }

  private Optional<PastedLine> understood(String line, LineAmount amount, Named named) {
    List<Ingredient> meant = weights.meant(amount, named.match().exactly());
    if (meant.size() != 1 || weights.question(amount, meant.get(0), line).isPresent()) {
      return Optional.empty();
    }
    Ingredient found = meant.get(0);
    String note = note(named, found, line);
    return weights
        .of(amount, found, named.measure(), note)
        .filter(weight -> weight.mass().kilograms() > 0)
        .map(
            weight ->
                new Understood(
                    line,
                    found.id(),
                    weight.mass(),
                    weight.drained()
                        ? LineAmount.plain(Math.round(weight.mass().grams())) + " g"
                        : entered(amount, named.measure()),
                    note));
  }

  private static String entered(LineAmount amount, String measure) {
    if (!(amount.amount() instanceof Counted counted) || !counted.measure().isEmpty()) {
      return amount.entered();
    }
    String one = measure.isEmpty() ? "piece" : measure;
    boolean single = counted.count() <= 1 || HouseholdWeights.isSize(one);
    return amount.entered() + " " + (single ? one : plural(one));
  }

  private static String plural(String one) {
    if (one.endsWith("f")) {
      return one.substring(0, one.length() - 1) + "ves";
    }
    return one.endsWith("ch") || one.endsWith("sh") || one.endsWith("x") ? one + "es" : one + "s";
  }

  private Unclear asked(String line, LineAmount amount, Named named) {
    List<Ingredient> meant = weights.meant(amount, named.match().exactly());
    if (meant.size() != 1) {
      return new Unclear(line, "That can be several things. Choose one.", ids(meant));
    }
    Ingredient found = meant.get(0);
    return new Unclear(
        line,
        weights
            .question(amount, found, line)
            .orElse(found.name() + " is not measured like that. Type its weight, as 250 g."),
        List.of(found.id()));
  }

  /** Ways to part what stands after the amount, the likeliest first. */
  private List<Named> readings(LineAmount amount) {
    String rest = amount.rest().replaceFirst("^of\\s+", "");
    Map<String, String> byName = new LinkedHashMap<>();
    List<Integer> ends = ends(rest);
    for (int end : ends) {
      byName.putIfAbsent(
          rest.substring(0, end).strip(),
          rest.substring(end).replaceFirst("^[,(;]\\s*", "").replace(")", "").strip());
    }
    List<Named> readings = new ArrayList<>();
    boolean counted = amount.amount() instanceof Counted;
    byName.forEach(
        (name, note) -> {
          if (amount.from() == Container.CAN) {
            add(readings, "canned " + name, name, note, "");
          }
          if (counted) {
            measured(readings, name, note);
          }
          add(readings, name, name, note, counted ? size(name, note) : "");
        });
    return readings;
  }

  /** 'small onion', 'sprigs of thyme', 'garlic cloves': what is counted stands beside the name. */
  private void measured(List<Named> readings, String name, String note) {
    Matcher first = FIRST_WORD.matcher(name);
    if (first.find() && !name.substring(first.end()).isBlank()) {
      String after = name.substring(first.end());
      String measure = IngredientNames.singular(first.group(1));
      if (measure.equals("can") || measure.equals("tin")) {
        add(readings, "canned " + after, after, note, measure);
      }
      add(readings, after, after, note, measure);
    }
    int last = name.lastIndexOf(' ');
    if (last > 0 && size(name, note).isEmpty()) {
      String measure = IngredientNames.singular(name.substring(last + 1));
      add(readings, name, name, note, measure);
      add(readings, name.substring(0, last), name, note, measure);
    }
  }

  /** Its size, wherever it stands beside the name: 'ripe large tomato', 'onion, small'. */
  private static String size(String name, String note) {
    return Stream.concat(
            Arrays.stream(name.split("\\s+")), Stream.of(note.replaceFirst(",.*$", "").strip()))
        .filter(HouseholdWeights::isSize)
        .findFirst()
        .orElse("");
  }

  private void add(List<Named> readings, String sought, String name, String note, String measure) {
    IngredientNames.Match match = names.find(sought);
    if (!match.exactly().isEmpty()) {
      readings.add(new Named(match, name, note, measure));
    }
  }

  /** Where a name may end: at its very end, since names may hold a comma, or before a comma. */
  private static List<Integer> ends(String rest) {
    List<Integer> ends = new ArrayList<>();
    ends.add(rest.length());
    for (int at = rest.length() - 1; at > 0; at--) {
      if (rest.charAt(at) == ',' || rest.charAt(at) == '(' || rest.charAt(at) == ';') {
        ends.add(at);
      }
    }
    return ends;
  }

  /** What is done to it: after the comma, and what stands beside the name: 'chopped onion'. */
  private static String note(Named named, Ingredient found, String line) {
    String small = found.name().toLowerCase(Locale.ROOT);
    String beside =
        Handlings.shipped().in(named.name(), found).stream()
            .map(Handling::word)
            .filter(word -> !small.contains(word) || found.measuring().alsoCalled().contains(word))
            .collect(Collectors.joining(", "));
    String note = beside.isEmpty() ? named.note() : beside;
    return beside.isEmpty() || named.note().isEmpty() ? note : beside + ", " + named.note();
  }

  private static List<String> ids(List<Ingredient> ingredients) {
    return ingredients.stream().map(Ingredient::id).toList();
  }

  /** Spelled numbers, hyphens and points as the reader of amounts knows them. */
  private static String tidy(String line) {
    String text = QuantityText.tidy(line).replaceAll("\\s+", " ");
    text = POINT_BEFORE_UNIT.matcher(text).replaceAll("$1");
    text = HYPHENED.matcher(text).replaceAll("$1 $2");
    text = UNIT_POINT.matcher(text).replaceAll("$1");
    for (var spelled : SPELLINGS.entrySet()) {
      text = text.replaceAll("(\\d\\s*)" + spelled.getKey() + "\\b", "$1" + spelled.getValue());
    }
    text = text.replaceFirst("^(?:about|approx|approximately|ca|roughly)\\s+", "");
    Matcher juice = JUICE_OF.matcher(text);
    if (juice.find()) {
      text =
          juice.group(2)
              + " "
              + juice.group(3)
              + " "
              + juice.group(3)
              + " "
              + juice.group(1)
              + juice.group(4);
    }
    Matcher dozens = DOZENS.matcher(text);
    if (dozens.find()) {
      return 12 * Integer.parseInt(dozens.group(1)) + " " + text.substring(dozens.end());
    }
    Matcher first = FIRST_WORD.matcher(text);
    if (first.find()) {
      String word = first.group(1);
      String number = NUMBER_WORDS.get(word);
      if (number != null) {
        String after = text.substring(first.end());
        return tidySecond(number, after);
      }
      return ONE_OF.contains(word) ? "1 " + text : text;
    }
    return text;
  }

  /** 'half a', 'a dozen', 'a half'. */
  private static String tidySecond(String number, String after) {
    Matcher next = FIRST_WORD.matcher(after);
    if (next.find()) {
      String second = NUMBER_WORDS.get(next.group(1));
      if (second != null && (number.equals("1") || second.equals("1"))) {
        return (number.equals("1") ? second : number) + " " + after.substring(next.end());
      }
    }
    return number + " " + after;
  }
}
