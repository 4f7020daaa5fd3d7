package urnstew.e2e;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Objects;

/** What is evaluated within a page. */
final class Scripts {
  private Scripts() {}

  static String of(String name) {
    return text(Scripts.class, "/" + name + ".js");
  }

  /** A file that is packed with a class. */
  static String text(Class<?> beside, String name) {
    try (InputStream in = beside.getResourceAsStream(name)) {
      return new String(Objects.requireNonNull(in, name).readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }
}
