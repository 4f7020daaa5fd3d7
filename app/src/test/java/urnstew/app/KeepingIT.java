package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import urnstew.app.RunningApplication.Answer;

/** Rule sets, holding and cooling over HTTP. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class KeepingIT {
  private static final String TIN = "0d3f1c52-0000-4000-8000-000000000015";
  private static final String WALK_IN = "0d3f1c52-0000-4000-8000-0000000000b1";

  private final RunningApplication app;

  @Autowired
  KeepingIT(@LocalServerPort int port) {
    this.app = new RunningApplication(port);
  }

  private static String stamp(int minutesAgo) {
    Instant now = Instant.now();
    return "\"stamp\":{\"typedAt\":\"%s\",\"sentAt\":\"%s\"}"
        .formatted(now.minus(Duration.ofMinutes(minutesAgo)), now);
  }

  private static String what(double kilograms) {
    return "\"what\":{\"formulaId\":\"ridge-ragu\",\"massKilograms\":%s,\"massText\":\"\"}"
        .formatted(kilograms);
  }

  private String inPot() {
    return "\"setup\":{\"vesselId\":\"%s\",\"count\":1,\"place\":\"FAN_REFRIGERATOR\",\"coldPlaceId\":\"%s\",\"covered\":false}"
        .formatted(Requests.freePot(app), WALK_IN);
  }

  private static String inIce(int tins) {
    return "\"setup\":{\"vesselId\":\"%s\",\"count\":%d,\"place\":\"ICE_BATH\",\"covered\":false,\"thenPlaceId\":\"%s\",\"thenBelowCelsius\":18}"
        .formatted(TIN, tins, WALK_IN);
  }

  private JsonNode ok(Answer answer) {
    assertTrue(answer.status() < 300, answer.status() + " " + answer.body());
    return answer.body();
  }

  private String cool(double kilograms, String setup, int minutesAgo) {
    UUID id = UUID.randomUUID();
    ok(
        app.post(
            "/api/keepings/coolings",
            "{\"id\":\"%s\",%s,\"startCelsius\":88,%s,%s}"
                .formatted(id, what(kilograms), setup, stamp(minutesAgo))));
    return "/api/keepings/" + id;
  }

  private Answer write(String keeping, String kind, String fields, int minutesAgo) {
    return app.post(
        keeping + "/" + kind,
        "{\"id\":\"%s\",%s%s}".formatted(UUID.randomUUID(), fields, stamp(minutesAgo)));
  }

  private Answer read(String keeping, double celsius, int minutesAgo) {
    return write(
        keeping, "readings", "\"celsius\":%s,\"enteredText\":\"\",".formatted(celsius), minutesAgo);
  }

  @Test
  void beforeItStartsTheBetterWayIsThere() {
    JsonNode preview =
        ok(
            app.post(
                "/api/keepings/cooling-preview",
                "{%s,\"startCelsius\":90,%s}".formatted(what(12), inPot())));
    assertEquals("WILL_MISS", preview.at("/chosen/verdict").asString());
    JsonNode way = preview.at("/ways/0");
    assertEquals("MAKES_IT", way.at("/forecast/verdict").asString());
    assertEquals("ICE_BATH", way.at("/choice/place").asString());
    assertTrue(way.at("/choice/count").asInt() >= 2);
    assertEquals("Walk-in", way.at("/thenName").asString());
    JsonNode again =
        ok(
            app.post(
                "/api/keepings/cooling-preview",
                "{%s,\"startCelsius\":90,\"setup\":%s}".formatted(what(12), way.at("/choice"))));
    assertEquals("MAKES_IT", again.at("/chosen/verdict").asString(), "the way as it was offered");
  }

  @Test
  void aCoolingThatIsReadInTimePasses() throws IOException {
    String cooling = cool(8, inIce(2), 400);
    ok(read(cooling, 60, 370));
    ok(read(cooling, 19, 275));
    ok(read(cooling, 3.5, 60));
    JsonNode view = ok(app.get(cooling));
    assertEquals("PASSED", view.at("/cooling/verdict").asString());
    assertEquals("PUT_AWAY", view.at("/cooling/action").asString());
    assertEquals("SHOWN", view.at("/cooling/marks/0/state").asString());
    ok(write(cooling, "closings", "\"as\":\"PUT_AWAY\",\"reason\":\"\",", 0));
    assertEquals("PUT_AWAY", ok(app.get(cooling)).at("/closedAs").asString());
    assertEquals(409, read(cooling, 3, 0).status(), "closed is closed");
    try (PDDocument record = Loader.loadPDF(app.bytes(cooling + "/record.pdf"))) {
      String text = new PDFTextStripper().getText(record);
      assertTrue(text.contains("Cooled: Ridge ragù") && text.contains("Put away"), text);
      assertTrue(text.contains("3-501.14(A)(1)") && text.contains("read in time"), text);
      assertTrue(text.contains("read 19.0 °C"), text);
    }
  }

  @Test
  void aMissedMarkIsThrownAwayWithItsReason() {
    String cooling = cool(7, inPot(), 240);
    ok(read(cooling, 80, 200));
    ok(read(cooling, 52, 20));
    assertEquals("DISCARD", ok(app.get(cooling)).at("/cooling/action").asString());
    assertEquals(
        409, write(cooling, "closings", "\"as\":\"PUT_AWAY\",\"reason\":\"\",", 0).status());
    Answer silent = write(cooling, "closings", "\"as\":\"DISCARDED\",\"reason\":\" \",", 0);
    assertEquals(422, silent.status());
    assertEquals("/reason", silent.pointer());
    Answer reheated = write(cooling, "reheatings", "\"celsius\":80,%s,".formatted(inIce(2)), 0);
    assertEquals(409, reheated.status(), "too late to reheat");
    ok(write(cooling, "closings", "\"as\":\"DISCARDED\",\"reason\":\"missed 21 °C\",", 0));
  }

  @Test
  void whatIsAboutToMissIsMovedOrReheatedOnce() {
    String cooling = cool(12, inPot(), 60);
    ok(read(cooling, 82, 30));
    JsonNode before = ok(app.get(cooling));
    assertEquals("COOL_FASTER_OR_REHEAT", before.at("/cooling/action").asString());
    JsonNode ways = ok(app.get(cooling + "/ways"));
    assertTrue(ways.size() > 0, "there is a way out");
    Answer cold = write(cooling, "reheatings", "\"celsius\":74.2,%s,".formatted(inIce(2)), 5);
    assertEquals("/celsius", cold.pointer(), "the thermometer may be out");
    ok(write(cooling, "reheatings", "\"celsius\":78,%s,".formatted(inIce(3)), 4));
    JsonNode after = ok(app.get(cooling));
    assertTrue(after.at("/cooling/reheated").asBoolean());
    assertEquals("MAKES_IT", after.at("/cooling/verdict").asString());
    assertEquals(3, after.at("/cooling/setup/count").asInt());
  }

  @Test
  void aWrongReadingIsStruckOut() {
    String cooling = cool(8, inIce(2), 200);
    UUID wrong = UUID.randomUUID();
    ok(
        app.post(
            cooling + "/readings",
            "{\"id\":\"%s\",\"celsius\":50,\"enteredText\":\"50 °C\",%s}"
                .formatted(wrong, stamp(1))));
    assertEquals("MISSED", ok(app.get(cooling)).at("/cooling/verdict").asString());
    ok(
        write(
            cooling,
            "strike-outs",
            "\"eventId\":\"%s\",\"reason\":\"held to the steam\",".formatted(wrong),
            0));
    JsonNode view = ok(app.get(cooling));
    assertFalse(view.at("/cooling/verdict").asString().equals("MISSED"));
    assertTrue(view.at("/entries/0/struckOut").asBoolean());
  }

  @Test
  void aHoldLosesWaterAndIsToppedUp() {
    UUID id = UUID.randomUUID();
    String pot = Requests.freePot(app);
    String start = "{\"id\":\"%s\",%s,\"vesselId\":\"%s\",\"heldCelsius\":%d,\"lid\":\"OFF\",%s}";
    Answer cool =
        app.post("/api/keepings/holds", start.formatted(id, what(6), pot, 50, stamp(120)));
    assertEquals("/heldCelsius", cool.pointer());
    ok(app.post("/api/keepings/holds", start.formatted(id, what(6), pot, 75, stamp(170))));
    String hold = "/api/keepings/" + id;
    JsonNode dry = ok(app.get(hold)).at("/hold");
    assertEquals("TO_READ", dry.at("/state").asString());
    assertTrue(dry.at("/nowFraction").asDouble() > dry.at("/wantedFraction").asDouble());
    double topUp = dry.at("/topUpKilograms").asDouble();
    assertTrue(topUp > 0.1, "kg " + topUp);
    ok(read(hold, 66, 1));
    ok(write(hold, "top-ups", "\"waterKilograms\":%s,\"enteredText\":\"\",".formatted(topUp), 0));
    JsonNode wet = ok(app.get(hold)).at("/hold");
    assertEquals("HOT", wet.at("/state").asString());
    assertTrue(wet.at("/nowFraction").asDouble() < dry.at("/nowFraction").asDouble());
    ok(read(hold, 50, 0));
    JsonNode cold = ok(app.get(hold)).at("/hold");
    assertEquals("REHEAT", cold.at("/state").asString());
    assertEquals(422, write(hold, "stirrings", "", 0).status(), "a hold is not stirred cold");
  }

  @Test
  void theHeadCookChangesACopyWithAReason() {
    assertEquals(
        "food-code-2022", ok(app.get("/api/rule-sets")).at("/0/id").asString(), "the default");
    UUID id = UUID.randomUUID();
    String copy = "{\"id\":\"%s\",\"name\":\"Ours\",\"basis\":\"food-code-2022\"}".formatted(id);
    ok(app.post("/api/rule-sets", copy));
    String limit = "/api/rule-sets/" + id + "/limits/";
    Answer silent = app.put(limit + "HOT_HOLD", "{\"value\":60,\"reason\":\"so\"}");
    assertEquals("/reason", silent.pointer());
    Answer shipped =
        app.put(
            "/api/rule-sets/food-code-2022/limits/HOT_HOLD",
            "{\"value\":60,\"reason\":\"county code\"}");
    assertEquals(422, shipped.status());
    JsonNode own =
        ok(app.put(limit + "KEEP_DAYS", "{\"value\":9,\"reason\":\"tested in the laboratory\"}"));
    JsonNode days = limit(own, "KEEP_DAYS");
    assertTrue(days.at("/laxer").asBoolean(), "laxer than its basis, and says so");
    assertEquals(7, days.at("/basisValue").asInt());
    assertEquals("kitchen", own.at("/changes/0/changedBy").asString());
    ok(app.put("/api/rule-sets/" + id + "/in-force", "{}"));
    for (JsonNode set : ok(app.get("/api/rule-sets"))) {
      boolean ours = set.at("/id").asString().equals(id.toString());
      assertEquals(ours, set.at("/inForce").asBoolean(), set.at("/name").asString());
    }
    ok(app.put("/api/rule-sets/food-code-2022/in-force", "{}"));
  }

  private static JsonNode limit(JsonNode set, String name) {
    for (JsonNode limit : set.at("/limits")) {
      if (limit.at("/limit").asString().equals(name)) {
        return limit;
      }
    }
    throw new AssertionError("no limit " + name);
  }

  @Test
  void aFreezerIsNoPlaceToCool() {
    Answer answer =
        app.post(
            "/api/keepings/cooling-preview",
            "{%s,\"startCelsius\":90,%s}"
                .formatted(
                    what(5), inPot().replace(WALK_IN, "0d3f1c52-0000-4000-8000-0000000000b2")));
    assertEquals(422, answer.status());
    Answer full =
        app.post(
            "/api/keepings/cooling-preview",
            "{%s,\"startCelsius\":90,%s}".formatted(what(60), inIce(1)));
    assertEquals("/setup/count", full.pointer());
  }

  private Answer setOut(boolean fromCold, double celsius, int minutesAgo) {
    return app.post(
        "/api/keepings/set-outs",
        "{\"id\":\"%s\",\"food\":\"Baked pasta, half a tray\",\"fromCold\":%s,\"celsius\":%s,\"enteredText\":\"\",%s}"
            .formatted(UUID.randomUUID(), fromCold, celsius, stamp(minutesAgo)));
  }

  /** Time alone: four hours, then it is thrown away and neither served nor kept. */
  @Test
  void aRestOfABakeStandsOutByTimeAlone() throws IOException {
    Answer lukewarm = setOut(false, 49, 0);
    assertEquals("/celsius", lukewarm.pointer());
    assertEquals("not-hot-enough", lukewarm.code());
    String fresh = "/api/keepings/" + ok(setOut(false, 71, 30)).at("/keepingId").asString();
    JsonNode view = ok(app.get(fresh));
    assertEquals("SERVE", view.at("/setOut/state").asString());
    assertEquals(14_400, view.at("/setOut/allowedSeconds").asLong());
    assertEquals(409, write(fresh, "closings", "\"as\":\"PUT_AWAY\",\"reason\":\"\",", 0).status());
    assertEquals(
        422, write(fresh, "top-ups", "\"waterKilograms\":0.1,\"enteredText\":\"\",", 0).status());
    assertTrue(
        new String(app.bytes(fresh + "/record.pdf"), StandardCharsets.ISO_8859_1)
            .startsWith("%PDF"));
    ok(write(fresh, "closings", "\"as\":\"SERVED\",\"reason\":\"\",", 0));
    String old = "/api/keepings/" + ok(setOut(false, 71, 260)).at("/keepingId").asString();
    assertEquals("DISCARD", ok(app.get(old)).at("/setOut/state").asString());
    assertEquals(409, write(old, "closings", "\"as\":\"SERVED\",\"reason\":\"\",", 0).status());
    ok(write(old, "closings", "\"as\":\"DISCARDED\",\"reason\":\"time over\",", 0));
    String late = "/api/keepings/" + ok(setOut(false, 71, 260)).at("/keepingId").asString();
    ok(write(late, "closings", "\"as\":\"SERVED\",\"reason\":\"\",", 30));
    assertEquals("SERVED", ok(app.get(late)).at("/closedAs").asString(), "in time, only said late");
    String salad = "/api/keepings/" + ok(setOut(true, 3, 60)).at("/keepingId").asString();
    ok(read(salad, 23, 5));
    assertEquals("DISCARD", ok(app.get(salad)).at("/setOut/state").asString());
  }

  /** Law 4: a piece that nobody knows the size of is asked for, never taken as none. */
  @Test
  void piecesOfNoUsualSizeAreAskedFor() {
    String ribs =
        "\"what\":{\"formulaId\":\"rustic-pork\",\"massKilograms\":4,\"massText\":\"\"%s}";
    String body = "{%s,\"startCelsius\":88,%s}";
    Answer asked =
        app.post("/api/keepings/cooling-preview", body.formatted(ribs.formatted(""), inIce(2)));
    assertEquals(422, asked.status());
    assertEquals("/what/thickestPieceMeters", asked.body().at("/errors/0/pointer").asString());
    String measured =
        ribs.formatted(",\"thickestPieceMeters\":0.04,\"thickestPieceText\":\"4 cm\"");
    ok(app.post("/api/keepings/cooling-preview", body.formatted(measured, inIce(2))));
  }
}
