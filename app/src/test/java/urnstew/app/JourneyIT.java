package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import urnstew.app.RunningApplication.Answer;

/** The whole job over HTTP, on a real PostgreSQL. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class JourneyIT {
  private final RunningApplication app;
  private final JdbcTemplate database;

  @Autowired
  JourneyIT(@LocalServerPort int port, JdbcTemplate database) {
    this.app = new RunningApplication(port);
    this.database = database;
  }

  private String start(Instant lit) {
    String id = UUID.randomUUID().toString();
    Answer answer =
        app.post(
            "/api/batches",
            """
            {"id":"%s","plan":%s,"timeScale":1,%s}"""
                .formatted(id, Requests.plan(app), Requests.stamp(lit)));
    assertEquals(201, answer.status(), answer.body().toString());
    return id;
  }

  private void written(String path, String body, Object... values) {
    Answer answer =
        app.post(
            path,
            "{\"id\":\"%s\",%s,%s}"
                .formatted(
                    UUID.randomUUID(), body.formatted(values), Requests.stamp(Instant.now())));
    assertEquals(201, answer.status(), answer.body().toString());
  }

  private String rondeau() {
    return Requests.named(app.get("/api/kitchen").body().at("/vessels"), "Rondeau");
  }

  private String reading(String id, Instant at, double gross) {
    return """
        {"id":"%s","grossKilograms":%s,"tareVesselId":"%s","enteredText":"%s kg","source":"TYPED",%s}"""
        .formatted(id, gross, rondeau(), gross, Requests.stamp(at));
  }

  private JsonNode batch(String id) {
    return app.get("/api/batches/" + id).body();
  }

  private static Instant thickAt(JsonNode batch) {
    return Instant.parse(batch.at("/forecast/thickAt").asString());
  }

  @Test
  void fromStartToLogbook() {
    Instant lit = Instant.now().minus(Duration.ofMinutes(60));
    String id = start(lit);
    JsonNode fresh = batch(id);
    double startMass = fresh.at("/planned/startMassKilograms").asDouble();

    String readingId = UUID.randomUUID().toString();
    Answer read =
        app.post(
            "/api/batches/" + id + "/readings",
            reading(readingId, lit.plus(Duration.ofMinutes(50)), round(startMass - 0.5 + 4.1)));
    assertEquals(201, read.status(), read.body().toString());
    JsonNode slow = batch(id);
    assertTrue(thickAt(slow).isAfter(thickAt(fresh).plusSeconds(600)), "the pot is slower");
    assertEquals(thickAt(fresh), Instant.parse(slow.at("/asPlanned/thickAt").asString()));

    Answer struck =
        app.post(
            "/api/batches/" + id + "/strike-outs",
            """
            {"id":"%s","eventId":"%s","reason":"misread",%s}"""
                .formatted(UUID.randomUUID(), readingId, Requests.stamp(Instant.now())));
    assertEquals(201, struck.status(), struck.body().toString());
    JsonNode mended = batch(id);
    assertEquals(thickAt(fresh), thickAt(mended));
    assertTrue(mended.at("/events/0/struckOut").asBoolean());
    assertEquals(2, mended.at("/events").size(), "the history is kept");

    Answer restored =
        app.post(
            "/api/batches/" + id + "/restorations",
            """
            {"id":"%s","eventId":"%s",%s}"""
                .formatted(UUID.randomUUID(), readingId, Requests.stamp(Instant.now())));
    assertEquals(201, restored.status(), restored.body().toString());
    assertEquals(thickAt(slow), thickAt(batch(id)), "it counts again");

    String finish =
        """
        {"id":"%s","finalMassKilograms":3.9,"enteredText":"3.9 kg","note":"good",%s}"""
            .formatted(UUID.randomUUID(), Requests.stamp(Instant.now()));
    assertEquals(201, app.post("/api/batches/" + id + "/finishes", finish).status());
    JsonNode entry = logged(id);
    assertEquals(3.9, entry.at("/finalMassKilograms").asDouble());
    assertEquals("good", entry.at("/note").asString());
    assertEquals(
        409,
        app.post("/api/batches/" + id + "/readings", reading(UUID.randomUUID().toString(), lit, 9))
            .status());
  }

  private JsonNode logged(String id) {
    for (JsonNode entry : app.get("/api/logbook").body().at("/entries")) {
      if (entry.at("/id").asString().equals(id)) {
        return entry;
      }
    }
    throw new AssertionError("not in the logbook");
  }

  @Test
  void theSameWriteSentFiveTimesAtOnceIsThereOnce() {
    Instant lit = Instant.now().minus(Duration.ofMinutes(60));
    String id = start(lit);
    String readingId = UUID.randomUUID().toString();
    Instant at = lit.plus(Duration.ofMinutes(30));
    List<Answer> answers =
        IntStream.range(0, 5)
            .parallel()
            .mapToObj(i -> app.post("/api/batches/" + id + "/readings", reading(readingId, at, 10)))
            .toList();
    for (Answer answer : answers) {
      assertEquals(201, answer.status(), answer.body().toString());
      assertEquals(answers.get(0).body(), answer.body(), "every answer is the first answer");
    }
    assertEquals(1, batch(id).at("/events").size());
    Answer other = app.post("/api/batches/" + id + "/readings", reading(readingId, at, 9.5));
    assertEquals(409, other.status());
  }

  @Test
  void historyCannotBeChangedEvenInTheDatabase() {
    Instant lit = Instant.now().minus(Duration.ofMinutes(60));
    String id = start(lit);
    app.post(
        "/api/batches/" + id + "/readings",
        reading(UUID.randomUUID().toString(), lit.plus(Duration.ofMinutes(30)), 10));
    assertThrows(
        DataAccessException.class,
        () -> database.update("update batch_event set entered_text = '1'"));
    assertThrows(DataAccessException.class, () -> database.update("delete from batch_event"));
  }

  @Test
  void anEditOfWhatSomebodyElseChangedIsRefused() {
    String id = UUID.randomUUID().toString();
    String vessel = Requests.vessel(id);
    assertEquals(201, app.post("/api/vessels", vessel).status());
    assertEquals(201, app.post("/api/vessels", vessel).status(), "sent again");
    assertEquals(200, app.put("/api/vessels", vessel, "If-Match", "1").status());
    assertEquals(409, app.put("/api/vessels", vessel, "If-Match", "1").status());
    Answer retired = app.put("/api/vessels/" + id + "/retired?retired=true", "", "If-Match", "2");
    assertEquals(200, retired.status(), retired.body().toString());
    assertTrue(
        app.get("/api/kitchen").body().at("/vessels").findValues("id").stream()
            .noneMatch(v -> v.asString().equals(id)));
  }

  @Test
  void aRunningBatchKeepsThePotItWasStartedWith() {
    String id = start(Instant.now());
    JsonNode before = batch(id).at("/pot");
    JsonNode kitchen = app.get("/api/kitchen").body();
    JsonNode settings = kitchen.at("/settings");
    String moved =
        """
        {"name":"Moved","altitudeMeters":10,"altitudeText":"10 m","roomCelsius":20,"relativeHumidity":0.5,"zone":"Europe/Zurich","currency":"EUR","units":"METRIC","pint":"US","hours":"H24","decimalMark":"POINT","scaleErrorKilograms":0.02,"scaleErrorText":"20 g","dipErrorMeters":0.002,"dipErrorText":"2 mm","probeErrorKelvins":1,"brixErrorFraction":0.003,"plateErrorMeters":0.003,"brothyBelowFraction":0.07,"looseBelowFraction":0.09,"coatingBelowFraction":0.12,"tightBelowFraction":0.15,"veryTightBelowFraction":0.27}""";
    assertEquals(
        200,
        app.put("/api/kitchen", moved, "If-Match", settings.at("/version").asString()).status());
    double low = app.get("/api/kitchen").body().at("/boilingPointCelsius").asDouble();
    assertNotEquals(kitchen.at("/boilingPointCelsius").asDouble(), low);
    assertEquals(before, batch(id).at("/pot"));
    String back =
        moved
            .replace("10,\"altitudeText\":\"10 m\"", "2350,\"altitudeText\":\"2350 m\"")
            .replace("Moved", "Hollow Lantern");
    int version = settings.at("/version").asInt() + 1;
    assertEquals(200, app.put("/api/kitchen", back, "If-Match", "" + version).status());
  }

  @Test
  void aLadleWeighedOnceIsAMeasureUntilItIsRetired() {
    String id = UUID.randomUUID().toString();
    String scoop =
        """
        {"id":"%s","name":"scoop","massKilograms":0.2,"massText":"200 g"}"""
            .formatted(id);
    assertEquals(201, app.post("/api/measures", scoop).status());
    String batch = start(Instant.now().minus(Duration.ofMinutes(60)));
    String path = "/api/batches/" + batch + "/ladlings";
    written(path, "\"massKilograms\":0.4,\"enteredText\":\"2 scoops\"");
    assertEquals(0.4, batch(batch).at("/events/0/massKilograms").asDouble());
    String smaller = scoop.replace("0.2", "0.15").replace("200 g", "150 g");
    assertEquals(200, app.put("/api/measures", smaller, "If-Match", "1").status());
    String retire = "/api/measures/" + id + "/retired?retired=";
    assertEquals(200, app.put(retire + true, "", "If-Match", "2").status());
    assertTrue(
        app.get("/api/kitchen").body().at("/measures").findValues("name").stream()
            .noneMatch(name -> name.asString().equals("scoop")));
    assertEquals(200, app.put(retire + false, "", "If-Match", "3").status());
    assertEquals(409, app.put(retire + true, "", "If-Match", "3").status());
    assertEquals(200, app.put(retire + true, "", "If-Match", "4").status());
  }

  /** A gas ring that boiled off less than its label says is believed to be weak the next time. */
  @Test
  void aBurnerIsKnownByItsBatches() {
    String ring = UUID.randomUUID().toString();
    app.post(
        "/api/heat-sources",
        """
        {"id":"%s","name":"Ring","kind":"GAS","labelPowerWatts":5000,"labelPowerText":""}"""
            .formatted(ring));
    String plan =
        Requests.plan(app)
            .replace("\"LIVELY\"", "\"BURNER\",\"burnerShare\":0.6")
            .replaceFirst("\"heatSourceId\":\"[^\"]+", "\"heatSourceId\":\"" + ring);
    double before = power(plan);
    String id = UUID.randomUUID().toString();
    Instant lit = Instant.now().minus(Duration.ofMinutes(90));
    app.post(
        "/api/batches",
        "{\"id\":\"%s\",\"plan\":%s,\"timeScale\":1,%s}".formatted(id, plan, Requests.stamp(lit)));
    double start = batch(id).at("/planned/startMassKilograms").asDouble();
    String weighed = "\"grossKilograms\":%s,\"enteredText\":\"\",\"source\":\"TYPED\"";
    written("/api/batches/" + id + "/readings", weighed, round(start - 0.5));
    written("/api/batches/" + id + "/readings", weighed, round(start - 0.52));
    written("/api/batches/" + id + "/finishes", "\"enteredText\":\"\",\"note\":\"\"");
    assertTrue(power(plan) < 0.97 * before, power(plan) + " of " + before);
  }

  private double power(String plan) {
    for (JsonNode working : app.post("/api/plans/preview", plan).body().at("/plan/workings")) {
      for (JsonNode term : working.at("/terms")) {
        if (term.at("/name").asString().equals("power into the pot")) {
          return term.at("/value").asDouble();
        }
      }
    }
    throw new AssertionError("no power");
  }

  @Test
  void asThickAsLastTimeIsThePlateTestThatCounts() {
    String id = start(Instant.now().minus(Duration.ofMinutes(60)));
    String plate = "\"spreadMeters\":%s,\"enteredText\":\"%s mm\",\"source\":\"TYPED\"";
    written("/api/batches/" + id + "/readings", plate, 0.09, 90);
    written("/api/batches/" + id + "/readings", plate, 0.12, 120);
    String wrong = batch(id).at("/events/1/id").asString();
    written("/api/batches/" + id + "/strike-outs", "\"eventId\":\"%s\",\"reason\":\"\"", wrong);
    written("/api/batches/" + id + "/finishes", "\"enteredText\":\"\",\"note\":\"\"");
    JsonNode last =
        app.get("/api/plans/earlier-thicknesses?formulaId=plain-marinara").body().at("/0");
    assertEquals(id, last.at("/batchId").asString());
    assertEquals(0.09, last.at("/spreadMeters").asDouble(), 1e-9);
    String plan =
        Requests.plan(app)
            .replace("\"targetSolidsFraction\":0.105", "\"targetSpreadMeters\":0.09")
            .replace("10.5 %", "90 mm");
    JsonNode view = app.post("/api/plans/preview", plan).body();
    assertEquals(0.105, view.at("/plan/targetSolidsFraction").asDouble(), 0.02);
  }

  @Test
  void theHandOverOfARaguIsOnePrintedPage() throws IOException {
    String id = UUID.randomUUID().toString();
    String ragu =
        Requests.plan(app).replace("plain-marinara", "ridge-ragu").replace("0.105", "0.13");
    Answer started =
        app.post(
            "/api/batches",
            "{\"id\":\"%s\",\"plan\":%s,\"timeScale\":1,%s}"
                .formatted(
                    id,
                    ragu.replace("10.5 %", "13 %"),
                    Requests.stamp(Instant.now().minus(Duration.ofHours(2)))));
    assertEquals(201, started.status(), started.body().toString());
    JsonNode planned = batch(id);
    JsonNode browning = planned.at("/planned/stages/1");
    assertTrue(browning.at("/loads/count").asInt() > 1, browning.toString());
    assertTrue(browning.at("/seconds").asInt() > 600, browning.toString());
    Answer out =
        app.post(
            "/api/batches/" + id + "/take-outs",
            "{\"id\":\"%s\",\"ingredientIds\":[\"beef-mince\",\"pork-mince\"],%s}"
                .formatted(UUID.randomUUID(), Requests.stamp(Instant.now())));
    assertEquals(201, out.status(), out.body().toString());
    String endMass = "/forecast/endMassKilograms";
    double lighter = planned.at(endMass).asDouble() - batch(id).at(endMass).asDouble();
    assertTrue(lighter > 1, "the meat is out: " + lighter);
    byte[] pdf = app.bytes("/api/batches/" + id + "/hand-over.pdf");
    try (PDDocument document = Loader.loadPDF(pdf)) {
      assertEquals(1, document.getNumberOfPages());
      String text = new PDFTextStripper().getText(document);
      for (String said : List.of("Ridge ragù", "Thick enough at", "pieces taken out", "Butter")) {
        assertTrue(text.contains(said), text);
      }
      for (COSName font : document.getPage(0).getResources().getFontNames()) {
        assertTrue(document.getPage(0).getResources().getFont(font).isEmbedded());
      }
    }
  }

  private static double round(double kilograms) {
    return Math.round(kilograms * 100) / 100.0;
  }

  /** A scale under the pot sends more than a screen can show. */
  @Test
  void aLongHistoryComesInPages() throws Exception {
    Instant lit = Instant.now().minus(Duration.ofHours(2));
    String id = start(lit);
    for (int i = 0; i < 70; i++) {
      String weighed =
          "{\"id\":\"%s\",\"grossKilograms\":%s,\"source\":\"INSTRUMENT\",\"enteredText\":\"\",%s}"
              .formatted(
                  UUID.randomUUID(),
                  7.5 - i * 0.01,
                  Requests.stamp(lit.plus(Duration.ofMinutes(45)).plusSeconds(20L * i)));
      assertEquals(201, app.post("/api/batches/" + id + "/readings", weighed).status());
    }
    JsonNode batch = app.get("/api/batches/" + id).body();
    assertEquals(60, batch.at("/events").size());
    assertTrue(batch.at("/earlierEvents").asBoolean());
    assertTrue(batch.at("/simmerConfirmed").asBoolean());
    assertEquals(70, batch.at("/forecast/readings").asInt());
    assertEquals(70, batch.at("/forecast/reads").size(), "every one is drawn");
    int first = batch.at("/events/0/sequence").asInt();
    JsonNode before = app.get("/api/batches/" + id + "/events?before=" + first).body();
    assertEquals(10, before.size());
    assertEquals(1, before.at("/0/sequence").asInt());
    assertEquals(first - 1, before.at("/9/sequence").asInt());
    String csv =
        new String(app.bytes("/api/batches/" + id + "/readings.csv"), StandardCharsets.UTF_8);
    assertEquals(71, csv.lines().count(), "a head and all of them");
  }

  /** Made again as it turned out: with what was poured and added, as a formula of its own, once. */
  @Test
  void aBatchBecomesAFormulaAsItWasMade() {
    Instant lit = Instant.now().minus(Duration.ofMinutes(90));
    String id = start(lit);
    assertEquals(0, app.get("/api/batches/" + id + "/as-made").body().at("/differences").size());
    written(
        "/api/batches/" + id + "/additions",
        "\"ingredientId\":\"table-salt\",\"massKilograms\":0.012,\"temperatureCelsius\":20,\"enteredText\":\"12 g\"");
    JsonNode told = app.get("/api/batches/" + id + "/as-made").body();
    assertEquals(1, told.at("/differences").size(), told.toString());
    assertEquals(0.012, told.at("/differences/0/madeKilograms").asDouble(), 1e-9);
    Answer made = app.post("/api/batches/" + id + "/formulas", "");
    assertEquals(201, made.status(), made.body().toString());
    assertEquals(made.body(), app.post("/api/batches/" + id + "/formulas", "").body());
    String formula = made.body().at("/formulaId").asString();
    JsonNode sheet = app.get("/api/formulas/" + formula + "/sheet").body();
    assertTrue(sheet.at("/name").asString().startsWith("Plain marinara, as of "));
    double thick = batch(id).at("/forecast/equivalentSolidsFraction").asDouble();
    assertEquals(thick, sheet.at("/targetSolidsFraction").asDouble(), 1e-9);
    String plan = Requests.plan(app).replace("\"plain-marinara\"", "\"" + formula + "\"");
    Answer again = app.post("/api/plans/preview", plan);
    assertEquals(200, again.status(), again.body().toString());
  }
}
