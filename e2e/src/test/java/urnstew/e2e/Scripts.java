package urnstew.e2e;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Objects;

/** What is evaluated within a page. */
final class Scripts {
  private Scripts() {}

  static String of(String name) {
    try (InputStream in = Scripts.class.getResourceAsStream("/" + name + ".js")) {
      return new String(Objects.requireNonNull(in, name).readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }
}
