package urnstew.app.platform;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.List;
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

  /** Least room on the disk; {@code ./start} asks for as much. */
  private static final long LEAST_BYTES = 50L << 20;

  private static final int PATIENCE_SECONDS = 2;

  private final List<HikariDataSource> pools;
  private final Optional<Path> data;

  Readiness(List<HikariDataSource> pools, @Value("${urnstew.data}") String data) {
    this.pools = List.copyOf(pools);
    this.data = data.isEmpty() ? Optional.empty() : Optional.of(Path.of(data));
  }

  @Override
  public Health health() {
    if (room() < LEAST_BYTES) {
      return Health.status(DISK_FULL).build();
    }
    return pools.stream()
        .map(Readiness::health)
        .filter(each -> !each.getStatus().equals(Status.UP))
        .findFirst()
        .orElseGet(() -> Health.up().build());
  }

  private static Health health(HikariDataSource pool) {
    try (Connection connection = pool.getConnection()) {
      return connection.isValid(PATIENCE_SECONDS) ? Health.up().build() : Health.down().build();
    } catch (SQLTransientConnectionException none) {
      return isFull(pool) ? Health.status(BUSY).build() : Health.down().build();
    } catch (SQLException away) {
      return Health.down().build();
    }
  }

  /** Every connection there may be is in somebody's hands; else there is none to be had. */
  private static boolean isFull(HikariDataSource pool) {
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
