package urnstew.app.platform;

import java.util.Arrays;
import org.apache.commons.csv.CSVFormat;
import org.jspecify.annotations.Nullable;

/**
 * Cells of tables that are opened in a spreadsheet: a text that would run there as a formula is
 * written behind an apostrophe, and read back without it (OWASP, 'CSV Injection').
 */
public final class SafeCells {
  private static final String STARTS = "=+-@\t\r";

  private SafeCells() {}

  /** A row as it may be written; numbers stay numbers. */
  public static @Nullable Object[] of(@Nullable Object... cells) {
    return Arrays.stream(cells).map(SafeCells::written).toArray();
  }

  private static @Nullable Object written(@Nullable Object cell) {
    return cell instanceof CharSequence text && runs(text.toString()) ? "'" + text : cell;
  }

  /** A cell as it was meant. */
  public static String read(String cell) {
    return cell.startsWith("'") && runs(cell.substring(1)) ? cell.substring(1) : cell;
  }

  private static boolean runs(String text) {
    return !text.isEmpty() && STARTS.indexOf(text.charAt(0)) >= 0 && !isNumber(text);
  }

  private static boolean isNumber(String text) {
    return text.matches("-?\\d+(?:\\.\\d+)?");
  }

  /** How all tables of this application are written. */
  public static CSVFormat format(String... header) {
    return CSVFormat.DEFAULT.builder().setHeader(header).setRecordSeparator("\r\n").get();
  }
}
