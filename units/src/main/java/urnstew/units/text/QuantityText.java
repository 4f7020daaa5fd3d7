package urnstew.units.text;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import urnstew.units.text.Understanding.Ambiguous;
import urnstew.units.text.Understanding.Refused;
import urnstew.units.text.Understanding.Understood;

/**
 * Reads a quantity as a cook writes it.
 *
 * <p>Grammar: {@code [count x] amount [unit] {[+] amount unit}}, where an amount is a whole,
 * decimal, common or mixed number. A bare number takes the field's own unit.
 */
public final class QuantityText {
  private static final String NUMBER = "(?:\\d[\\d.,]*|[.,]\\d+)";
  private static final String AMOUNT = "(?:(\\d+)\\s+)?(\\d+)\\s*/\\s*(\\d+)|(" + NUMBER + ")";
  private static final String UNIT = "(fl\\s?oz|btu/h|[a-z]+|%|\")?";
  private static final Pattern TERM = Pattern.compile("(?:" + AMOUNT + ")\\s*" + UNIT + "\\.?");
  private static final Pattern MULTIPLE = Pattern.compile("^(" + NUMBER + ")\\s*x\\s*(?=[\\d.,])");
  private static final Pattern CONTAINER =
      Pattern.compile("\\s*(?:cans?|tins?|packs?|jars?|each)$");
  private static final Pattern BETWEEN_TERMS = Pattern.compile("\\s*(?:\\+|and\\s)?\\s*");

  private static final Pattern ASKS = Pattern.compile("[1-9]\\d{0,2},\\d{3}");
  private static final Pattern PLAIN = Pattern.compile("\\d*(?:[.,]\\d+)?");
  private static final Pattern COMMA_GROUPS =
      Pattern.compile("\\d{1,3}(?:,\\d{3})+\\.\\d+|\\d{1,3}(?:,\\d{3}){2,}");
  private static final Pattern POINT_GROUPS =
      Pattern.compile("\\d{1,3}(?:\\.\\d{3})+,\\d+|\\d{1,3}(?:\\.\\d{3}){2,}");

  private final QuantityKind kind;
  private final String ownUnit;
  private final Pint pint;
  private final Measures measures;

  /**
   * Reads with a kitchen's own measures beside the common units; they are masses.
   *
   * @param kind what is expected
   * @param ownUnit the unit of a bare number; empty for a count
   * @param pint which pint the kitchen means
   * @param measures the kitchen's own
   */
  public QuantityText(QuantityKind kind, String ownUnit, Pint pint, Measures measures) {
    this.kind = kind;
    this.ownUnit = ownUnit;
    this.pint = pint;
    this.measures = measures;
  }

  /** Reads with the common units alone. */
  public QuantityText(QuantityKind kind, String ownUnit, Pint pint) {
    this(kind, ownUnit, pint, Measures.NONE);
  }

  /** Reads one text; never throws on bad text. */
  public Understanding read(String raw) {
    String text = tidy(raw);
    if (text.isEmpty()) {
      return new Refused("Nothing is typed here yet.");
    }
    try {
      boolean negative = text.startsWith("-");
      return new Understood(sum(negative ? text.substring(1).strip() : text, negative ? -1 : 1));
    } catch (Unclear unclear) {
      return unclear.outcome;
    }
  }

  /** Signs that keyboards and web pages put in place of plain ones; small letters. */
  public static String tidy(String raw) {
    StringBuilder tidy = new StringBuilder();
    for (char c : raw.strip().toLowerCase(Locale.ROOT).toCharArray()) {
      tidy.append(
          switch (c) {
            case '½' -> " 1/2";
            case '¼' -> " 1/4";
            case '¾' -> " 3/4";
            case '⅓' -> " 1/3";
            case '⅔' -> " 2/3";
            case '⅛' -> " 1/8";
            case '×' -> "x";
            case '°' -> "";
            case '−', '–' -> "-";
            case '\u00a0', '\u202f', '\t' -> " ";
            case '″', '”' -> "\"";
            default -> String.valueOf(c);
          });
    }
    return tidy.toString().strip();
  }

  /** Scales that begin elsewhere are moved after the sign: −4 °F is −20 °C. */
  private double sum(String whole, int sign) throws Unclear {
    String text = whole;
    double multiple = 1;
    Matcher times = MULTIPLE.matcher(text);
    if (times.find()) {
      multiple = number(times.group(1));
      if (multiple == 0) {
        throw refused();
      }
      text = CONTAINER.matcher(text.substring(times.end())).replaceFirst("");
    }
    Matcher term = TERM.matcher(text);
    Matcher between = BETWEEN_TERMS.matcher(text);
    double total = 0;
    double moved = 0;
    int at = 0;
    int terms = 0;
    while (at < text.length()) {
      if (terms > 0 && between.find(at) && between.start() == at) {
        at = between.end();
      }
      boolean runsOn = terms > 0 && text.indexOf(',', at) == at;
      if (runsOn || !term.find(at) || term.start() != at) {
        throw refused();
      }
      boolean lone = terms == 0 && term.end() == text.length();
      String unit = unit(term.group(5), lone);
      total += amount(term) * factor(unit);
      moved += kind.offset(unit);
      at = term.end();
      terms++;
    }
    return sign * multiple * total + moved;
  }

  private static double amount(Matcher term) throws Unclear {
    if (term.group(4) != null) {
      return number(term.group(4));
    }
    double whole = term.group(1) == null ? 0 : Double.parseDouble(term.group(1));
    double below = Double.parseDouble(term.group(3));
    if (below == 0) {
      throw new Unclear(new Refused("A fraction cannot have 0 below the line."));
    }
    return whole + Double.parseDouble(term.group(2)) / below;
  }

  private String unit(@Nullable String written, boolean lone) throws Unclear {
    if (written == null && !lone) {
      throw refused();
    }
    return written == null ? ownUnit : written.replaceAll("\\s", " ");
  }

  private double factor(String unit) throws Unclear {
    if (unit.isEmpty() && kind == QuantityKind.COUNT) {
      return 1;
    }
    double factor = kind.factor(unit, pint);
    if (factor == 0 && kind == QuantityKind.MASS) {
      factor = measures.factor(unit);
    }
    if (factor == 0) {
      throw refused();
    }
    return factor;
  }

  private static double number(String written) throws Unclear {
    if (ASKS.matcher(written).matches()) {
      String joined = written.replace(",", "");
      throw new Unclear(
          new Ambiguous(
              "Is "
                  + written
                  + " "
                  + joined
                  + " or "
                  + written.replace(',', '.')
                  + "? Type it without the comma or with a point."));
    }
    String plain;
    if (PLAIN.matcher(written).matches()) {
      plain = written.replace(',', '.');
    } else if (COMMA_GROUPS.matcher(written).matches()) {
      plain = written.replace(",", "");
    } else if (POINT_GROUPS.matcher(written).matches()) {
      plain = written.replace(".", "").replace(',', '.');
    } else {
      throw new Unclear(new Refused(written + " is not a number. Type it like 1500 or 1.5."));
    }
    return Double.parseDouble(plain);
  }

  private Unclear refused() {
    return new Unclear(
        new Refused("That is not understood. Type a number with " + kind.unitsInWords() + "."));
  }

  private static final class Unclear extends Exception {
    private static final long serialVersionUID = 1L;
    private final transient Understanding outcome;

    Unclear(Understanding outcome) {
      super(null, null, false, false);
      this.outcome = outcome;
    }
  }
}
