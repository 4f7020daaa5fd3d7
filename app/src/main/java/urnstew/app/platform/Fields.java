package urnstew.app.platform;

import java.util.function.Supplier;
import urnstew.units.InvalidInput;
import urnstew.units.text.Pint;
import urnstew.units.text.QuantityKind;
import urnstew.units.text.QuantityText;
import urnstew.units.text.Understanding;
import urnstew.units.text.Understanding.Ambiguous;
import urnstew.units.text.Understanding.Refused;
import urnstew.units.text.Understanding.Understood;

/** Ties faults of the core to the fields of a request. */
public final class Fields {
  private static final double ROUNDING = 0.006;

  private Fields() {}

  /** Evaluates; a fault is reported for this field of the request. */
  public static <T> T at(String field, Supplier<T> value) {
    try {
      return value.get();
    } catch (InvalidInput fault) {
      throw fault.named(field);
    }
  }

  /**
   * Checks that the text as entered means the number that came with it. For kinds without a pint;
   * an entered volume will have to bring the kitchen's.
   *
   * @param field name of the number's field
   * @param text as entered; empty where nothing was typed
   * @param ownUnit the unit that a bare number takes in this field
   * @param value the number, in the kind's SI unit
   */
  public static void agree(
      String field, String text, QuantityKind kind, String ownUnit, double value) {
    agree(field, text, new QuantityText(kind, ownUnit, Pint.US), value);
  }

  /** The same, read in a way of its own. */
  public static void agree(String field, String text, QuantityText reader, double value) {
    if (text.isEmpty()) {
      return;
    }
    Understanding read = reader.read(text);
    if (read instanceof Ambiguous ambiguous) {
      throw unclear(field, "ambiguous", text, ambiguous.question());
    }
    if (read instanceof Refused refused) {
      throw unclear(field, "not-understood", text, refused.reason());
    }
    double understood = ((Understood) read).value();
    if (Math.abs(understood - value) > ROUNDING * Math.max(Math.abs(value), 1e-6)) {
      throw unclear(
          field, "text-and-value-differ", text, "The text and the value sent with it differ.");
    }
  }

  private static InvalidInput unclear(String field, String code, String text, String why) {
    return new InvalidInput(
        field, code, "'" + text + "' can be read in more than one way or in none.", why, why);
  }
}
