package urnstew.app.platform;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.databind.DatabindException;
import urnstew.app.platform.Problem.FieldProblem;
import urnstew.core.explain.OutOfModelRange;
import urnstew.units.InvalidInput;

/** The one place where faults become problem+json. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

  /** A fault of a kind is logged once a minute: a database that is away would fill the disk. */
  private final Cache<String, Boolean> told =
      Caffeine.newBuilder().maximumSize(100).expireAfterWrite(Duration.ofMinutes(1)).build();

  @ExceptionHandler
  ResponseEntity<Object> invalid(InvalidInput fault) {
    FieldProblem field =
        new FieldProblem(
            pointer(fault.parameter()),
            fault.code(),
            message(fault),
            fault.limit(),
            fault.remedy(),
            fault.bounds().orElse(null));
    return answer(HttpStatus.UNPROCESSABLE_CONTENT, message(fault), List.of(field));
  }

  @ExceptionHandler
  ResponseEntity<Object> outOfRange(OutOfModelRange fault) {
    FieldProblem field =
        new FieldProblem(
            "",
            "out-of-model-range",
            message(fault),
            fault.limit(),
            "Choose values within the range of the model.");
    return answer(HttpStatus.UNPROCESSABLE_CONTENT, message(fault), List.of(field));
  }

  @ExceptionHandler
  ResponseEntity<Object> clash(ConflictException fault) {
    FieldProblem field = new FieldProblem("", "clash", message(fault), "", fault.remedy());
    return answer(HttpStatus.CONFLICT, message(fault), List.of(field));
  }

  @ExceptionHandler
  ResponseEntity<Object> notThere(NotFoundException fault) {
    return answer(HttpStatus.NOT_FOUND, message(fault), List.of());
  }

  @ExceptionHandler({DataAccessException.class, TransactionException.class})
  ResponseEntity<Object> databaseAway(RuntimeException fault) {
    DatabaseFault what = DatabaseFault.of(fault);
    if (told.asMap().putIfAbsent(what.kind(), Boolean.TRUE) == null) {
      LOG.warn("The database did not do what was asked.", fault);
    }
    return answer(what.status(), what.detail(), what.errors());
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException fault,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    List<FieldProblem> fields =
        fault.getBindingResult().getFieldErrors().stream()
            .map(
                error ->
                    new FieldProblem(
                        pointer(error.getField()),
                        "missing",
                        error.getField() + " is missing or empty.",
                        "must be given",
                        "Fill it in."))
            .toList();
    return answer(HttpStatus.BAD_REQUEST, "Something is missing.", fields);
  }

  @Override
  protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException fault,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    if (NestedExceptionUtils.getRootCause(fault) instanceof RequestLimits.TooLarge) {
      return tooLarge();
    }
    String pointer = fault.getCause() instanceof DatabindException cause ? path(cause) : "";
    FieldProblem field =
        new FieldProblem(
            pointer,
            "malformed",
            "This is not what the field takes.",
            "numbers as 1500 or 1.5, words from the list, times as 18:30",
            "Type it without a thousands mark, with a point for decimals.");
    return answer(HttpStatus.BAD_REQUEST, "The request cannot be read.", List.of(field));
  }

  @ExceptionHandler
  ResponseEntity<Object> tooLarge(RequestLimits.TooLarge fault) {
    return tooLarge();
  }

  private static ResponseEntity<Object> tooLarge() {
    FieldProblem field =
        new FieldProblem(
            "", "too-large", "That is more than the page takes.", "", "Send less at once.");
    return answer(HttpStatus.CONTENT_TOO_LARGE, "That is too much at once.", List.of(field));
  }

  private static String path(DatabindException cause) {
    return cause.getPath().stream()
        .map(
            step ->
                "/" + (step.getPropertyName() == null ? step.getIndex() : step.getPropertyName()))
        .collect(Collectors.joining());
  }

  private static String pointer(String parameter) {
    return "/" + parameter.replaceAll("\\[(\\d+)]", "/$1").replace('.', '/');
  }

  private static String message(RuntimeException fault) {
    String message = fault.getMessage();
    return message == null ? "Something is wrong." : message;
  }

  private static ResponseEntity<Object> answer(
      HttpStatus status, String detail, List<FieldProblem> errors) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
    problem.setProperty("errors", errors);
    return ResponseEntity.status(status)
        .contentType(
            new MediaType("application", "problem+json", java.nio.charset.StandardCharsets.UTF_8))
        .body(problem);
  }
}
