package urnstew.units.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import urnstew.units.text.Understanding.Ambiguous;
import urnstew.units.text.Understanding.Refused;
import urnstew.units.text.Understanding.Understood;

class QuantityTextTest {
  /** As the corpus has it. */
  private static final Measures MEASURES = new Measures(Map.of("ladle", 0.12, "handful", 0.008));

  static List<CSVRecord> corpus() throws IOException {
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setDelimiter('|')
            .setQuote(null)
            .setCommentMarker('#')
            .setHeader()
            .setSkipHeaderRecord(true)
            .get();
    try (Reader reader =
        new InputStreamReader(
            QuantityTextTest.class.getResourceAsStream("/quantity-texts.csv"),
            StandardCharsets.UTF_8)) {
      return format.parse(reader).getRecords();
    }
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("corpus")
  void readsTheCommonCorpus(CSVRecord row) {
    QuantityKind kind = QuantityKind.valueOf(row.get("kind"));
    Understanding read =
        new QuantityText(kind, row.get("own").toLowerCase(Locale.ROOT), Pint.US, MEASURES)
            .read(row.get("text"));
    switch (row.get("outcome")) {
      case "ask" -> assertInstanceOf(Ambiguous.class, read, row.toString());
      case "refuse" -> assertInstanceOf(Refused.class, read, row.toString());
      default -> {
        double expected = Double.parseDouble(row.get("outcome"));
        double actual = assertInstanceOf(Understood.class, read, row.toString()).value();
        assertEquals(expected, actual, 1e-8 * Math.max(Math.abs(expected), 1e-3), row.toString());
      }
    }
  }

  @Test
  void aMeasureIsOneFreeWord() {
    assertTrue(Measures.canName("ladle") && Measures.canName("handful"));
    for (String not : new String[] {"cup", "g", "pint", "ladles", "big ladle", "Ladle", "m", ""}) {
      assertFalse(Measures.canName(not), not);
    }
  }

  @Test
  void imperialPintIsExact() {
    Understanding read = new QuantityText(QuantityKind.VOLUME, "ml", Pint.IMPERIAL).read("1 pint");
    assertEquals(new Understood(0.56826125e-3), read);
  }

  @Test
  void whateverIsWrittenPlainlyIsReadBack() {
    Random random = new Random(7);
    QuantityText mass = new QuantityText(QuantityKind.MASS, "g", Pint.US);
    for (int i = 0; i < 2000; i++) {
      double grams = Math.round(random.nextDouble() * 1e7) / 100.0;
      String text = String.format(Locale.ROOT, "%.2f g", grams);
      Understanding read = mass.read(random.nextBoolean() ? text : text.replace('.', ','));
      double kilograms = assertInstanceOf(Understood.class, read, text).value();
      assertEquals(grams / 1000, kilograms, 1e-9 + grams * 1e-12, text);
    }
  }

  @Test
  void noiseIsNeverAnError() {
    Random random = new Random(11);
    String alphabet = "0123456789.,/ x½-+kglbozm%\"";
    QuantityText mass = new QuantityText(QuantityKind.MASS, "g", Pint.US);
    for (int i = 0; i < 5000; i++) {
      StringBuilder text = new StringBuilder();
      for (int n = random.nextInt(9); n >= 0; n--) {
        text.append(alphabet.charAt(random.nextInt(alphabet.length())));
      }
      Understanding read = mass.read(text.toString());
      assertTrue(
          !(read instanceof Understood understood) || Double.isFinite(understood.value()),
          text.toString());
    }
  }
}
