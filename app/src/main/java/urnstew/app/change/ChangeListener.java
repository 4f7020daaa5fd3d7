package urnstew.app.change;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Objects;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Hears from the database what was committed, on a connection of its own. Where that breaks, hints
 * are missed: it says that everything may be other, and begins again.
 */
@Component
class ChangeListener implements SmartLifecycle {
  private static final Logger LOG = LoggerFactory.getLogger(ChangeListener.class);
  private static final int IDLE_MILLIS = 10_000;
  private static final long AGAIN_MILLIS = 1000;

  private final DataSourceProperties database;
  private final ChangeStreams streams;
  private final AtomicReference<@Nullable Thread> listening = new AtomicReference<>();

  ChangeListener(DataSourceProperties database, ChangeStreams streams) {
    this.database = database;
    this.streams = streams;
  }

  @Override
  public void start() {
    Thread thread = new Thread(this::listen, "changes");
    thread.setDaemon(true);
    listening.set(thread);
    thread.start();
  }

  /** Streams that stay open would keep the application from ending. */
  @Override
  public void stop() {
    Thread thread = listening.getAndSet(null);
    if (thread != null) {
      thread.interrupt();
    }
    streams.close();
  }

  @Override
  public boolean isRunning() {
    return listening.get() != null;
  }

  private void listen() {
    while (isRunning()) {
      try (Connection connection = connected();
          Statement statement = connection.createStatement()) {
        statement.execute("listen urnstew_change");
        streams.publish(Change.EVERYTHING);
        hear(connection.unwrap(PGConnection.class), statement);
      } catch (SQLException away) {
        LOG.debug("No hints of changes for now.", away);
      }
      pause();
    }
  }

  private Connection connected() throws SQLException {
    return DriverManager.getConnection(
        Objects.requireNonNull(database.getUrl(), "the database has an address"),
        database.getUsername(),
        database.getPassword());
  }

  private void hear(PGConnection told, Statement statement) throws SQLException {
    while (isRunning()) {
      PGNotification[] heard = told.getNotifications(IDLE_MILLIS);
      if (heard == null || heard.length == 0) {
        // A connection that is gone without a word is noticed by asking.
        statement.execute("select 1");
        continue;
      }
      for (PGNotification each : heard) {
        streams.publish(Change.told(each.getParameter()));
      }
    }
  }

  private static void pause() {
    try {
      Thread.sleep(AGAIN_MILLIS);
    } catch (InterruptedException end) {
      Thread.currentThread().interrupt();
    }
  }
}
