package urnstew.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
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
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The one command that a newcomer types. */
class StartIT {
  private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
  private static final HttpClient HTTP = HttpClient.newHttpClient();

  private final List<Process> begun = new ArrayList<>();
  private Path folder;

  @BeforeEach
  void emptyFolder() throws IOException {
    folder =
        Files.createTempDirectory(
            "urnstew-start",
            PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwxr-xr-x")));
  }

  /** Whatever became of the test, nothing goes on running. */
  @AfterEach
  void endAll() throws InterruptedException {
    for (Process process : begun) {
      process.destroy();
      process.waitFor(60, TimeUnit.SECONDS);
    }
  }

  private Process start(String... options) throws IOException {
    List<String> command = new ArrayList<>(List.of(ROOT.resolve("start").toString()));
    command.addAll(List.of(options));
    ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
    builder.redirectOutput(log().toFile());
    builder.environment().keySet().removeIf(name -> name.startsWith("URNSTEW_"));
    builder.environment().put("URNSTEW_DATA", folder.resolve("data").toString());
    Process process = builder.start();
    begun.add(process);
    return process;
  }

  private Path log() {
    return folder.resolve("start.log");
  }

  private String said() throws IOException {
    return Files.readString(log());
  }

  private static int freePort() throws IOException {
    try (ServerSocket free = new ServerSocket(0)) {
      return free.getLocalPort();
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '"',
      value = {
        "--port|many|--port takes a number from 1 to 65535, not 'many'",
        "--port|70000|--port takes a number from 1 to 65535, not '70000'",
        "--oven|on|'--oven' is not known"
      })
  void whatIsMistypedIsSaidInOneLine(String option, String value, String said) throws Exception {
    Process process = start(option, value);
    assertTrue(process.waitFor(30, TimeUnit.SECONDS));
    assertNotEquals(0, process.exitValue());
    assertTrue(said().contains(said), said());
    assertEquals(1, said().lines().count(), said());
  }

  @Test
  void aTakenPortIsSaidWithTheWayOut() throws Exception {
    try (ServerSocket taken = new ServerSocket(0)) {
      int port = taken.getLocalPort();
      Process process = start("--port", "" + port);
      assertTrue(process.waitFor(30, TimeUnit.SECONDS));
      assertNotEquals(0, process.exitValue());
      assertTrue(said().contains("port " + port + " is taken"), said());
    }
  }

  @Test
  void stopsCleanlyAndLosesNothing() throws Exception {
    int port = freePort();
    Process first = started(port);
    String pot =
        """
        {"id":"5d9f2a10-0000-4000-8000-000000000001","name":"Tea kettle","shape":"ROUND","firstWidthMeters":0.3,"firstWidthText":"","secondWidthMeters":0.3,"secondWidthText":"","depthMeters":0.2,"depthText":"","emptyMassKilograms":0,"emptyMassText":"","metal":"STAINLESS_STEEL","lid":true}""";
    assertEquals(
        201,
        send(request(port, "/api/vessels")
                .header("content-type", "application/json")
                .POST(BodyPublishers.ofString(pot)))
            .statusCode());
    aSecondOneOnTheSameDataIsRefused();
    theDemosEveningGoesOn(port);
    stopped(first);

    Process second = started(port);
    aDatabaseThatDiedIsStartedAgain(port);
    String kitchen = send(request(port, "/api/kitchen").GET()).body();
    assertTrue(kitchen.contains("Tea kettle") && kitchen.contains("Hollow Lantern"), kitchen);
    stopped(second);
  }

  /** Beside the start: the solver takes some seconds for a whole evening. */
  private static void theDemosEveningGoesOn(int port) throws Exception {
    String services = "";
    for (int i = 0; i < 240 && !services.contains("Before the night watch"); i++) {
      TimeUnit.MILLISECONDS.sleep(250);
      services = send(request(port, "/api/services").GET()).body();
    }
    assertTrue(services.contains("Before the night watch"), services);
  }

  private void aSecondOneOnTheSameDataIsRefused() throws Exception {
    Process second = start("--port", "" + freePort());
    assertTrue(second.waitFor(30, TimeUnit.SECONDS));
    assertNotEquals(0, second.exitValue());
    assertTrue(said().contains("already runs on the data in"), said());
  }

  /** As after a full disk or a crash of its own; told, and within ten seconds. */
  private void aDatabaseThatDiedIsStartedAgain(int port) throws Exception {
    Process killed =
        new ProcessBuilder(
                ROOT.resolve("scripts/database").toString(),
                "kill",
                folder.resolve("data").toString())
            .start();
    assertEquals(0, killed.waitFor());
    assertEquals(503, send(request(port, "/api/kitchen").GET()).statusCode());
    for (int i = 0; i < 40 && !said().contains("the database runs again"); i++) {
      TimeUnit.MILLISECONDS.sleep(250);
    }
    assertTrue(said().contains("the database runs again"), said());
    int status = 503;
    for (int i = 0; i < 20 && status == 503; i++) {
      status = send(request(port, "/api/kitchen").GET()).statusCode();
      TimeUnit.MILLISECONDS.sleep(250);
    }
    assertEquals(200, status);
  }

  private Process started(int port) throws Exception {
    Process process = start("--port", "" + port);
    for (int i = 0; i < 720 && process.isAlive() && !said().contains("Urn Stew is at"); i++) {
      TimeUnit.MILLISECONDS.sleep(250);
    }
    assertTrue(said().contains("Urn Stew is at http://127.0.0.1:" + port), said());
    assertFalse(said().contains("building"), "the jar of this build is served");
    return process;
  }

  /** Ended by TERM: status 0, and no database is left running. */
  private void stopped(Process process) throws Exception {
    assertTrue(Files.exists(cluster().resolve("postmaster.pid")));
    process.destroy();
    assertTrue(process.waitFor(60, TimeUnit.SECONDS));
    assertEquals(0, process.exitValue(), said());
    assertFalse(Files.exists(cluster().resolve("postmaster.pid")), "the database was stopped");
  }

  private Path cluster() throws IOException {
    return folder.resolve("data/postgres").toRealPath();
  }

  private static HttpRequest.Builder request(int port, String path) {
    return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path));
  }

  private static HttpResponse<String> send(HttpRequest.Builder request) throws Exception {
    return HTTP.send(request.build(), BodyHandlers.ofString());
  }
}
