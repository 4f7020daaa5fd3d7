package urnstew.app.platform;

import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * What follows from rows that seldom change, reckoned anew when their mark does.
 *
 * @param <T> what follows from them
 */
public final class Remembered<T> {
  private final AtomicReference<@Nullable Marked<T>> last = new AtomicReference<>();

  private record Marked<T>(String mark, T value) {}

  /**
   * The value for a mark.
   *
   * @param mark of the rows, another one for each state that they are ever in
   */
  public T at(String mark, Supplier<T> reckoned) {
    Marked<T> known = last.get();
    if (known != null && known.mark().equals(mark)) {
      return known.value();
    }
    T value = reckoned.get();
    last.set(new Marked<>(mark, value));
    return value;
  }
}
