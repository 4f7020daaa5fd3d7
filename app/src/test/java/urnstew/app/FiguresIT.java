package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;

/** What the application does is told on a port of its own, and nowhere else. */
@SpringBootTest
class FiguresIT {
  private final DataSourceProperties shared;
  private final JdbcTemplate server;

  @Autowired
  FiguresIT(DataSourceProperties shared, JdbcTemplate server) {
    this.shared = shared;
    this.server = server;
  }

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      return socket.getLocalPort();
    }
  }

  @Test
  void requestsPoolSolverAndQueuesAreCountedOnThePortThatIsAskedFor() throws Exception {
    int port = freePort();
    try (OwnKitchen kitchen = OwnKitchen.fresh(shared, server, "--urnstew.metrics-port=" + port)) {
      RunningApplication app = kitchen.app();
      double before = waited(metrics(port));
      String pot = app.get("/api/batches").body().at("/0/id").asString();
      String stirred =
          "{\"id\":\"%s\",\"step\":\"stir\",%s}"
              .formatted(UUID.randomUUID(), Requests.stamp(Instant.now().minusSeconds(90)));
      assertEquals(201, app.post("/api/batches/" + pot + "/steps", stirred).status());
      String told = metrics(port);
      assertTrue(told.contains("http_server_requests_seconds_count{"), told);
      assertTrue(told.contains("uri=\"/api/batches/{id}/steps\""), "by operation, not by pot");
      assertTrue(told.contains("hikaricp_connections_active"));
      assertTrue(told.lines().anyMatch(line -> line.matches("urnstew_forecast_seconds_count .*")));
      assertEquals(90, waited(told) - before, 5, "the entry waited on its device");
      assertEquals(404, app.get("/actuator/prometheus").status());
      assertEquals(404, app.get("/actuator/metrics").status());
    }
  }

  /** All that entries have waited on their devices, s. */
  private static double waited(String told) {
    return told.lines()
        .filter(line -> line.startsWith("urnstew_entry_waited_seconds_sum"))
        .mapToDouble(line -> Double.parseDouble(line.substring(line.indexOf(' '))))
        .sum();
  }

  private static String metrics(int port) throws Exception {
    return HttpClient.newHttpClient()
        .send(
            HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/metrics")).build(),
            BodyHandlers.ofString())
        .body();
  }
}
