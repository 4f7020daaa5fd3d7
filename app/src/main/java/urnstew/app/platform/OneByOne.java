package urnstew.app.platform;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * One bad row fails alone: a list shows all others, and in the place of the bad one what is wrong
 * with it. Lists that use this stand in no transaction of their own, since a fault inside would
 * spoil it for the rest.
 */
public final class OneByOne {
  private static final Logger LOG = LoggerFactory.getLogger(OneByOne.class);

  private OneByOne() {}

  /**
   * Every row as it is shown.
   *
   * @param broken what stands for a row that cannot be computed, with what is wrong
   */
  public static <R, V> List<V> of(
      List<R> rows, Function<R, V> view, BiFunction<R, String, V> broken) {
    return rows.stream().map(row -> one(row, view, broken)).toList();
  }

  /** All that every row has to show, and at least something of one that cannot be computed. */
  public static <R, V> List<V> all(
      List<R> rows, Function<R, List<V>> views, Function<R, List<V>> broken) {
    return of(rows, views, (row, fault) -> broken.apply(row)).stream()
        .flatMap(List::stream)
        .toList();
  }

  private static <R, V> V one(R row, Function<R, V> view, BiFunction<R, String, V> broken) {
    try {
      return view.apply(row);
    } catch (RuntimeException fault) {
      LOG.warn("A row cannot be shown: {}", row.getClass().getSimpleName(), fault);
      return broken.apply(row, words(fault));
    }
  }

  /** What is wrong, in a sentence. */
  public static String words(RuntimeException fault) {
    String message = fault.getMessage();
    return message == null ? "It cannot be computed." : message;
  }
}
