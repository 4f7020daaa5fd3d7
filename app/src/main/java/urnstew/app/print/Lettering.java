package urnstew.app.print;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The font of one document, embedded; what it has no sign for is printed as a question mark. */
final class Lettering implements AutoCloseable {
  private static final String FILE = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

  private final TrueTypeFont face;
  private final CmapLookup signs;
  private final PDFont font;

  Lettering(PDDocument document) throws IOException {
    try (InputStream file =
        Objects.requireNonNull(PDDocument.class.getResourceAsStream(FILE), FILE)) {
      face = new TTFParser(false).parse(new RandomAccessReadBuffer(file));
    }
    signs = face.getUnicodeCmapLookup();
    font = PDType0Font.load(document, face, true);
  }

  PDFont font() {
    return font;
  }

  /** The text with every sign that the font has. */
  String printable(String text) {
    StringBuilder printable = new StringBuilder();
    text.codePoints()
        .map(sign -> Character.isWhitespace(sign) ? ' ' : sign)
        .map(sign -> signs.getGlyphId(sign) == 0 ? '?' : sign)
        .forEach(printable::appendCodePoint);
    return printable.toString();
  }

  @Override
  public void close() {
    try {
      face.close();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
