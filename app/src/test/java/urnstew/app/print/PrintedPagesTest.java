package urnstew.app.print;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import urnstew.app.print.FallPrint.Point;

class PrintedPagesTest {
  private static PDDocument document(PrintedPages pages) throws IOException {
    return Loader.loadPDF(pages.pdf());
  }

  private static String text(PDDocument document) throws IOException {
    return new PDFTextStripper().getText(document);
  }

  @Test
  void longListsTurnThePageAndLoseNothing() throws IOException {
    List<List<String>> rows =
        IntStream.range(0, 120).mapToObj(i -> List.of("row " + i, "some sauce " + i)).toList();
    try (PDDocument document = document(new PrintedPages("A long list").rows(0.2f, rows))) {
      assertTrue(document.getNumberOfPages() > 1);
      String text = text(document);
      for (int i = 0; i < 120; i++) {
        assertTrue(text.contains("some sauce " + i), "row " + i);
      }
      assertEquals("A long list", document.getDocumentInformation().getTitle());
    }
  }

  @Test
  void longWordsAreBrokenAndUnknownSignsNeverStopThePrint() throws IOException {
    String word = "Wedding".repeat(30);
    PrintedPages pages =
        new PrintedPages("Nonna's 🍅 ragù\tat ½ past")
            .rows(0.2f, List.of(List.of("1", word)))
            .text("");
    try (PDDocument document = document(pages)) {
      String text = text(document);
      assertTrue(text.contains("Nonna's ? ragù at ½ past"), text);
      assertEquals(30, text.split("Wedding|Wed\\s*ding", -1).length - 1, 2, "cut, not lost");
    }
  }

  @Test
  void aFallIsDrawnWithItsHours() throws IOException {
    List<Point> fall = List.of(new Point(0, 6), new Point(60, 4));
    FallPrint print =
        new FallPrint(fall, List.of(fall, List.of()), List.of(), 4, "tight", "17:05", "18:05");
    try (PDDocument document = document(new PrintedPages("Pot").fall(print))) {
      String text = text(document);
      assertTrue(text.contains("17:05") && text.contains("18:05") && text.contains("tight"), text);
    }
  }

  @Test
  void quantitiesArePrintedAsTheKitchenWorks() {
    ZoneId zurich = ZoneId.of("Europe/Zurich");
    Printed metric = new Printed(false, false, false, zurich);
    assertEquals("1.82 kg", metric.mass(1.8156));
    assertEquals("470 g", metric.mass(0.4701));
    assertEquals("245 g", metric.mass(0.2431), "cooks weigh in steps of 5 g");
    assertEquals("12 g", metric.mass(0.0123));
    assertEquals("5.4 g", metric.mass(0.0054));
    assertEquals("17:05", metric.hour(Instant.parse("2026-03-02T16:05:00Z")));
    assertEquals("–", metric.hour(null));
    Printed us = new Printed(true, true, false, zurich);
    assertEquals("4.0 oz", us.mass(0.1134));
    assertEquals("2 lb", us.mass(0.9072));
    assertEquals("2 lb 3 oz", us.mass(0.9922));
    assertEquals("1.50 in", us.depth(0.0381));
    assertEquals("212 °F", us.temperature(100));
    assertEquals("5:05 pm", us.hour(Instant.parse("2026-03-02T16:05:00Z")));
    assertEquals("1,82 kg", new Printed(false, false, true, zurich).mass(1.8156));
  }
}
