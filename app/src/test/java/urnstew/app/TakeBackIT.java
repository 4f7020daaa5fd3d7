package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import urnstew.app.RunningApplication.Answer;

/** A way back for half a minute, and many hands that write to one pot at once. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class TakeBackIT {
  private static final Duration HOUR = Duration.ofHours(1);

  private final RunningApplication app;
  private final JdbcTemplate database;

  @Autowired
  TakeBackIT(@LocalServerPort int port, JdbcTemplate database) {
    this.app = new RunningApplication(port);
    this.database = database;
  }

  private Answer light(String pot, Instant at) {
    return app.post(
        "/api/batches",
        "{\"id\":\"%s\",\"plan\":%s,\"timeScale\":1,%s}"
            .formatted(pot, Requests.plan(app), Requests.stamp(at)));
  }

  private String lit(Instant at) {
    String pot = UUID.randomUUID().toString();
    assertEquals(201, light(pot, at).status());
    return pot;
  }

  private Answer write(String pot, String kind, String id, String fields, Instant at) {
    return app.post(
        "/api/batches/" + pot + "/" + kind,
        "{\"id\":\"%s\",%s%s}".formatted(id, fields, Requests.stamp(at)));
  }

  private static String fresh() {
    return UUID.randomUUID().toString();
  }

  private Answer takeBack(String pot, String event, Instant at) {
    return write(pot, "take-backs", fresh(), "\"eventId\":\"" + event + "\",", at);
  }

  private boolean standsSomewhere(String pot) {
    return app.get("/api/occupancy").body().findValuesAsString("holderId").contains(pot);
  }

  private String finished(String pot) {
    String end = fresh();
    Answer off =
        write(pot, "finishes", end, "\"enteredText\":\"\",\"note\":\"not meant\",", Instant.now());
    assertEquals(201, off.status(), off.body().toString());
    return end;
  }

  @Test
  void aBurnerThatWasNotMeantIsAsIfItHadNotBeenLit() {
    String pot = fresh();
    Instant lit = Instant.now();
    String body =
        "{\"id\":\"%s\",\"plan\":%s,\"timeScale\":1,%s}"
            .formatted(pot, Requests.plan(app), Requests.stamp(lit));
    assertEquals(201, app.post("/api/batches", body).status());
    assertTrue(standsSomewhere(pot));
    assertEquals(201, takeBack(pot, pot, Instant.now()).status());
    assertEquals(404, app.get("/api/batches/" + pot).status());
    assertFalse(standsSomewhere(pot), "its place is free");
    assertEquals(409, app.post("/api/batches", body).status(), "sent again it is not lit again");
  }

  @Test
  void whatSomebodyHasWrittenToIsNotUnlit() {
    String pot = lit(Instant.now());
    assertEquals(201, write(pot, "steps", fresh(), "\"step\":\"stir\",", Instant.now()).status());
    assertEquals(409, takeBack(pot, pot, Instant.now()).status());
    assertEquals(200, app.get("/api/batches/" + pot).status());
  }

  /** A device that had no answer sends again what somebody has taken back since. */
  @Test
  void whatWasTakenBackIsNotDoneAgainBySendingItAgain() {
    String out = fresh();
    String begin =
        "{\"id\":\"%s\",\"food\":\"Half a tray\",\"fromCold\":false,\"celsius\":72,\"enteredText\":\"\",%s}"
            .formatted(out, Requests.stamp(Instant.now()));
    assertEquals(201, app.post("/api/keepings/set-outs", begin).status());
    String end = fresh();
    String close =
        "{\"id\":\"%s\",\"as\":\"SERVED\",\"reason\":\"\",%s}"
            .formatted(end, Requests.stamp(Instant.now()));
    assertEquals(201, app.post("/api/keepings/" + out + "/closings", close).status());
    String back = "{\"id\":\"%s\",\"eventId\":\"%s\",%s}";
    String path = "/api/keepings/" + out + "/take-backs";
    String now = Requests.stamp(Instant.now());
    assertEquals(201, app.post(path, back.formatted(fresh(), end, now)).status());
    assertEquals(409, app.post("/api/keepings/" + out + "/closings", close).status());
    assertTrue(app.get("/api/keepings/" + out).body().at("/closedAt").isMissingNode());
    assertEquals(201, app.post(path, back.formatted(fresh(), out, now)).status());
    assertEquals(409, app.post("/api/keepings/set-outs", begin).status());
    assertEquals(404, app.get("/api/keepings/" + out).status());
  }

  @Test
  void aBatchWhoseCansAreNotedIsNotUnlit() {
    String pot = lit(Instant.now());
    Answer noted =
        app.post(
            "/api/lots/sources/" + pot,
            "{\"id\":\"%s\",\"ingredientId\":\"canned-whole-tomato\",\"code\":\"L 1\"}"
                .formatted(fresh()));
    assertEquals(201, noted.status(), noted.body().toString());
    Answer back = takeBack(pot, pot, Instant.now());
    assertEquals(409, back.status(), back.body().toString());
    assertTrue(standsSomewhere(pot), "nothing of it is undone");
  }

  @Test
  void heatOffIsTakenBackAndThePotGoesOn() {
    String pot = lit(Instant.now().minus(HOUR));
    String end = finished(pot);
    assertFalse(standsSomewhere(pot));
    assertEquals(201, takeBack(pot, end, Instant.now()).status());
    JsonNode again = app.get("/api/batches/" + pot).body();
    assertEquals("SIMMERING", again.at("/status").asString());
    assertTrue(again.at("/end").isMissingNode());
    assertTrue(standsSomewhere(pot));
    assertEquals(201, write(pot, "steps", fresh(), "\"step\":\"stir\",", Instant.now()).status());
    assertEquals(422, restore(pot, end).status(), "an end that was not meant is not put back");
    finished(pot);
    assertEquals("FINISHED", app.get("/api/batches/" + pot).body().at("/status").asString());
  }

  /** The end is taken back by its own entry: with another struck out it would be off and on. */
  @Test
  void onlyTheEntryThatEndedItTakesHeatOffBack() {
    String pot = lit(Instant.now().minus(HOUR));
    String stirred = fresh();
    assertEquals(201, write(pot, "steps", stirred, "\"step\":\"stir\",", Instant.now()).status());
    assertEquals(409, takeBack(pot, stirred, Instant.now()).status(), "it is on the heat");
    finished(pot);
    assertEquals(409, takeBack(pot, stirred, Instant.now()).status());
    assertEquals("FINISHED", app.get("/api/batches/" + pot).body().at("/status").asString());
  }

  private Answer restore(String pot, String event) {
    return write(pot, "restorations", fresh(), "\"eventId\":\"" + event + "\",", Instant.now());
  }

  @Test
  void laterOrOnceItIsInUseItIsNotTakenBack() {
    String late = lit(Instant.now().minus(HOUR));
    String end = finished(late);
    database.update(
        "update write_receipt set received_at = received_at - interval '31 seconds' where id = ?",
        UUID.fromString(end));
    assertEquals(409, takeBack(late, end, Instant.now()).status());
    Answer saidEarlier =
        app.post(
            "/api/batches/" + late + "/take-backs",
            "{\"id\":\"%s\",\"eventId\":\"%s\",%s}"
                .formatted(fresh(), end, Requests.stamp(Instant.now()))
                .replace("\"stamp\":{", "\"stamp\":{\"happenedLocalTime\":\"00:01\","));
    assertEquals(409, saidEarlier.status(), "an hour that is said opens no door");
    assertEquals(201, takeBack(late, end, Instant.now().minusSeconds(5)).status(), "typed in time");
    String used = lit(Instant.now().minus(HOUR));
    String off = finished(used);
    String hold =
        """
        {"id":"%s","what":{"batchId":"%s","massKilograms":1,"massText":"1 kg"},"vesselId":"%s","heldCelsius":70,"lid":"ON",%s}"""
            .formatted(fresh(), used, Requests.freePot(app), Requests.stamp(Instant.now()));
    Answer held = app.post("/api/keepings/holds", hold);
    assertEquals(201, held.status(), held.body().toString());
    assertEquals(409, takeBack(used, off, Instant.now()).status());
    assertEquals(409, takeBack(used, fresh(), Instant.now()).status(), "nothing of that identity");
  }

  /**
   * Forecasts are reckoned before the row is held: all entries count, and the last forecast too.
   */
  @Test
  void everyEntryOfManyHandsAtOnceCounts() {
    String pot = lit(Instant.now().minus(HOUR));
    assertEquals(
        201, write(pot, "simmer-starts", fresh(), "", Instant.now().minusSeconds(3000)).status());
    List<CompletableFuture<Answer>> hands =
        IntStream.range(0, 24)
            .mapToObj(
                i ->
                    CompletableFuture.supplyAsync(
                        () ->
                            write(
                                pot,
                                i % 3 == 0 ? "readings" : "steps",
                                fresh(),
                                i % 3 == 0
                                    ? "\"temperatureCelsius\":%d,\"enteredText\":\"\",\"source\":\"TYPED\","
                                        .formatted(85 + i / 3)
                                    : "\"step\":\"step %d\",".formatted(i),
                                Instant.now())))
            .toList();
    hands.forEach(hand -> assertEquals(201, hand.join().status()));
    JsonNode seen = app.get("/api/batches/" + pot).body();
    assertEquals(25, seen.at("/events").size());
    assertEquals(8, seen.at("/forecast/readings").asInt());
  }
}
