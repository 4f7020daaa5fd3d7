package urnstew.app.platform;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.health.contributor.Status;

class ReadinessTest {
  private final HikariDataSource pool = mock(HikariDataSource.class);
  private final HikariDataSource reads = mock(HikariDataSource.class);
  private final HikariPoolMXBean state = mock(HikariPoolMXBean.class);
  private final Connection connection = mock(Connection.class);
  private final Readiness readiness = new Readiness(List.of(reads, pool), "");

  @BeforeEach
  void aDatabaseThatAnswers() throws SQLException {
    when(pool.getHikariPoolMXBean()).thenReturn(state);
    when(pool.getMaximumPoolSize()).thenReturn(8);
    when(pool.getConnection()).thenReturn(connection);
    when(reads.getConnection()).thenReturn(connection);
    when(connection.isValid(anyInt())).thenReturn(true);
  }

  private Status status() {
    return readiness.health().getStatus();
  }

  @Test
  void aDatabaseThatAnswersIsReady() {
    assertEquals(Status.UP, status());
    assertEquals(
        Status.UP,
        new Readiness(List.of(reads, pool), "/").health().getStatus(),
        "there is room here");
  }

  @Test
  void aPoolThatIsAllInUseIsBusyAndOneThatGetsNoConnectionIsDown() throws SQLException {
    when(pool.getConnection()).thenThrow(new SQLTransientConnectionException("after 4 s"));
    assertEquals(Status.DOWN, status());
    when(state.getActiveConnections()).thenReturn(8);
    assertEquals(Readiness.BUSY, status());
  }

  @Test
  void aDatabaseThatIsAwayIsDown() throws SQLException {
    when(connection.isValid(anyInt())).thenReturn(false);
    assertEquals(Status.DOWN, status());
    when(pool.getConnection()).thenThrow(new SQLException("refused"));
    assertEquals(Status.DOWN, status());
  }
}
