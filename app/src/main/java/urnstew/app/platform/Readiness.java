package urnstew.app.platform;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.boot.health.contributor.Status;
import org.springframework.stereotype.Component;

/**
 * Whether the kitchen can be worked in, and if not, why: no room on the disk of its data, every
 * connection in use for as long as anybody would wait, or no database.
 */
@Component("kitchen")
class Readiness implements HealthIndicator {
  static final Status DISK_FULL = new Status("DISK_FULL");
  static final Status BUSY = new Status("BUSY");

  /** As much as {@code ./start} asks for. */
  private static final long LEAST_BYTES = 50L << 20;

  private static final int PATIENCE_SECONDS = 2;

  private final HikariDataSource pool;
  private final Optional<Path> data;

  Readiness(HikariDataSource pool, @Value("${urnstew.data}") String data) {
    this.pool = pool;
    this.data = data.isEmpty() ? Optional.empty() : Optional.of(Path.of(data));
  }

  @Override
  public Health health() {
    if (room() < LEAST_BYTES) {
      return Health.status(DISK_FULL).build();
    }
    try (Connection connection = pool.getConnection()) {
      return connection.isValid(PATIENCE_SECONDS) ? Health.up().build() : Health.down().build();
    } catch (SQLTransientConnectionException none) {
      return isFull() ? Health.status(BUSY).build() : Health.down().build();
    } catch (SQLException away) {
      return Health.down().build();
    }
  }

  /** Every connection there may be is in somebody's hands; else there is none to be had. */
  private boolean isFull() {
    HikariPoolMXBean state = pool.getHikariPoolMXBean();
    return state != null && state.getActiveConnections() >= pool.getMaximumPoolSize();
  }

  /** On the disk of the data, bytes; a database elsewhere has its own. */
  private long room() {
    try {
      return data.isPresent() ? Files.getFileStore(data.get()).getUsableSpace() : Long.MAX_VALUE;
    } catch (IOException unknown) {
      return Long.MAX_VALUE;
    }
  }
}
