package urnstew.app.print;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Sticky labels, three by seven on a page of A4, each with a code that a phone camera reads. */
public final class LabelPrint {
  private static final int ACROSS = 3;
  private static final int DOWN = 7;
  private static final float WIDTH = PDRectangle.A4.getWidth() / ACROSS;
  private static final float HEIGHT = PDRectangle.A4.getHeight() / DOWN;
  private static final float PADDING = 12;
  private static final float CODE = 62;
  private static final float NAME = 11;
  private static final float LINE = 9;
  private static final Color INK = Color.BLACK;

  private final String title;
  private final List<Label> labels = new ArrayList<>();

  /**
   * One label.
   *
   * @param name largest
   * @param code short, for reading aloud
   * @param lines below
   * @param address what the camera finds
   */
  public record Label(String name, String code, List<String> lines, String address) {
    public Label {
      lines = List.copyOf(lines);
    }
  }

  public LabelPrint(String title) {
    this.title = title;
  }

  public LabelPrint label(Label label) {
    labels.add(label);
    return this;
  }

  /** The document, with its font inside. */
  public byte[] pdf() {
    try (PDDocument document = new PDDocument();
        Lettering lettering = new Lettering(document)) {
      document.getDocumentInformation().setTitle(title);
      for (int first = 0; first < Math.max(1, labels.size()); first += ACROSS * DOWN) {
        page(document, lettering, first);
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void page(PDDocument document, Lettering lettering, int first) throws IOException {
    PDPage page = new PDPage(PDRectangle.A4);
    document.addPage(page);
    try (PDPageContentStream pen = new PDPageContentStream(document, page)) {
      pen.setNonStrokingColor(INK);
      int last = Math.min(labels.size(), first + ACROSS * DOWN);
      for (int i = first; i < last; i++) {
        int place = i - first;
        float left = place % ACROSS * WIDTH + PADDING;
        float top = PDRectangle.A4.getHeight() - place / ACROSS * HEIGHT - PADDING;
        draw(pen, lettering, labels.get(i), left, top);
      }
    }
  }

  private static void draw(
      PDPageContentStream pen, Lettering lettering, Label label, float left, float top)
      throws IOException {
    float room = WIDTH - 2 * PADDING;
    List<String> names = wrapped(lettering, label.name(), NAME, room);
    float y = top - NAME;
    for (String line : names.subList(0, Math.min(2, names.size()))) {
      write(pen, lettering, line, NAME, left, y);
      y -= NAME * 1.15f;
    }
    code(pen, label.address(), left + room - CODE, y + NAME - CODE);
    write(pen, lettering, label.code(), NAME, left + room - CODE, y + NAME - CODE - NAME);
    for (String text : label.lines()) {
      for (String line : wrapped(lettering, text, LINE, room - CODE - 4)) {
        write(pen, lettering, line, LINE, left, y);
        y -= LINE * 1.3f;
      }
    }
  }

  private static void write(
      PDPageContentStream pen, Lettering lettering, String text, float size, float x, float y)
      throws IOException {
    pen.beginText();
    pen.setFont(lettering.font(), size);
    pen.newLineAtOffset(x, y);
    pen.showText(lettering.printable(text));
    pen.endText();
  }

  private static List<String> wrapped(Lettering lettering, String text, float size, float room)
      throws IOException {
    List<String> lines = new ArrayList<>();
    StringBuilder line = new StringBuilder();
    for (String word : lettering.printable(text).split(" ")) {
      String longer = line.isEmpty() ? word : line + " " + word;
      if (!line.isEmpty() && lettering.font().getStringWidth(longer) / 1000 * size > room) {
        lines.add(line.toString());
        line.setLength(0);
        line.append(word);
      } else {
        line.setLength(0);
        line.append(longer);
      }
    }
    lines.add(line.toString());
    return lines;
  }

  private static void code(PDPageContentStream pen, String address, float left, float bottom)
      throws IOException {
    BitMatrix dots = dots(address);
    float dot = CODE / dots.getWidth();
    for (int y = 0; y < dots.getHeight(); y++) {
      for (int x = 0; x < dots.getWidth(); x++) {
        if (dots.get(x, y)) {
          pen.addRect(left + x * dot, bottom + CODE - (y + 1) * dot, dot, dot);
        }
      }
    }
    pen.fill();
  }

  private static BitMatrix dots(String address) {
    try {
      return new QRCodeWriter()
          .encode(address, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 2));
    } catch (WriterException e) {
      throw new IllegalStateException("An address is too long for a code.", e);
    }
  }
}
