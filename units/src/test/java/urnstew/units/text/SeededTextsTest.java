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
  private static final long CHECKSUM = 3034593488L;

  private static final double POUND = 0.45359237;
  private static final double CUP = 236.5882365e-6;

  /** Units of one kind with what they are worth; the last is the field's own, left unsaid. */
  private record Kind(QuantityKind kind, String own, String[] units, double[] worth) {}

  private static final Kind[] KINDS = {
    new Kind(
        QuantityKind.MASS,
        "g",
        new String[] {"g", "kg", "lb", "oz", "ounces", "pounds", "grams", ""},
        new double[] {1e-3, 1, POUND, POUND / 16, POUND / 16, POUND, 1e-3, 1e-3}),
    new Kind(
        QuantityKind.VOLUME,
        "ml",
        new String[] {"ml", "l", "cups", "tbsp", "tsp", ""},
        new double[] {1e-6, 1e-3, CUP, CUP / 16, CUP / 48, 1e-6}),
    new Kind(
        QuantityKind.LENGTH,
        "mm",
        new String[] {"mm", "cm", "m", "in", "ft", ""},
        new double[] {1e-3, 1e-2, 1, 0.0254, 0.3048, 1e-3}),
    new Kind(
        QuantityKind.DURATION,
        "min",
        new String[] {"s", "min", "h", ""},
        new double[] {1, 60, 3600, 60})
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

  private record Text(Kind kind, String text, double value) {}

  private static Text wellFormed(Seeded random) {
    Kind kind = KINDS[random.below(KINDS.length)];
    int unit = random.below(kind.units().length);
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
    boolean packs = kind.kind() == QuantityKind.MASS && random.below(5) == 0;
    int times = packs ? 2 + random.below(8) : 1;
    String text = (packs ? times + " x " : "") + amount + between + kind.units()[unit];
    return new Text(kind, text, times * value * kind.worth()[unit]);
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
      return "" + Math.round(understood.value() * 1e8);
    }
    return read instanceof Ambiguous ? "ask" : "refuse";
  }

  @Test
  void tenThousandTextsAreReadRightlyOrSentBackAndBothParsersAgree() {
    Seeded random = new Seeded();
    CRC32 sum = new CRC32();
    int refused = 0;
    for (int i = 0; i < TEXTS; i++) {
      Text good = wellFormed(random);
      QuantityText reader =
          new QuantityText(good.kind().kind(), good.kind().own(), Pint.US, new Measures(Map.of()));
      if (i % 2 == 0) {
        double read =
            assertInstanceOf(Understood.class, reader.read(good.text()), good.text()).value();
        assertEquals(good.value(), read, 1e-9 * Math.max(1, good.value()), good.text());
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
