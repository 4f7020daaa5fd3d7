package urnstew.app;

import static org.awaitility.Awaitility.await;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.zaxxer.hikari.HikariDataSource;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** What a transaction says that it is for decides whose connections it takes. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class ConnectionsIT {
  private final RunningApplication app;
  private final Map<String, HikariDataSource> pools;
  private final JdbcTemplate database;
  private final PlatformTransactionManager transactions;

  @Autowired
  ConnectionsIT(
      @LocalServerPort int port,
      List<HikariDataSource> pools,
      JdbcTemplate database,
      PlatformTransactionManager transactions) {
    this.app = new RunningApplication(port);
    this.pools =
        pools.stream().collect(Collectors.toMap(HikariDataSource::getPoolName, pool -> pool));
    this.database = database;
    this.transactions = transactions;
  }

  private int inUse(String pool) {
    return Objects.requireNonNull(pools.get(pool)).getHikariPoolMXBean().getActiveConnections();
  }

  /** Whose connection a statement runs on: the clock reads too, so that counting does not tell. */
  private String connectionOf() {
    return Objects.requireNonNull(
        database.queryForObject("select current_setting('application_name')", String.class));
  }

  private void isGivenBack(String what, String pool) {
    await()
        .atMost(Duration.ofSeconds(10))
        .untilAsserted(() -> assertEquals(0, inUse(pool), what + ", " + pool));
  }

  @Test
  void whatReadsAndWhatWritesHaveConnectionsOfTheirOwn() {
    assertEquals(2, pools.size());
    assertEquals(
        8, pools.values().stream().mapToInt(HikariDataSource::getMaximumPoolSize).sum(), "eight");
    TransactionTemplate write = new TransactionTemplate(transactions);
    TransactionTemplate read = new TransactionTemplate(transactions);
    read.setReadOnly(true);
    assertEquals("urnstew writes", write.execute(status -> connectionOf()));
    assertEquals("urnstew reads", read.execute(status -> connectionOf()));
    assertEquals("urnstew reads", connectionOf(), "outside of any transaction nobody writes");
    write.executeWithoutResult(
        status -> pools.keySet().forEach(pool -> isGivenBack("before a statement", pool)));
  }

  /** All that write are busy: whoever looks, looks. */
  @Test
  void readersDoNotWaitForWriters() throws Exception {
    CountDownLatch begun = new CountDownLatch(4);
    CountDownLatch over = new CountDownLatch(1);
    List<CompletableFuture<Void>> writers = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      writers.add(
          CompletableFuture.runAsync(
              () ->
                  new TransactionTemplate(transactions)
                      .executeWithoutResult(
                          status -> {
                            database.execute("select 1");
                            begun.countDown();
                            awaits(over);
                          })));
    }
    awaits(begun);
    try {
      assertEquals(4, inUse("writes"));
      for (String page : EveryPageStandsIT.PAGES) {
        long since = System.nanoTime();
        assertEquals(200, app.get(page).status(), page);
        assertTrue(System.nanoTime() - since < 3_000_000_000L, page + " did not wait");
      }
    } finally {
      over.countDown();
    }
    writers.forEach(CompletableFuture::join);
    isGivenBack("at the end", "writes");
  }

  private static void awaits(CountDownLatch latch) {
    try {
      latch.await();
    } catch (InterruptedException end) {
      throw new IllegalStateException(end);
    }
  }
}
