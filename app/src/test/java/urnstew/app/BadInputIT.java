package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import urnstew.app.RunningApplication.Answer;

/** What cannot be meant is said at its field, with the way out; strangers are kept out. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class BadInputIT {
  private final RunningApplication app;

  @Autowired
  BadInputIT(@LocalServerPort int port) {
    this.app = new RunningApplication(port);
  }

  private static void said(Answer answer, int status, String pointer, String code) {
    assertEquals(status, answer.status(), answer.body().toString());
    assertEquals(pointer, answer.pointer(), answer.body().toString());
    assertEquals(code, answer.code(), answer.body().toString());
    assertFalse(answer.body().at("/errors/0/remedy").asString("").isBlank(), "a way out is named");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '\u0001',
      value = {
        "\"covers\":34|\"covers\":0|422|/covers|not-positive",
        "\"covers\":34|\"covers\":-4|422|/covers|not-positive",
        "\"covers\":34|\"covers\":\"1,500\"|400|/covers|malformed",
        "\"covers\":34|\"covers\":NaN|400||malformed",
        "\"servingMassKilograms\":0.11|\"servingMassKilograms\":\"NaN\"|422|/servingMassKilograms|not-a-number",
        "\"servingMassKilograms\":0.11|\"servingMassKilograms\":-1|422|/servingMassKilograms|negative",
        "\"servingText\":\"110 g\"|\"servingText\":\"1,500\"|422|/servingMassKilograms|ambiguous",
        "\"servingText\":\"110 g\"|\"servingText\":\"150 g\"|422|/servingMassKilograms|text-and-value-differ",
        "0.105,\"targetText\":\"10.5 %\"|0.04,\"targetText\":\"4 %\"|422|/targetSolidsFraction|thinner-than-start",
        "0.105,\"targetText\":\"10.5 %\"|0.45,\"targetText\":\"45 %\"|422|/targetSolidsFraction|too-large",
        "\"targetSolidsFraction\":0.105|\"targetSpreadMeters\":0.07|422|/targetSpreadMeters|not-understood",
        "\"targetSolidsFraction\":0.105,||422|/targetSolidsFraction|one-of-two",
        "\"targetText\":\"10.5 %\"|\"targetText\":\"11 %\"|422|/targetSolidsFraction|text-and-value-differ",
        "\"18:30\"}|\"18:30\",\"readyByLocalDate\":\"2020-05-01\"}|422|/readyByLocalTime|in-the-past",
        "\"18:30\"}|\"half six\"}|400|/readyByLocalTime|malformed",
        "\"covers\":34|\"covers\":900|422|/vesselId|does-not-fit",
        "\"LIVELY\"|\"FURIOUS\"|400|/heating/way|malformed",
        "\"formulaId\":\"plain-marinara\",||400|/formulaId|missing",
        "plain-marinara|toffee|422|/formulaId|unknown"
      })
  void plan(String good, String bad, int status, String pointer, String code) {
    String body = Requests.plan(app).replace(good, bad == null ? "" : bad);
    said(app.post("/api/plans/preview", body), status, pointer == null ? "" : pointer, code);
  }

  @ParameterizedTest
  @CsvSource({
    "firstWidthMeters,10,/firstWidthMeters,too-large",
    "depthMeters,0,/depthMeters,too-small",
    "emptyMassKilograms,-1,/emptyMassKilograms,too-small",
    "depthMeters,0.25,/depthMeters,text-and-value-differ"
  })
  void aPotThatNoKitchenHas(String field, String value, String pointer, String code) {
    String vessel =
        Requests.vessel(UUID.randomUUID().toString())
            .replaceFirst("\"" + field + "\":[\\d.]+", "\"" + field + "\":" + value);
    said(app.post("/api/vessels", vessel), 422, pointer, code);
  }

  @Test
  void readingsThatCannotBeMeant() {
    Instant lit = Instant.now().minus(Duration.ofMinutes(60));
    String id = UUID.randomUUID().toString();
    app.post(
        "/api/batches",
        """
        {"id":"%s","plan":%s,"timeScale":1,%s}"""
            .formatted(id, Requests.plan(app), Requests.stamp(lit)));
    String path = "/api/batches/" + id + "/readings";
    said(
        app.post(path, reading("\"depthMeters\":0.35")), 422, "/depthMeters", "deeper-than-vessel");
    said(
        app.post(path, reading("\"grossKilograms\":40")),
        422,
        "/grossKilograms",
        "more-than-vessel-holds");
    said(
        app.post(path, reading("\"grossKilograms\":\"1,500\"")),
        400,
        "/grossKilograms",
        "malformed");
    said(
        app.post(
            path,
            reading("\"grossKilograms\":1.5")
                .replace("\"enteredText\":\"\"", "\"enteredText\":\"1,500\"")),
        422,
        "/grossKilograms",
        "ambiguous");
    said(
        app.post(path, reading("\"tareVesselId\":\"" + UUID.randomUUID() + "\"")),
        422,
        "/grossKilograms",
        "one-of-five");
    assertEquals(0, app.get("/api/batches/" + id).body().at("/events").size(), "nothing was kept");
  }

  @Test
  void whatCannotBeDoneAtThePotIsSaidAtItsField() {
    Instant lit = Instant.now().minus(Duration.ofMinutes(60));
    String id = UUID.randomUUID().toString();
    String rondeau = Requests.freePot(app);
    app.post(
        "/api/batches",
        """
        {"id":"%s","plan":%s,"timeScale":1,%s}"""
            .formatted(id, Requests.plan(app), Requests.stamp(lit)));
    String path = "/api/batches/" + id;
    JsonNode kitchen = app.get("/api/kitchen").body();
    said(
        app.post(path + "/heats", inOven("290", rondeau)),
        422,
        "/heating/ovenCelsius",
        "too-hot-for-vessel");
    String deck = "140,\"ovenId\":\"" + Requests.named(kitchen.at("/ovens"), "Deck oven") + "\"";
    Answer put = app.post(path + "/heats", inOven(deck, rondeau));
    assertEquals(201, put.status(), put.body().toString());
    String stockpot = Requests.named(kitchen.at("/vessels"), "Stockpot");
    said(
        app.post(path + "/heats", inOven(deck, stockpot)),
        422,
        "/heating/ovenId",
        "does-not-go-in");
    String target = write("\"spreadMeters\":0.5,\"enteredText\":\"\"");
    said(app.post(path + "/targets", target), 422, "/spreadMeters", "too-large");
    String pour = write("\"line\":99,\"massKilograms\":1,\"enteredText\":\"\"");
    said(app.post(path + "/pours", pour), 422, "/line", "no-such-line");
    String nothing =
        "{\"id\":\"%s\",%s}".formatted(UUID.randomUUID(), Requests.stamp(Instant.now()));
    said(app.post(path + "/take-outs", nothing), 422, "/stamp/happenedLocalTime", "no-pieces");
    String out = write("\"massKilograms\":0,\"enteredText\":\"\"");
    said(app.post(path + "/ladlings", out), 422, "/massKilograms", "not-positive");
    String tooSoon =
        reading("\"depthMeters\":0.05")
            .replace(
                "\"sentAt\"", "\"happenedLocalTime\":\"%s\",\"sentAt\"".formatted(twoHoursAgo()));
    said(app.post(path + "/readings", tooSoon), 422, "/stamp/happenedLocalTime", "before-start");
  }

  private String inOven(String celsius, String vessel) {
    String burner = Requests.named(app.get("/api/kitchen").body().at("/heatSources"), "Gas ring");
    return write(
        """
        "heating":{"way":"OVEN","ovenCelsius":%s,"fan":false},"lid":"OFF","vesselId":"%s","heatSourceId":"%s","sharesHeat":true"""
            .formatted(celsius, vessel, burner));
  }

  @ParameterizedTest
  @CsvSource({"cup,/name,not-a-measure", "big one,/name,not-a-measure", "ladle,/name,taken"})
  void aMeasureNeedsAWordOfItsOwn(String name, String pointer, String code) {
    String measure =
        """
        {"id":"%s","name":"%s","massKilograms":0.1,"massText":"100 g"}"""
            .formatted(UUID.randomUUID(), name);
    said(app.post("/api/measures", measure), 422, pointer, code);
  }

  private static String twoHoursAgo() {
    return LocalTime.now(ZoneId.of("Europe/Zurich")).minusHours(2).withSecond(0).withNano(0) + "";
  }

  private static String write(String body) {
    return "{\"id\":\"%s\",%s,%s}"
        .formatted(UUID.randomUUID(), body, Requests.stamp(Instant.now()));
  }

  @Test
  void aTimedBoilMakesABurnerKnown() {
    JsonNode kitchen = app.get("/api/kitchen").body();
    String vessel = Requests.named(kitchen.at("/vessels"), "Small pot");
    JsonNode burner = Requests.first(kitchen.at("/heatSources"), "Gas ring");
    String path = "/api/heat-sources/" + burner.at("/id").asString() + "/timing";
    String timing =
        """
        {"vesselId":"%s","waterCubicMeters":0.002,"waterText":"2 l","startCelsius":15,"seconds":400,"secondsText":"400 s","covered":true}"""
            .formatted(vessel);
    String version = burner.at("/version").asString();
    Answer known = app.put(path, timing, "If-Match", version);
    assertEquals(200, known.status(), known.body().toString());
    double watts = known.body().at("/measuredPowerWatts").asDouble();
    assertEquals(1700, watts, 300, "two litres by 77 K in 400 s, and the pot");
    assertEquals(watts, known.body().at("/powerIntoPotWatts").asDouble(), 1e-9);
    said(
        app.put(
            path,
            timing.replace("400,", "70,").replace("400 s", "70 s"),
            "If-Match",
            known.body().at("/version").asString()),
        422,
        "/seconds",
        "faster-than-label");
  }

  private static String reading(String value) {
    return "{\"id\":\"%s\",%s,\"enteredText\":\"\",\"source\":\"TYPED\",%s}"
        .formatted(UUID.randomUUID(), value, Requests.stamp(Instant.now()));
  }

  @Test
  void anotherSitesPageMayNotWrite() {
    HttpResponse<String> crossSite =
        app.write(
            "POST", "/api/plans/preview", Requests.plan(app), "Origin", "http://elsewhere.example");
    assertEquals(403, crossSite.statusCode());
    assertEquals(
        403,
        app.write("POST", "/api/plans/preview", "{}", "Sec-Fetch-Site", "cross-site").statusCode());
  }

  @Test
  void headersAreStrictAndHealthIsTold() {
    HttpResponse<String> health = app.send(app.request("/actuator/health/readiness").GET());
    assertEquals(200, health.statusCode());
    String policy = health.headers().firstValue("Content-Security-Policy").orElse("");
    assertTrue(policy.contains("default-src 'self'") && policy.contains("object-src 'none'"));
    assertEquals(404, app.get("/api/nothing-here").status());
  }
}
