package urnstew.app.platform;

import java.util.List;
import org.jspecify.annotations.Nullable;
import urnstew.units.InvalidInput.Bounds;

/**
 * Shape of application/problem+json (RFC 9457) as this application sends it.
 *
 * @param title kind of problem
 * @param status HTTP status
 * @param detail what is wrong
 * @param errors one for each field
 */
record Problem(String title, int status, String detail, List<FieldProblem> errors) {

  /**
   * One field's problem.
   *
   * @param pointer JSON pointer to the field in the request
   * @param code short stable word
   * @param message what is wrong
   * @param limit the limit that was broken
   * @param remedy the way out
   * @param bounds what a number may be, where that is what is wrong
   */
  record FieldProblem(
      String pointer,
      String code,
      String message,
      String limit,
      String remedy,
      @Nullable Bounds bounds) {
    FieldProblem(String pointer, String code, String message, String limit, String remedy) {
      this(pointer, code, message, limit, remedy, null);
    }
  }
}
