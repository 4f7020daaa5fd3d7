package urnstew.units.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import java.util.zip.CRC32;
import org.junit.jupiter.api.Test;
import urnstew.units.text.Understanding.Ambiguous;
import urnstew.units.text.Understanding.Understood;

/**
 * Ten thousand texts from a generator that the front end's test has word for word: one half well
 * formed, with the value that they must have, and one half spoilt by a stroke too many or too few.
 * What both parsers make of all of them has one checksum.
 */
class SeededTextsTest {
  private static final int TEXTS = 10_000;

  /** The same number stands in the front end's test. */
  private static final long CHECKSUM = 69177024;

  private static final String[] UNITS = {"g", "kg", "lb", "oz", "ounces", "pounds", "grams", ""};
  private static final double[] KILOGRAMS = {
    1e-3, 1, 0.45359237, 0.45359237 / 16, 0.45359237 / 16, 0.45359237, 1e-3, 1e-3
  };
  private static final String SPOILERS = "0123456789.,/x +-gkz½%";

  /** Numerical Recipes' 32-bit generator: the same in every language. */
  private static final class Seeded {
    private long state = 20261125;

    int below(int bound) {
      state = (1664525 * state + 1013904223) & 0xffffffffL;
      return (int) ((state >>> 8) % bound);
    }
  }

  private record Text(String text, double kilograms) {}

  private static Text wellFormed(Seeded random) {
    int unit = random.below(UNITS.length);
    int whole = random.below(400);
    double value;
    String amount;
    switch (random.below(4)) {
      case 0 -> {
        amount = "" + whole;
        value = whole;
      }
      case 1 -> {
        int tenths = random.below(10);
        amount = whole + (random.below(2) == 0 ? "." : ",") + tenths;
        value = whole + tenths / 10.0;
      }
      case 2 -> {
        int below = 2 + random.below(7);
        amount = whole + " 1/" + below;
        value = whole + 1.0 / below;
      }
      default -> {
        amount = whole + "½";
        value = whole + 0.5;
      }
    }
    String between = random.below(2) == 0 ? " " : "";
    int times = random.below(5) == 0 ? 2 + random.below(8) : 1;
    String packs = times == 1 ? "" : times + " x ";
    return new Text(packs + amount + between + UNITS[unit], times * value * KILOGRAMS[unit]);
  }

  private static String spoilt(String text, Seeded random) {
    int at = random.below(text.length() + 1);
    if (random.below(3) == 0 && at < text.length()) {
      return text.substring(0, at) + text.substring(at + 1);
    }
    return text.substring(0, at)
        + SPOILERS.charAt(random.below(SPOILERS.length()))
        + text.substring(at);
  }

  private static String outcome(Understanding read) {
    if (read instanceof Understood understood) {
      return "" + Math.round(understood.value() * 1e6);
    }
    return read instanceof Ambiguous ? "ask" : "refuse";
  }

  @Test
  void tenThousandTextsAreReadRightlyOrSentBackAndBothParsersAgree() {
    QuantityText reader = new QuantityText(QuantityKind.MASS, "g", Pint.US, new Measures(Map.of()));
    Seeded random = new Seeded();
    CRC32 sum = new CRC32();
    int refused = 0;
    for (int i = 0; i < TEXTS; i++) {
      Text good = wellFormed(random);
      if (i % 2 == 0) {
        double read =
            assertInstanceOf(Understood.class, reader.read(good.text()), good.text()).value();
        assertEquals(good.kilograms(), read, 1e-9 * Math.max(1, good.kilograms()), good.text());
        sum.update(outcome(new Understood(read)).getBytes());
      } else {
        String outcome = outcome(reader.read(spoilt(good.text(), random)));
        refused += outcome.equals("refuse") || outcome.equals("ask") ? 1 : 0;
        sum.update(outcome.getBytes());
      }
    }
    assertTrue(refused > TEXTS / 8, refused + " sent back");
    assertEquals(CHECKSUM, sum.getValue());
  }
}
