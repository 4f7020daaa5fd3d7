package urnstew.core.formula;

import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import urnstew.core.formula.LineAmount.Amount.Counted;
import urnstew.core.formula.LineAmount.Amount.Spooned;
import urnstew.core.formula.LineAmount.Amount.Weighed;
import urnstew.core.pantry.IngredientNames;
import urnstew.units.text.Measures;
import urnstew.units.text.Pint;
import urnstew.units.text.QuantityKind;
import urnstew.units.text.QuantityText;
import urnstew.units.text.Understanding;

/**
 * The amount at the head of a line of ingredients, and what stands after it.
 *
 * @param amount how much
 * @param entered the amount as it was written
 * @param from what it came in
 * @param rest name and what is done to it
 */
record LineAmount(Amount amount, String entered, Container from, String rest) {
  private static final String FRACTION =
      "(?:\\d+\\s+\\d+\\s*/\\s*\\d+|\\d+\\s*/\\s*\\d+|\\d+(?:[.,]\\d+)?)";
  private static final String UNIT =
      "(?:kg|kilos?|kilograms?|g|gr|grams?|lbs?|pounds?|oz|ounces?"
          + "|fl\\s?oz|floz|ml|millilit(?:er|re)s?|cl|dl|l|lit(?:er|re)s?)";
  private static final String SIZE =
      "(" + FRACTION + "\\s*" + UNIT + "(?:\\s+" + FRACTION + "\\s*" + UNIT + ")?)";
  private static final String CONTAINER =
      "((?:cans?|tins?|jars?|packs?|packets?|packages?|bottles?|cartons?|boxe?s?|bags?|tubs?|tubes?"
          + "|pouche?s?|blocks?|punnets?))\\b";
  private static final String ABOUT = "(?:(?:about|approx(?:imately)?|ca|roughly|circa)\\s+)?";
  private static final String HOW_BIG = "(?:(?:small|medium|large|big)\\s+)?";

  private static final Pattern CAN_OF_A_SIZE =
      Pattern.compile(
          "^(?:(\\d+)(?:\\s*x\\s*|\\s+(?!\\d+\\s*/)|\\s*(?=\\()))?\\(?\\s*"
              + SIZE
              + "\\s*(?:each\\s*)?\\)?\\s*"
              + CONTAINER
              + "\\s*(?:of\\s+)?(.+)$");
  private static final Pattern SIZE_AFTER_CAN =
      Pattern.compile(
          "^("
              + FRACTION
              + ")\\s*"
              + HOW_BIG
              + CONTAINER
              + "\\s*[(,]\\s*"
              + ABOUT
              + SIZE
              + "(?:\\s*each)?\\s*[),]\\s*(?:of\\s+)?(.+)$");
  private static final Pattern NUMBERED_CAN =
      Pattern.compile(
          "^(?:("
              + FRACTION
              + ")\\s*(?:x\\s*)?)??(?:no|number|#)\\s*(10|2 1/2|300|303|2)\\s*-?\\s*(?:cans?|tins?)"
              + "\\s*(?:of\\s+)?(.+)$");
  private static final Pattern TWICE =
      Pattern.compile("^" + SIZE + "\\s*(?:/|\\(|or)\\s*" + SIZE + "\\s*\\)?\\s+(.+)$");
  private static final Pattern WEIGHED_BESIDE =
      Pattern.compile("\\(\\s*" + ABOUT + SIZE + "(\\s*(?:each|apiece))?[^)]*\\)");
  private static final Pattern NUMBER = Pattern.compile("^(" + FRACTION + ")\\s*(.*)$");
  private static final Pattern CAN_WORD = Pattern.compile("cans?|tins?");
  private static final int MOST_WORDS = 7;

  private static final Map<String, String> UNIT_WORDS =
      Map.of(
          "tbsp",
          "tbsp",
          "tablespoon",
          "tbsp",
          "tbs",
          "tbsp",
          "tsp",
          "tsp",
          "teaspoon",
          "tsp",
          "cup",
          "cup");

  /** What so much of it came in: out of a can, a 'canned' kind is meant where there is one. */
  enum Container {
    NONE,
    CAN,
    OTHER
  }

  /** How much, as it was said. */
  sealed interface Amount {
    /** By weight. */
    record Weighed(double kilograms) implements Amount {}

    /**
     * By volume.
     *
     * @param unit spoon or cup, of which there are so many; empty for the rest
     */
    record Spooned(double cubicMeters, double count, String unit) implements Amount {}

    /**
     * In pieces.
     *
     * @param measure what is counted: 'can', 'No. 10 can'; empty where the name says it
     */
    record Counted(double count, String measure) implements Amount {}
  }

  /** What stands against an amount, with the way out. */
  static final class Unreadable extends Exception {
    private static final long serialVersionUID = 1L;

    Unreadable(String question) {
      super(question, null, false, false);
    }
  }

  /** Reads amounts of one kitchen. */
  static final class Reader {
    private final QuantityText masses;
    private final QuantityText volumes;
    private final QuantityText counts;

    Reader(Measures own, Pint pint) {
      masses = new QuantityText(QuantityKind.MASS, "", pint, own);
      volumes = new QuantityText(QuantityKind.VOLUME, "", pint);
      counts = new QuantityText(QuantityKind.COUNT, "", pint);
    }

