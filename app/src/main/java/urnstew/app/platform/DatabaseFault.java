package urnstew.app.platform;

import java.lang.reflect.Method;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.postgresql.util.PSQLException;
import org.postgresql.util.ServerErrorMessage;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.resilience.retry.MethodRetryPredicate;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import urnstew.app.platform.Problem.FieldProblem;

/**
 * What went wrong in the database, in words; states by appendix A of the manual of PostgreSQL 15.
 *
 * @param status 503 where the connection was lost, and only there
 * @param detail in a cook's words
 * @param errors the field, where the database names a column
 * @param kind the database's word for it
 */
record DatabaseFault(HttpStatus status, String detail, List<FieldProblem> errors, String kind) {
  private static final Set<String> UNDONE = Set.of("40001", "40P01");
  private static final Set<String> WAITED = Set.of("55P03", "57014");
  private static final String UNIQUE = "23505";

  /** Connections that are gone or full, an operator that stops the server, a disk that is full. */
  private static final Pattern AWAY = Pattern.compile("08.*|53.*|57P.*|58.*|XX.*");

  /** Integrity, and data that no column takes. */
  private static final Pattern BROKEN = Pattern.compile("22.*|23.*");

  private static final Pattern UNDERSCORE = Pattern.compile("_(.)");

  /**
   * Whether the database undid this one for the sake of another. Within a transaction that goes on
   * it is too early: that one is undone as well, and is tried again as a whole.
   */
  static final class Undone implements MethodRetryPredicate {
    @Override
    public boolean shouldRetry(Method method, Throwable fault) {
      return !TransactionSynchronizationManager.isActualTransactionActive()
          && sql(fault).map(SQLException::getSQLState).filter(UNDONE::contains).isPresent();
    }
  }

  static DatabaseFault of(Throwable fault) {
    Optional<SQLException> said = sql(fault);
    String state = said.map(SQLException::getSQLState).orElse("");
    if (UNDONE.contains(state) || WAITED.contains(state)) {
      return new DatabaseFault(
          HttpStatus.CONFLICT,
          "Others were writing the same just now. Nothing was saved by this.",
          List.of(
              new FieldProblem(
                  "", "busy", "Others were writing the same just now.", "", "Try again.")),
          state);
    }
    if (UNIQUE.equals(state)) {
      return broken(HttpStatus.CONFLICT, "That is there already.", column(said), state);
    }
    if (BROKEN.matcher(state).matches()) {
      return broken(
          HttpStatus.UNPROCESSABLE_CONTENT, "That cannot be kept as it is.", column(said), state);
    }
    if (isConnectionLost(fault) || AWAY.matcher(state).matches()) {
      return new DatabaseFault(
          HttpStatus.SERVICE_UNAVAILABLE,
          "The database does not answer. Nothing was saved by this; try again in a moment.",
          List.of(),
          "away");
    }
    return new DatabaseFault(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "Something is wrong with this page itself. Nothing was saved by this.",
        List.of(),
        state + fault.getClass().getSimpleName());
  }

  /** None was to be had, or it broke off, at the latest when it was to be ended. */
  private static boolean isConnectionLost(Throwable fault) {
    return fault instanceof TransactionException
        || fault instanceof DataAccessResourceFailureException
        || NestedExceptionUtils.getRootCause(fault) instanceof SQLTransientConnectionException;
  }

  private static DatabaseFault broken(HttpStatus status, String what, String field, String kind) {
    return new DatabaseFault(
        status,
        what,
        List.of(
            new FieldProblem(
                field.isEmpty() ? "" : "/" + field,
                "not-kept",
                what,
                "what the database takes",
                "Look at it again, or load the page again and enter it anew.")),
        kind);
  }

  /** The column that is named, as fields are written. */
  private static String column(Optional<SQLException> said) {
    String column =
        said.filter(PSQLException.class::isInstance)
            .map(PSQLException.class::cast)
            .map(PSQLException::getServerErrorMessage)
            .map(ServerErrorMessage::getColumn)
            .orElse("");
    return UNDERSCORE
        .matcher(column)
        .replaceAll(m -> m.group(1).toUpperCase(java.util.Locale.ROOT));
  }

  private static Optional<SQLException> sql(@Nullable Throwable fault) {
    for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLException sql && sql.getSQLState() != null) {
        return Optional.of(sql);
      }
    }
    return Optional.empty();
  }
}
