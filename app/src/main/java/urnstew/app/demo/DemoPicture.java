package urnstew.app.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.QuadCurve2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import javax.imageio.ImageIO;

/** Drawn, in place of a photo: a pot from above in which the spoon's trail stays open. */
final class DemoPicture {
  private static final int WIDTH = 640;
  private static final int HEIGHT = 480;
  private static final Color BENCH = new Color(0x8b8378);
  private static final Color STEEL = new Color(0xc9cbd0);
  private static final Color SAUCE = new Color(0xb3391f);
  private static final Color DEEP = new Color(0x8f2814);

  private DemoPicture() {}

  static String base64() {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = image.createGraphics();
    pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    pen.setColor(BENCH);
    pen.fillRect(0, 0, WIDTH, HEIGHT);
    pen.setColor(STEEL);
    pen.fill(pot(220));
    pen.setPaint(
        new RadialGradientPaint(
            WIDTH / 2f, HEIGHT / 2f, 200, new float[] {0.3f, 1}, new Color[] {SAUCE, DEEP}));
    pen.fill(pot(200));
    trail(pen, 34, STEEL.darker());
    trail(pen, 22, STEEL);
    pen.dispose();
    return encoded(image);
  }

  private static Ellipse2D pot(int radius) {
    return new Ellipse2D.Double(
        WIDTH / 2.0 - radius, HEIGHT / 2.0 - radius, 2.0 * radius, 2.0 * radius);
  }

  private static void trail(Graphics2D pen, int width, Color color) {
    pen.setStroke(new BasicStroke(width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    pen.setColor(color);
    pen.draw(new QuadCurve2D.Double(210, 170, 330, 300, 440, 260));
  }

  private static String encoded(BufferedImage image) {
    try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      ImageIO.write(image, "png", out);
      return Base64.getEncoder().encodeToString(out.toByteArray());
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
  }
}
