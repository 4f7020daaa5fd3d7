package urnstew.app.print;

import java.awt.Color;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * A fall line on paper: mass against hours, with its band, what is wanted, and what was read.
 *
 * @param likely the most likely fall
 * @param edges fast and slow edge of the band
 * @param readings what was read
 * @param wanted mass at which it is thick enough
 * @param wantedLabel the same in words
 * @param from hour at the left edge
 * @param until hour at the right edge
 */
public record FallPrint(
    List<Point> likely,
    List<List<Point>> edges,
    List<Point> readings,
    double wanted,
    String wantedLabel,
    String from,
    String until) {
  private static final Color BRICK = new Color(0xa8, 0x35, 0x1f);
  private static final Color PALE = new Color(0xd9, 0xb8, 0x9f);
  private static final Color QUIET = new Color(0x6e, 0x61, 0x57);
  private static final float FOOT = 14;
  private static final float DOT = 2.5f;

  /** A moment and a mass, in any unit of time and of mass. */
  public record Point(double at, double mass) {}

  void draw(PDPageContentStream ink, Lettering lettering, PDRectangle room) throws IOException {
    Scale scale = scale(room);
    ink.setLineWidth(0.7f);
    for (List<Point> edge : edges) {
      line(ink, scale, edge, PALE);
    }
    ink.setLineWidth(1.6f);
    line(ink, scale, likely, BRICK);
    ink.setLineWidth(0.7f);
    float level = scale.y(wanted);
    ink.setStrokingColor(QUIET);
    ink.moveTo(room.getLowerLeftX(), level);
    ink.lineTo(room.getUpperRightX(), level);
    ink.stroke();
    for (Point reading : readings) {
      ink.setNonStrokingColor(BRICK);
      ink.addRect(scale.x(reading.at()) - DOT, scale.y(reading.mass()) - DOT, 2 * DOT, 2 * DOT);
      ink.fill();
    }
    words(ink, lettering, wantedLabel, room.getLowerLeftX(), level + 3);
    words(ink, lettering, from, room.getLowerLeftX(), room.getLowerLeftY());
    float width = lettering.font().getStringWidth(lettering.printable(until)) / 1000 * 9;
    words(ink, lettering, until, room.getUpperRightX() - width, room.getLowerLeftY());
  }

  private static void line(PDPageContentStream ink, Scale scale, List<Point> points, Color color)
      throws IOException {
    if (points.size() < 2) {
      return;
    }
    ink.setStrokingColor(color);
    ink.moveTo(scale.x(points.get(0).at()), scale.y(points.get(0).mass()));
    for (Point point : points) {
      ink.lineTo(scale.x(point.at()), scale.y(point.mass()));
    }
    ink.stroke();
  }

  private static void words(
      PDPageContentStream ink, Lettering lettering, String text, float x, float y)
      throws IOException {
    ink.beginText();
    ink.setNonStrokingColor(QUIET);
    ink.setFont(lettering.font(), 9);
    ink.newLineAtOffset(x, y);
    ink.showText(lettering.printable(text));
    ink.endText();
  }

  private Scale scale(PDRectangle room) {
    List<Point> all = new java.util.ArrayList<>(likely);
    edges.forEach(all::addAll);
    all.addAll(readings);
    double first = all.stream().mapToDouble(Point::at).min().orElse(0);
    double last = all.stream().mapToDouble(Point::at).max().orElse(1);
    double most = all.stream().mapToDouble(Point::mass).max().orElse(1);
    double least = Math.min(wanted, all.stream().mapToDouble(Point::mass).min().orElse(0));
    double below = 0.1 * (most - least);
    return new Scale(room, first, last, least - below, most);
  }

  private record Scale(PDRectangle room, double first, double last, double least, double most) {
    float x(double at) {
      double share = (at - first) / Math.max(1e-9, last - first);
      return (float) (room.getLowerLeftX() + share * room.getWidth());
    }

    float y(double mass) {
      double share = (mass - least) / Math.max(1e-9, most - least);
      return (float) (room.getLowerLeftY() + FOOT + share * (room.getHeight() - FOOT - 4));
    }
  }
}
