package urnstew.benchmarks.volume;

import java.util.List;
import java.util.stream.Collectors;

/** The text format of COPY. */
final class CopyText {
  private CopyText() {}

  /** One row; null stands for itself. */
  static String line(List<String> values) {
    return values.stream().map(CopyText::escaped).collect(Collectors.joining("\t", "", "\n"));
  }

  private static String escaped(String value) {
    return value == null
        ? "\\N"
        : value
            .replace("\\", "\\\\")
            .replace("\t", "\\t")
            .replace("\n", "\\n")
            .replace("\r", "\\r");
  }
}
