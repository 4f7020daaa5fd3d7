package urnstew.app.platform;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * Shape of application/problem+json (RFC 9457) as this application sends it.
 *
 * @param title kind of problem
 * @param status HTTP status
 * @param detail what is wrong
 * @param errors one for each field
 */
record Problem(
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String title,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) int status,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String detail,
    @Schema(requiredMode = Schema.RequiredMode.REQUIRED) List<FieldProblem> errors) {

  /**
   * One field's problem.
   *
   * @param pointer JSON pointer to the field in the request
   * @param code short stable word
   * @param message what is wrong
   * @param limit the limit that was broken
   * @param remedy the way out
   */
  record FieldProblem(
      @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String pointer,
      @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String code,
      @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String message,
      @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String limit,
      @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String remedy) {}
}
