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
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.stream.ImageInputStream;
import org.jspecify.annotations.Nullable;
import urnstew.app.platform.ConflictException;
import urnstew.units.InvalidInput;

/**
 * A picture as it is kept: a JPEG of at most so many pixels, drawn anew, so that nothing but the
 * picture is kept of a file; a phone writes into it where it stood.
 */
final class Picture {
  static final int LONGEST_PIXELS = 1280;

  /** No phone in a kitchen makes larger ones. */
  private static final long MOST_READ_PIXELS = 16_000_000;

  /** A phone's has one, or about ten where it comes in passes. */
  private static final int MOST_PASSES = 24;

  private static final byte SCAN = (byte) 0xDA;
  private static final int MOST_BITS = 64;
  private static final Set<String> KINDS = Set.of("jpeg", "png");

  /** Each takes up to some 60 MB while it is drawn. */
  private static final Semaphore AT_ONCE = new Semaphore(2, true);

  private static final long LONGEST_WAIT_SECONDS = 10;
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
    return inTurn(
        () -> {
          try {
            return jpeg(fitting(read(file)));
          } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException e) {
            throw strange("It breaks off or is damaged.");
          }
        });
  }

  private static byte[] inTurn(Supplier<byte[]> drawn) {
    boolean mine = false;
    try {
      mine = AT_ONCE.tryAcquire(LONGEST_WAIT_SECONDS, TimeUnit.SECONDS);
      if (!mine) {
        throw new ConflictException(
            "Other photos are being drawn just now.", "Send it again in a moment.");
      }
      return drawn.get();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new ConflictException(
          "The application is being stopped.", "Send it again in a moment.");
    } finally {
      if (mine) {
        AT_ONCE.release();
      }
    }
  }

  private static BufferedImage read(byte[] file) throws IOException {
    try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(input);
      ImageReader reader = readers.hasNext() ? readers.next() : null;
      if (reader == null || !KINDS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
        throw strange("It is neither JPEG nor PNG.");
      }
      try {
        reader.setInput(input, true, true);
        return read(reader, file);
      } finally {
        reader.dispose();
      }
    }
  }

  /** Every second or third pixel of a large one is enough, and never more is in memory. */
  private static BufferedImage read(ImageReader reader, byte[] file) throws IOException {
    long width = reader.getWidth(0);
    long height = reader.getHeight(0);
    if (width * height > MOST_READ_PIXELS) {
      throw strange("It has more than 16 million pixels.");
    }
    if (passes(file) > MOST_PASSES) {
      throw strange("It is drawn in more than " + MOST_PASSES + " passes.");
    }
    int every = (int) Math.max(1, Math.max(width, height) / LONGEST_PIXELS);
    ImageReadParam thinned = reader.getDefaultReadParam();
    thinned.setSourceSubsampling(every, every, 0, 0);
    ImageTypeSpecifier kept = reader.getImageTypes(0).next();
    if (kept.getNumBands() * kept.getBitsPerBand(0) > MOST_BITS) {
      throw strange("It has more colours than a photo.");
    }
    return reader.read(0, thinned);
  }

  /** Scans of a JPEG: each is a walk over the whole picture. */
  private static int passes(byte[] file) {
    int passes = 0;
    for (int i = 1; i < file.length; i++) {
      passes += file[i - 1] == (byte) 0xFF && file[i] == SCAN ? 1 : 0;
    }
    return passes;
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