    /** The amount of a tidy line. */
    LineAmount read(String line) throws Unreadable {
      Matcher twice = TWICE.matcher(line);
      String text = twice.find() ? twice.group(1) + " " + twice.group(3) : line;
      Optional<LineAmount> container =
          Stream.of(canOfASize(text), sizeAfterCan(text), numberedCan(text))
              .flatMap(Optional::stream)
              .findFirst();
      if (container.isPresent()) {
        return container.orElseThrow();
      }
      LineAmount read = byUnit(text);
      return weighedBeside(read == null ? byCount(text) : read);
    }

    private Optional<LineAmount> canOfASize(String text) {
      Matcher found = CAN_OF_A_SIZE.matcher(text);
      return found.find()
          ? sized(
              found.group(1) == null ? 1 : count(found.group(1)),
              found.group(2),
              found.group(3),
              found.group(4))
          : Optional.empty();
    }

    private Optional<LineAmount> sizeAfterCan(String text) {
      Matcher found = SIZE_AFTER_CAN.matcher(text);
      return found.find()
          ? sized(count(found.group(1)), found.group(3), found.group(2), found.group(4))
          : Optional.empty();
    }

    private Optional<LineAmount> sized(double count, String size, String container, String rest) {
      boolean can = CAN_WORD.matcher(container).matches();
      String times = count == 1 ? size : plain(count) + " x " + size;
      String written = can ? times + (count == 1 ? " can" : " cans") : times;
      return inSize(size)
          .map(
              amount ->
                  new LineAmount(
                      amount instanceof Weighed w
                          ? new Weighed(w.kilograms() * count)
                          : new Spooned(((Spooned) amount).cubicMeters() * count, count, ""),
                      count == 1 && can ? "1 x " + written : written,
                      can ? Container.CAN : Container.OTHER,
                      rest));
    }

    /** 'oz' on a can is a weight. */
    private Optional<Amount> inSize(String size) {
      if (masses.read(size) instanceof Understanding.Understood mass) {
        return Optional.of(new Weighed(mass.value()));
      }
      return volumes.read(size) instanceof Understanding.Understood volume
          ? Optional.of(new Spooned(volume.value(), 1, ""))
          : Optional.empty();
    }

    private Optional<LineAmount> numberedCan(String text) {
      Matcher found = NUMBERED_CAN.matcher(text);
      if (!found.find()) {
        return Optional.empty();
      }
      double count = found.group(1) == null ? 1 : count(found.group(1));
      String pack = "No. " + found.group(2) + " can";
      return Optional.of(
          new LineAmount(
              new Counted(count, pack),
              plain(count) + " x " + pack,
              Container.CAN,
              found.group(3)));
    }

    /** The longest start of the line that is an amount with a unit. */
    private @Nullable LineAmount byUnit(String text) throws Unreadable {
      String[] parts = text.split("\\s+");
      for (int words = Math.min(MOST_WORDS, parts.length - 1); words >= 1; words--) {
        String amount = Stream.of(parts).limit(words).collect(Collectors.joining(" "));
        String rest = Stream.of(parts).skip(words).collect(Collectors.joining(" "));
        Understanding mass = masses.read(amount);
        if (mass instanceof Understanding.Ambiguous asks) {
          throw new Unreadable(asks.question());
        }
        if (mass instanceof Understanding.Understood understood) {
          return new LineAmount(new Weighed(understood.value()), amount, Container.NONE, rest);
        }
        if (volumes.read(amount) instanceof Understanding.Understood volume) {
          return new LineAmount(spooned(amount, volume.value()), amount, Container.NONE, rest);
        }
      }
      return null;
    }

    private Spooned spooned(String amount, double cubicMeters) {
      Matcher number = NUMBER.matcher(amount);
      String unit =
          number.find()
              ? UNIT_WORDS.getOrDefault(IngredientNames.singular(number.group(2)), "")
              : "";
      return new Spooned(cubicMeters, unit.isEmpty() ? 1 : count(number.group(1)), unit);
    }

    private LineAmount byCount(String text) throws Unreadable {
      Matcher number = NUMBER.matcher(text);
      if (!number.find() || number.group(2).isBlank()) {
        throw new Unreadable("There is no amount. Type one before the name.");
      }
      String written = number.group(1);
      return new LineAmount(
          new Counted(count(written), ""), written, Container.NONE, number.group(2));
    }

    /** '1 onion (about 150 g)', '1 cup (125 g) flour': the weight beside it is what counts. */
    private LineAmount weighedBeside(LineAmount read) {
      Matcher beside = WEIGHED_BESIDE.matcher(read.rest());
      if (!beside.find() || read.amount() instanceof Weighed) {
        return read;
      }
      String rest =
          (read.rest().substring(0, beside.start()) + read.rest().substring(beside.end()))
              .replaceAll("\\s+", " ")
              .replace(" ,", ",")
              .strip();
      if (!(masses.read(beside.group(1)) instanceof Understanding.Understood mass)) {
        return new LineAmount(read.amount(), read.entered(), read.from(), rest);
      }
      double times =
          beside.group(2) != null && read.amount() instanceof Counted counted ? counted.count() : 1;
      return new LineAmount(
          new Weighed(mass.value() * times),
          times == 1 ? beside.group(1) : plain(times) + " x " + beside.group(1),
          Container.NONE,
          rest);
    }

    double count(String text) {
      return counts.read(text) instanceof Understanding.Understood understood
          ? understood.value()
          : 0;
    }
  }

  static String plain(double count) {
    return count == Math.rint(count) ? String.valueOf((long) count) : String.valueOf(count);
  }
}
