package urnstew.app.platform;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.InvalidDataAccessApiUsageException;
import org.springframework.dao.UncategorizedDataAccessException;
import org.springframework.transaction.TransactionSystemException;

/** States by appendix A of the manual of PostgreSQL 15. */
class DatabaseFaultTest {
  private static final class Said extends UncategorizedDataAccessException {
    private static final long serialVersionUID = 1;

    Said(String state) {
      super("said", new SQLException("said", state));
    }
  }

  @ParameterizedTest
  @CsvSource({
    "40P01,409,true",
    "40001,409,true",
    "55P03,409,false",
    "57014,409,false",
    "23505,409,false",
    "23514,422,false",
    "22021,422,false",
    "08006,503,false",
    "57P01,503,false",
    "53100,503,false",
    "42P01,500,false"
  })
  void isToldByItsState(String state, int status, boolean again) throws Exception {
    Said fault = new Said(state);
    assertEquals(status, DatabaseFault.of(fault).status().value());
    assertEquals(
        again,
        new DatabaseFault.Undone()
            .shouldRetry(DatabaseFaultTest.class.getDeclaredMethod("noState"), fault));
  }

  @Test
  void noState() {
    assertEquals(
        503, DatabaseFault.of(new DataAccessResourceFailureException("")).status().value());
    assertEquals(503, DatabaseFault.of(new TransactionSystemException("")).status().value());
    assertEquals(
        500, DatabaseFault.of(new InvalidDataAccessApiUsageException("")).status().value());
  }
}
