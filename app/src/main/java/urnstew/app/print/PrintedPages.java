package urnstew.app.print;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDPageContentStream.AppendMode;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.vandeseer.easytable.TableDrawer;
import org.vandeseer.easytable.structure.Row;
import org.vandeseer.easytable.structure.Table;
import org.vandeseer.easytable.structure.cell.TextCell;

/** What is to be printed: blocks one below the other on as many A4 pages as they need. */
public final class PrintedPages {
  private static final float MARGIN = 48;
  private static final float WIDTH = PDRectangle.A4.getWidth() - 2 * MARGIN;
  private static final float GAP = 12;
  private static final float PADDING = 2.5f;
  private static final float BODY = 11;
  private static final Color INK = new Color(0x2b, 0x21, 0x1a);
  private static final Color QUIET = new Color(0x6e, 0x61, 0x57);

  private final String title;
  private final List<Block> blocks = new ArrayList<>();

  /**
   * @param title stands on top and in the properties of the document
   */
  public PrintedPages(String title) {
    this.title = title;
    words(title, 19, INK);
  }

  /** Something that takes room on a page. */
  private sealed interface Block {}

  /** Rows of cells; the shares of the width add up to 1. */
  private record Rows(List<List<String>> rows, float[] shares, float size, Color ink)
      implements Block {}

  private record Picture(FallPrint fall, float height) implements Block {}

  /** The most important line of the page. */
  public PrintedPages lead(String text) {
    return words(text, 17, INK);
  }

  /** A line of a section. */
  public PrintedPages heading(String text) {
    return words(text, 14, INK);
  }

  /** Running text. */
  public PrintedPages text(String text) {
    return words(text, BODY, QUIET);
  }

  /** Rows in two columns, the first narrow. */
  public PrintedPages rows(float firstShare, List<List<String>> rows) {
    if (!rows.isEmpty()) {
      blocks.add(new Rows(rows, new float[] {firstShare, 1 - firstShare}, BODY, INK));
    }
    return this;
  }

  /** A fall line, drawn. */
  public PrintedPages fall(FallPrint fall) {
    blocks.add(new Picture(fall, 150));
    return this;
  }

  private PrintedPages words(String text, float size, Color ink) {
    blocks.add(new Rows(List.of(List.of(text)), new float[] {1}, size, ink));
    return this;
  }

  /** The document, with its font inside. */
  public byte[] pdf() {
    try (PDDocument document = new PDDocument();
        Lettering lettering = new Lettering(document)) {
      document.getDocumentInformation().setTitle(title);
      new Setter(document, lettering).set(blocks);
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Sets blocks on pages. */
  private static final class Setter {
    private final PDDocument document;
    private final Lettering lettering;
    private final float[] top = {0};

    Setter(PDDocument document, Lettering lettering) {
      this.document = document;
      this.lettering = lettering;
    }

    void set(List<Block> blocks) throws IOException {
      turn();
      for (Block block : blocks) {
        if (block instanceof Picture picture) {
          draw(picture);
        } else {
          set((Rows) block);
        }
      }
    }

    private PDPage turn() {
      PDPage page = new PDPage(PDRectangle.A4);
      document.addPage(page);
      top[0] = PDRectangle.A4.getHeight() - MARGIN;
      return page;
    }

    private PDPage page() {
      return document.getPage(document.getNumberOfPages() - 1);
    }

    private void set(Rows rows) throws IOException {
      for (List<String> row : rows.rows()) {
        Table table = table(row, rows);
        if (top[0] - table.getHeight() < MARGIN) {
          turn();
        }
        try (PDPageContentStream ink = ink()) {
          TableDrawer.builder()
              .contentStream(ink)
              .startX(MARGIN)
              .startY(top[0])
              .table(table)
              .build()
              .draw();
        }
        top[0] -= table.getHeight();
      }
      top[0] -= GAP / 2;
    }

    private Table table(List<String> cells, Rows rows) {
      Table.TableBuilder table = Table.builder().font(lettering.font()).fontSize((int) rows.size());
      Row.RowBuilder row = Row.builder();
      for (int i = 0; i < cells.size(); i++) {
        table.addColumnOfWidth(WIDTH * rows.shares()[i]);
        row.add(
            TextCell.builder()
                .text(lettering.printable(cells.get(i)))
                .textColor(rows.ink())
                .paddingLeft(0)
                .paddingTop(PADDING)
                .paddingBottom(PADDING)
                .lineSpacing(1.15f)
                .build());
      }
      return table.addRow(row.build()).build();
    }

    private void draw(Picture picture) throws IOException {
      if (top[0] - picture.height() < MARGIN) {
        turn();
      }
      try (PDPageContentStream ink = ink()) {
        float bottom = top[0] - picture.height();
        picture
            .fall()
            .draw(ink, lettering, new PDRectangle(MARGIN, bottom, WIDTH, picture.height()));
      }
      top[0] -= picture.height() + GAP;
    }

    private PDPageContentStream ink() throws IOException {
      return new PDPageContentStream(document, page(), AppendMode.APPEND, true, true);
    }
  }
}
