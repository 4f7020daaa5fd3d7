package urnstew.app.logbook;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.jspecify.annotations.Nullable;
import urnstew.units.InvalidInput;

/**
 * A picture as it is kept: a JPEG of at most so many pixels, drawn anew, so that nothing but the
 * picture is kept of a file; a phone writes into it where it stood.
 */
final class Picture {
  static final int LONGEST_PIXELS = 1280;

  /** More would not fit into memory beside everything else. */
  private static final long MOST_READ_PIXELS = 16_000_000;

  private static final String FIELD = "photoBase64";

  private Picture() {}

  /** The picture of a file that was sent, JPEG or PNG. */
  static byte[] ofBase64(String text) {
    byte[] file;
    try {
      file = Base64.getDecoder().decode(text);
    } catch (IllegalArgumentException e) {
      throw strange("It is not Base64.");
    }
    try {
      return jpeg(fitting(read(file)));
    } catch (IOException e) {
      throw strange("It breaks off or is damaged.");
    }
  }

  private static BufferedImage read(byte[] file) throws IOException {
    try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(input);
      if (!readers.hasNext()) {
        throw strange("It is no picture that can be read here.");
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(input);
        if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_READ_PIXELS) {
          throw strange("It has more than 16 million pixels.");
        }
        return reader.read(0);
      } finally {
        reader.dispose();
      }
    }
  }

  private static BufferedImage fitting(BufferedImage image) {
    double scale =
        Math.min(1, (double) LONGEST_PIXELS / Math.max(image.getWidth(), image.getHeight()));
    int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
    int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
    BufferedImage drawn = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = drawn.createGraphics();
    pen.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    pen.drawImage(image, 0, 0, width, height, Color.WHITE, null);
    pen.dispose();
    return drawn;
  }

  private static byte[] jpeg(BufferedImage image) {
    try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      ImageIO.write(image, "jpeg", out);
      return out.toByteArray();
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
  }

  private static InvalidInput strange(String why) {
    return new InvalidInput(
        FIELD,
        "no-picture",
        "This file cannot be taken as a photo. " + why,
        "JPEG or PNG",
        "Take another photo, or leave it out and write a note.");
  }

  /** As it was sent, or none. */
  static byte @Nullable [] orNone(@Nullable String base64) {
    return base64 == null || base64.isEmpty() ? null : ofBase64(base64);
  }
}
