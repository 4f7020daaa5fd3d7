package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import urnstew.app.RunningApplication.Answer;

/** Bad data, too much of it, and slow hands: each is told plainly, and nobody else waits. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class FloodsIT {
  private static final Duration SOON = Duration.ofSeconds(2);

  private final int port;
  private final RunningApplication app;
  private final JdbcTemplate database;
  private final TransactionTemplate transaction;

  /** More writers than there are connections for writing. */
  private final ExecutorService hands = Executors.newCachedThreadPool();

  @Autowired
  FloodsIT(@LocalServerPort int port, JdbcTemplate database, TransactionTemplate transaction) {
    this.port = port;
    this.app = new RunningApplication(port);
    this.database = database;
    this.transaction = transaction;
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '"',
      value = {
        "/api/measures|{'name':'a\\u0000b','massKilograms':0.1,'massText':''}|400|/name",
        "/api/lots/mergers|{'lotIds':[null]}|400|/lotIds/0",
        "/api/plans/preview|{'schools':[null]}|400|/schools/0",
        "/api/measures|{'name':{'deep':1}}|400|/name"
      })
  void isSaidAtItsField(String path, String body, int status, String pointer) {
    String sent =
        body.replace('\'', '"').replaceFirst("\\{", "{\"id\":\"" + UUID.randomUUID() + "\",");
    Answer answer = app.post(path, sent);
    assertEquals(status, answer.status(), answer.body().toString());
    assertEquals(pointer, answer.pointer(), answer.body().toString());
  }

  @Test
  void aYearThatNoCalendarHasIsSaidAtItsField() {
    String pot = lit();
    String far =
        "{\"id\":\"%s\",\"step\":\"stir\",\"stamp\":{\"typedAt\":\"+1000000-01-01T00:00:00Z\",\"sentAt\":\"2026-01-01T00:00:00Z\"}}"
            .formatted(UUID.randomUUID());
    Answer answer = app.post("/api/batches/" + pot + "/steps", far);
    assertEquals(400, answer.status(), answer.body().toString());
    assertEquals("/stamp/typedAt", answer.pointer());
  }

  @ParameterizedTest
  @CsvSource({"*/*,415", "nonsense,415", "text/plain,415"})
  void whatIsSentIsOfAKind(String type, int status) {
    HttpResponse<String> answer =
        app.send(
            app.request("/api/measures")
                .header("content-type", type)
                .POST(BodyPublishers.ofString("{}")));
    assertEquals(status, answer.statusCode(), answer.body());
  }

  @ParameterizedTest
  @CsvSource({"true,413", "false,413"})
  void sixtyMegabytesOfOneWordAreNotRead(boolean announced, int status) {
    byte[] flood = ("{\"name\":\"" + "x".repeat(60_000_000)).getBytes(StandardCharsets.UTF_8);
    InputStream some = new ByteArrayInputStream(flood);
    try {
      HttpResponse<String> answer =
          app.send(
              app.request("/api/measures")
                  .header("content-type", "application/json")
                  .POST(
                      announced
                          ? BodyPublishers.ofByteArray(flood)
                          : BodyPublishers.ofInputStream(() -> some)));
      assertEquals(status, answer.statusCode(), answer.body());
    } catch (IllegalStateException hungUp) {
      assertTrue(hungUp.getCause() instanceof IOException, "refused before all was sent");
    }
    assertEquals(200, app.get("/api/kitchen").status());
  }

  @ParameterizedTest
  @CsvSource({"/error", "/actuator/env", "/actuator/heapdump", "/api/nowhere"})
  void pagesThatThereAreNotAnswerPlainly(String path) {
    Answer answer = app.get(path);
    assertEquals(404, answer.status());
    assertEquals(404, answer.body().at("/status").asInt());
  }

  /** A hand that hangs on a pot's row for a while keeps nobody else waiting. */
  @Test
  void aRowThatIsHeldTakesNoOtherPageWithIt() {
    String pot = lit();
    transaction.executeWithoutResult(
        held -> {
          database.queryForList(
              "select 1 from batch where id = ? for update", UUID.fromString(pot));
          List<CompletableFuture<Answer>> writes =
              Stream.generate(() -> CompletableFuture.supplyAsync(() -> stirred(pot), hands))
                  .limit(12)
                  .toList();
          for (String page :
              List.of("/api/batches", "/api/batches/" + pot, "/api/tasks", "/api/kitchen")) {
            assertTimeoutPreemptively(SOON, () -> assertEquals(200, app.get(page).status(), page));
          }
          assertTimeoutPreemptively(
              SOON, () -> assertEquals(200, app.get("/actuator/health/liveness").status()));
          for (CompletableFuture<Answer> write : writes) {
            Answer answer = write.join();
            // Who did not even get a connection is told to come again.
            boolean busy = answer.status() == 409 && answer.code().equals("busy");
            assertTrue(busy || answer.status() == 503, answer.body().toString());
          }
        });
    assertEquals(201, stirred(pot).status(), "and then it goes on");
  }

  /** Undone by the database for the sake of another: once, then more often than it is tried. */
  @ParameterizedTest
  @CsvSource({"1,201", "3,201", "9,409"})
  void whatTheDatabaseUndidIsTriedAgain(int undone, int status) {
    String pot = lit();
    database.execute("create sequence tries");
    database.execute(
        """
        create function undo() returns trigger language plpgsql as $$
        begin
          if nextval('tries') <= %d then
            raise exception 'undone' using errcode = '40P01';
          end if;
          return new;
        end $$
        """
            .formatted(undone));
    database.execute(
        "create trigger undone before insert on batch_event for each row execute function undo()");
    try {
      assertEquals(status, stirred(pot).status());
    } finally {
      database.execute("drop trigger undone on batch_event");
      database.execute("drop function undo");
      database.execute("drop sequence tries");
    }
  }

  private Answer stirred(String pot) {
    return app.post(
        "/api/batches/" + pot + "/steps",
        "{\"id\":\"%s\",\"step\":\"stir\",%s}"
            .formatted(UUID.randomUUID(), Requests.stamp(Instant.now())));
  }

  private String lit() {
    String id = UUID.randomUUID().toString();
    Answer lit =
        app.post(
            "/api/batches",
            "{\"id\":\"%s\",\"plan\":%s,\"timeScale\":1,%s}"
                .formatted(
                    id,
                    Requests.plan(app),
                    Requests.stamp(Instant.now().minus(Duration.ofMinutes(30)))));
    assertEquals(201, lit.status(), lit.body().toString());
    return id;
  }

  @Test
  void tenUploadsByTheByteBlockNobody() throws IOException {
    List<Socket> slow = new ArrayList<>();
    try {
      for (int i = 0; i < 10; i++) {
        Socket hand = new Socket("localhost", port);
        slow.add(hand);
        hand.getOutputStream()
            .write(
                ("POST /api/backup HTTP/1.1\r\nHost: localhost:%d\r\nContent-Type: application/zip\r\n"
                        + "Content-Length: 1000000\r\n\r\nPK")
                    .formatted(port)
                    .getBytes(StandardCharsets.US_ASCII));
        hand.getOutputStream().flush();
      }
      for (int i = 0; i < 20; i++) {
        assertTimeoutPreemptively(SOON, () -> assertEquals(200, app.get("/api/batches").status()));
        slow.get(i % 10).getOutputStream().write('x');
      }
    } finally {
      for (Socket hand : slow) {
        hand.close();
      }
    }
  }

  @Test
  void eightLargePhotosAtOnceAreAllDrawn() throws IOException {
    String pot = lit();
    String large = base64(new BufferedImage(4000, 3990, BufferedImage.TYPE_INT_ARGB), "png");
    List<CompletableFuture<Answer>> sent =
        Stream.generate(() -> CompletableFuture.supplyAsync(() -> drawn(pot, large)))
            .limit(8)
            .toList();
    for (CompletableFuture<Answer> one : sent) {
      assertEquals(201, one.join().status(), one.join().body().toString());
    }
    String moving = base64(new BufferedImage(20, 20, BufferedImage.TYPE_INT_RGB), "gif");
    Answer refused = photo(pot, moving);
    assertEquals(422, refused.status());
    assertEquals("/photoBase64", refused.pointer());
  }

  /** Sent again in a moment, as it says, where others were drawn for too long. */
  private Answer drawn(String pot, String base64) {
    Answer answer = photo(pot, base64);
    for (int again = 0; again < 8 && answer.status() == 409; again++) {
      answer = photo(pot, base64);
    }
    return answer;
  }

  private Answer photo(String pot, String base64) {
    String stage = "Simmer";
    return app.post(
        "/api/stage-notes",
        "{\"id\":\"%s\",\"batchId\":\"%s\",\"stage\":\"%s\",\"note\":\"\",\"photoBase64\":\"%s\",%s}"
            .formatted(UUID.randomUUID(), pot, stage, base64, Requests.stamp(Instant.now())));
  }

  private static String base64(BufferedImage image, String kind) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, kind, out);
    return Base64.getEncoder().encodeToString(out.toByteArray());
  }

  /** Half of them new ones, half of them nonsense. */
  @Test
  void aPantryTableOfThreeThousandRowsIsTakenInAtOnce() {
    String mark = UUID.randomUUID().toString().substring(0, 8);
    String rows =
        IntStream.range(0, 3_000)
            .mapToObj(
                i ->
                    "t-%s-%d,Tin %d of %s,OTHER,90,%s"
                        .formatted(mark, i, i, mark, i % 2 == 0 ? "1" : "soup"))
            .collect(Collectors.joining("\n"));
    String body =
        JsonMapper.shared()
            .createObjectNode()
            .put("text", "id,name,kind,water,protein\n" + rows)
            .toString();
    JsonNode read =
        assertTimeoutPreemptively(
            Duration.ofSeconds(20), () -> app.post("/api/pantry/table", body).body());
    try {
      assertEquals(1_500, read.at("/taken").asInt(), read.toString().substring(0, 300));
      assertEquals(1_500, read.at("/faults").size());
    } finally {
      database.update("delete from own_ingredient where id like ?", "t-" + mark + "-%");
    }
  }
}
