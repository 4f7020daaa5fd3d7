package urnstew.app.platform;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.sql.Connection;
import java.sql.SQLException;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.health.contributor.Status;

class ReadinessTest {
  private final HikariDataSource pool = mock(HikariDataSource.class);
  private final HikariPoolMXBean state = mock(HikariPoolMXBean.class);
  private final Connection connection = mock(Connection.class);
  private final Readiness readiness = new Readiness(pool, "");

  @BeforeEach
  void nobodyWaits() throws SQLException {
    when(pool.getHikariPoolMXBean()).thenReturn(state);
    when(state.getThreadsAwaitingConnection()).thenReturn(0);
    when(pool.getConnection()).thenReturn(connection);
    when(connection.isValid(anyInt())).thenReturn(true);
  }

  private Status status() {
    return readiness.health().getStatus();
  }

  @Test
  void aDatabaseThatAnswersIsReady() {
    assertEquals(Status.UP, status());
    assertEquals(Status.UP, new Readiness(pool, "/").health().getStatus(), "there is room here");
  }

  @Test
  void aFullPoolIsBusyAndNobodyWaitsForIt() throws SQLException {
    when(state.getThreadsAwaitingConnection()).thenReturn(1);
    assertEquals(Readiness.BUSY, status());
    verify(pool, never()).getConnection();
  }

  @Test
  void aDatabaseThatIsAwayIsDown() throws SQLException {
    when(connection.isValid(anyInt())).thenReturn(false);
    assertEquals(Status.DOWN, status());
    when(pool.getConnection()).thenThrow(new SQLException("refused"));
    assertEquals(Status.DOWN, status());
  }
}
