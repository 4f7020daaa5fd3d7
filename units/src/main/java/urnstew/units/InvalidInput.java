package urnstew.units;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A value that cannot be meant: it names the parameter, the value, the limit that it breaks and the
 * way out. The one exception for bad arguments in the core; the edge turns it into problem+json.
 */
public final class InvalidInput extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final String parameter;
  private final String code;
  private final String limit;
  private final String remedy;
  private final transient @Nullable Bounds bounds;

  /**
   * @param parameter name of the argument as the caller knows it
   * @param code short stable word for the kind of fault, such as {@code not-positive}
   * @param message what is wrong, with the value
   * @param limit the limit that was broken
   * @param remedy what to do instead
   */
  public InvalidInput(String parameter, String code, String message, String limit, String remedy) {
    this(parameter, code, message, limit, remedy, null);
  }

  private InvalidInput(
      String parameter,
      String code,
      String message,
      String limit,
      String remedy,
      @Nullable Bounds bounds) {
    super(message);
    this.bounds = bounds;
    this.parameter = parameter;
    this.code = code;
    this.limit = limit;
    this.remedy = remedy;
  }

  public String parameter() {
    return parameter;
  }

  public String code() {
    return code;
  }

  public String limit() {
    return limit;
  }

  public String remedy() {
    return remedy;
  }

  /**
   * The range that was left, where it was one: whoever typed the value can be told in that unit.
   */
  public Optional<Bounds> bounds() {
    return Optional.ofNullable(bounds);
  }

  /** The same fault with the range that was left. */
  InvalidInput within(Bounds range) {
    return new InvalidInput(parameter, code, messageText(), limit, remedy, range);
  }

  /**
   * What a value may be.
   *
   * @param least allowed
   * @param most allowed
   * @param unit of both, empty for a share of one
   */
  public record Bounds(double least, double most, String unit) {}

  /** The same fault under the name that the caller's caller uses. */
  public InvalidInput named(String outerParameter) {
    return new InvalidInput(outerParameter, code, messageText(), limit, remedy, bounds);
  }

  /** The same fault with one more way out. */
  public InvalidInput remedied(String anotherWay) {
    return new InvalidInput(
        parameter, code, messageText(), limit, remedy + " " + anotherWay, bounds);
  }

  private String messageText() {
    String message = getMessage();
    return message == null ? code : message;
  }
}
