package urnstew.e2e;

import java.io.IOException;
import java.io.StringReader;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.List;
import java.util.Properties;
import java.util.concurrent.TimeUnit;

/** One installation of its own: a PostgreSQL cluster and the built jar on a free port. */
final class Installation implements AutoCloseable {
  private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
  private static final HttpClient HTTP = HttpClient.newHttpClient();

  private static final String LOOPBACK = "127.0.0.1";

  /** As long as {@code ./start} waits. */
  private static final int MOST_SECONDS_TO_START = 180;

  private final Path data;
  private final int port;
  private Process application;
  private boolean open;
  private String host = LOOPBACK;

  Installation() throws IOException, InterruptedException {
    data =
        Files.createTempDirectory(
            "urnstew-e2e",
            PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwxr-xr-x")));
    try (ServerSocket free = new ServerSocket(0)) {
      port = free.getLocalPort();
    }
    try {
      database("start");
      startApplication();
    } catch (IOException | IllegalStateException failed) {
      // What did not come up leaves nothing running behind.
      close();
      throw failed;
    }
  }

  String address() {
    return "http://" + host + ":" + port;
  }

  /** Runs scripts/database with this installation's folder. */
  void database(String command) throws IOException, InterruptedException {
    Process process =
        new ProcessBuilder(ROOT.resolve("scripts/database").toString(), command, data.toString())
            .redirectErrorStream(true)
            .redirectOutput(data.resolve("database.log").toFile())
            .start();
    if (process.waitFor() != 0) {
      throw new IllegalStateException(Files.readString(data.resolve("database.log")));
    }
  }

  void startApplication() throws IOException, InterruptedException {
    String run =
        ". '%s/env' && exec java -Xmx256m -XX:+UseSerialGC -jar '%s'"
            .formatted(data, ROOT.resolve("app/target/urnstew-app-0.1.0-exec.jar"));
    ProcessBuilder builder = new ProcessBuilder(List.of("bash", "-c", run));
    builder.environment().put("URNSTEW_PORT", Integer.toString(port));
    builder.environment().put("URNSTEW_OPEN_TO_NETWORK", Boolean.toString(open));
    builder.redirectErrorStream(true).redirectOutput(data.resolve("application.log").toFile());
    application = builder.start();
    awaitReady();
  }

  /** It answers to other machines too, from a new start on, and is asked for by this name. */
  void openToNetworkAs(String name) throws IOException, InterruptedException {
    if (!open) {
      open = true;
      killApplication();
      startApplication();
    }
    host = name;
  }

  /** The kitchen as it is now, in a file. */
  Path backup() throws IOException, InterruptedException {
    Path file = data.resolve("first-day.zip");
    HttpRequest request = HttpRequest.newBuilder(own("/api/backup")).build();
    if (HTTP.send(request, BodyHandlers.ofFile(file)).statusCode() != 200) {
      throw new IllegalStateException(Files.readString(file));
    }
    return file;
  }

  /** Whatever was done since is gone: emptied behind its back, it reads the file back itself. */
  void backTo(Path backup) throws IOException, InterruptedException, SQLException {
    host = LOOPBACK;
    try (Connection database = database();
        Statement all = database.createStatement()) {
      all.execute(
          """
          do $$ begin execute (
            select 'truncate ' || string_agg(quote_ident(tablename), ', ') from pg_tables
            where schemaname = 'public' and tablename <> 'flyway_schema_history'); end $$""");
    }
    HttpResponse<String> answer =
        HTTP.send(
            HttpRequest.newBuilder(own("/api/backup"))
                .header("content-type", "application/zip")
                .POST(BodyPublishers.ofFile(backup))
                .build(),
            BodyHandlers.ofString());
    if (answer.statusCode() != 200) {
      throw new IllegalStateException(answer.body());
    }
  }

  private Connection database() throws IOException, SQLException {
    Properties env = new Properties();
    env.load(new StringReader(Files.readString(data.resolve("env")).replace("export ", "")));
    return DriverManager.getConnection(
        env.getProperty("URNSTEW_DB_URL"),
        env.getProperty("URNSTEW_DB_USER"),
        env.getProperty("URNSTEW_DB_PASSWORD"));
  }

  private URI own(String path) {
    return URI.create("http://" + LOOPBACK + ":" + port + path);
  }

  /** As a power cut would. */
  void killApplication() throws InterruptedException {
    application.destroyForcibly().waitFor();
  }

  int health() {
    try {
      return HTTP.send(
              HttpRequest.newBuilder(own("/actuator/health/readiness"))
                  .timeout(Duration.ofSeconds(8))
                  .build(),
              BodyHandlers.discarding())
          .statusCode();
    } catch (IOException notThere) {
      return 0;
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Resident memory of the application, MB. */
  long residentMegabytes() throws IOException {
    return Files.readAllLines(Path.of("/proc/" + application.pid() + "/status")).stream()
        .filter(line -> line.startsWith("VmRSS"))
        .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")) / 1024)
        .findFirst()
        .orElseThrow();
  }

  void awaitReady() throws IOException, InterruptedException {
    for (int i = 0; i < MOST_SECONDS_TO_START * 4; i++) {
      if (health() == 200) {
        return;
      }
      if (!application.isAlive()) {
        break;
      }
      TimeUnit.MILLISECONDS.sleep(250);
    }
    throw new IllegalStateException(Files.readString(data.resolve("application.log")));
  }

  @Override
  public void close() throws IOException, InterruptedException {
    if (application != null) {
      application.destroy();
      application.waitFor();
    }
    database("stop");
  }
}
