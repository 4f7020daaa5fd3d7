package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import urnstew.app.RunningApplication.Answer;

/** Tubs over HTTP: put away, moved, used, traced. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class LotsIT {
  private static final String TIN = "0d3f1c52-0000-4000-8000-000000000015";
  private static final String WALK_IN = "0d3f1c52-0000-4000-8000-0000000000b1";
  private static final String FREEZER = "0d3f1c52-0000-4000-8000-0000000000b2";
  private static final String MADE = "0d3f1c52-0000-4000-8000-000000000031";

  private final RunningApplication app;
  private final JdbcTemplate database;

  @Autowired
  LotsIT(@LocalServerPort int port, JdbcTemplate database) {
    this.app = new RunningApplication(port);
    this.database = database;
  }

  private static String stamp(int minutesAgo) {
    Instant now = Instant.now();
    return "\"stamp\":{\"typedAt\":\"%s\",\"sentAt\":\"%s\"}"
        .formatted(now.minus(Duration.ofMinutes(minutesAgo)), now);
  }

  private static JsonNode ok(Answer answer) {
    assertTrue(answer.status() < 300, answer.status() + " " + answer.body());
    return answer.body();
  }

  private JsonNode putAway(String formula, double kilograms, String place) {
    return ok(
        app.post(
            "/api/lots",
            "{\"id\":\"%s\",\"what\":{\"formulaId\":\"%s\",\"massKilograms\":%s,\"massText\":\"\"},\"uncooledBecause\":\"in the ice bath, by eye\",\"moreBecause\":\"weighed again\",\"tubCubicMeters\":0.001,\"tubText\":\"1 l\",\"placeId\":\"%s\",%s}"
                .formatted(UUID.randomUUID(), formula, kilograms, place, stamp(0))));
  }

  private Answer write(JsonNode lot, String kind, String fields) {
    return app.post(
        "/api/lots/" + lot.at("/id").asString() + "/" + kind,
        "{\"id\":\"%s\",%s,%s}".formatted(UUID.randomUUID(), fields, stamp(0)));
  }

  private Answer move(JsonNode lot, String place) {
    return write(lot, "moves", "\"placeId\":\"%s\"".formatted(place));
  }

  private Answer use(JsonNode lot, double kilograms, String dish) {
    return write(
        lot,
        "uses",
        "\"massKilograms\":%s,\"massText\":\"\",\"dish\":\"%s\"".formatted(kilograms, dish));
  }

  /** Cooled by the rule, then into tubs: the cooling is closed, the batch is known. */
  @Test
  void aSourceOfNothingThatThereIsIsRefusedByItsField() {
    String source =
        "{\"id\":\"%s\",\"ingredientId\":\"dragon\",\"code\":\"L 12\"}"
            .formatted(UUID.randomUUID());
    assertEquals(
        "/ingredientId", app.post("/api/lots/sources/" + UUID.randomUUID(), source).pointer());
  }

  @Test
  void aCoolingThatIsOverGoesIntoTubs() {
    UUID cooling = UUID.randomUUID();
    ok(
        app.post(
            "/api/keepings/coolings",
            "{\"id\":\"%s\",\"what\":{\"batchId\":\"%s\",\"massKilograms\":3.3,\"massText\":\"\"},\"startCelsius\":88,\"setup\":{\"vesselId\":\"%s\",\"count\":1,\"place\":\"FAN_REFRIGERATOR\",\"coldPlaceId\":\"%s\",\"covered\":false},\"moreBecause\":\"weighed again\",%s}"
                .formatted(cooling, MADE, TIN, WALK_IN, stamp(300))));
    String tubs =
        "{\"id\":\"%s\",\"keepingId\":\"%s\",\"moreBecause\":\"weighed again\",\"tubCubicMeters\":0.001,\"tubText\":\"1 l\",\"placeId\":\"%s\",%s}"
            .formatted(UUID.randomUUID(), cooling, FREEZER, stamp(0));
    assertEquals(409, app.post("/api/lots", tubs).status(), "not cold yet");
    read(cooling, 19, 220);
    read(cooling, 3, 30);
    JsonNode preview = ok(app.post("/api/lots/preview", tubs));
    assertEquals(4, preview.at("/tubs").asInt());
    assertTrue(preview.at("/freezingSeconds").asDouble() > 4 * 3600);
    JsonNode lot = ok(app.post("/api/lots", tubs));
    assertEquals("FROZEN", lot.at("/state").asString());
    assertEquals(MADE, lot.at("/batchId").asString());
    assertTrue(lot.at("/coolingRecorded").asBoolean());
    assertEquals(4, lot.at("/tubs").asInt());
    JsonNode closed = ok(app.get("/api/keepings/" + cooling));
    assertEquals("PUT_AWAY", closed.at("/closedAs").asString());
    assertEquals(lot, ok(app.post("/api/lots", tubs)), "sent twice, put away once");
    String id = lot.at("/id").asString();
    assertEquals(409, takeBackOf("keepings", cooling.toString(), id).status(), "not past its tubs");
    assertEquals("GONE", ok(takeBackOf("lots", id, id)).at("/state").asString());
    assertTrue(ok(app.get("/api/keepings/" + cooling)).at("/closedAt").isMissingNode());
    String again = tubs.replace(id, UUID.randomUUID().toString());
    assertEquals("FROZEN", ok(app.post("/api/lots", again)).at("/state").asString());
  }

  private Answer takeBackOf(String of, String thing, String event) {
    return app.post(
        "/api/" + of + "/" + thing + "/take-backs",
        "{\"id\":\"%s\",\"eventId\":\"%s\",%s}".formatted(UUID.randomUUID(), event, stamp(0)));
  }

  private Answer takeBack(JsonNode lot, String kind, String fields) {
    String id = lot.at("/id").asString();
    UUID event = UUID.randomUUID();
    ok(
        app.post(
            "/api/lots/" + id + "/" + kind,
            "{\"id\":\"%s\",%s,%s}".formatted(event, fields, stamp(0))));
    return takeBackOf("lots", id, event.toString());
  }

  /** What thawed by a slip of the hand is as frozen as before, and may be used as if never. */
  @Test
  void whatWasDoneWithTubsIsTakenBackAsIfItHadNotBeen() {
    JsonNode lot = putAway("larder-base", 3, FREEZER);
    assertEquals(lot, ok(takeBack(lot, "moves", "\"placeId\":\"%s\"".formatted(WALK_IN))));
    assertEquals(lot, ok(takeBack(lot, "discards", "\"reason\":\"the lid was off\"")));
    JsonNode thawed = ok(move(lot, WALK_IN));
    assertEquals(409, takeBackOf("lots", id(lot), id(lot)).status(), "it was moved since");
    String dish = "\"massKilograms\":3,\"massText\":\"\",\"dish\":\"a bake\"";
    assertEquals(thawed, ok(takeBack(thawed, "uses", dish)));
    assertTrue(ok(app.get("/api/lots/" + id(lot) + "/trace")).at("/to").isEmpty(), "on no dish");
    database.update("update write_receipt set received_at = received_at - interval '31 seconds'");
    assertEquals(409, takeBackOf("lots", id(lot), id(lot)).status(), "too late");
  }

  private static String id(JsonNode lot) {
    return lot.at("/id").asString();
  }

  /** It is out of the pot, and in its tub. */
  @Test
  void aTubThatWentIntoTheWrongPotIsTakenBackOutOfBoth() {
    JsonNode lot = putAway("larder-base", 3, WALK_IN);
    String pot = "0d3f1c52-0000-4000-8000-000000000041";
    double before = pot(pot).at("/forecast/endMassKilograms").asDouble();
    String use = "\"massKilograms\":1,\"massText\":\"\",\"dish\":\"\",\"batchId\":\"%s\"";
    assertEquals(lot, ok(takeBack(lot, "uses", use.formatted(pot))));
    assertEquals(before, pot(pot).at("/forecast/endMassKilograms").asDouble(), 1e-3);
    JsonNode events = pot(pot).at("/events");
    String struck = "";
    for (JsonNode event : events) {
      struck = event.at("/struckOut").asBoolean() ? event.at("/id").asString() : struck;
    }
    Answer again =
        app.post(
            "/api/batches/" + pot + "/restorations",
            "{\"id\":\"%s\",\"eventId\":\"%s\",%s}".formatted(UUID.randomUUID(), struck, stamp(0)));
    assertEquals(409, again.status(), "the tub has it again: " + again.body());
  }

  private void read(UUID cooling, double celsius, int minutesAgo) {
    ok(
        app.post(
            "/api/keepings/" + cooling + "/readings",
            "{\"id\":\"%s\",\"celsius\":%s,\"enteredText\":\"\",%s}"
                .formatted(UUID.randomUUID(), celsius, stamp(minutesAgo))));
  }

  @Test
  void datesFollowTheRuleAndWhatThawedIsNotFrozenAgain() {
    JsonNode lot = putAway("larder-base", 3.8, WALK_IN);
    LocalDate made = LocalDate.parse(lot.at("/madeOn").asString());
    assertEquals(made.plusDays(6).toString(), lot.at("/useBy").asString(), "day of making is 1");
    assertEquals(7, lot.at("/daysLeft").asInt());
    assertFalse(lot.at("/coolingRecorded").asBoolean());
    JsonNode frozen = ok(move(lot, FREEZER));
    assertEquals("FROZEN", frozen.at("/state").asString());
    assertTrue(frozen.at("/useBy").isMissingNode() || frozen.at("/useBy").isNull());
    JsonNode wanted =
        ok(
            app.put(
                "/api/lots/" + lot.at("/id").asString() + "/wanted",
                "{\"at\":\"%s\"}".formatted(Instant.now().plus(Duration.ofDays(4)))));
    Instant moveBy = Instant.parse(wanted.at("/moveBy").asString());
    assertTrue(moveBy.isBefore(Instant.now().plus(Duration.ofDays(4))), "thawing takes its time");
    JsonNode thawed = ok(move(lot, WALK_IN));
    assertEquals("CHILLED", thawed.at("/state").asString());
    assertEquals(409, move(lot, FREEZER).status());
  }

  @Test
  void whatIsPastItsDateIsNotUsed() {
    JsonNode lot = putAway("larder-base", 2, WALK_IN);
    UUID id = UUID.fromString(lot.at("/id").asString());
    database.update("update lot set made_on = made_on - 7 where id = ?", id);
    assertEquals(409, use(lot, 1, "staff meal").status());
    assertEquals("/reason", write(lot, "discards", "\"reason\":\" \"").pointer());
    JsonNode gone = ok(write(lot, "discards", "\"reason\":\"past its date\""));
    assertEquals("GONE", gone.at("/state").asString());
    assertEquals(409, use(lot, 1, "staff meal").status(), "nothing is left");
  }

  /** Mass never appears: what was put away is what is left, used, thrown away or in a child. */
  @Test
  void massNeverAppears() {
    SplittableRandom chance = new SplittableRandom(7);
    List<JsonNode> lots = new ArrayList<>();
    double put = 0;
    for (int i = 0; i < 3; i++) {
      double kilograms = 2 + chance.nextDouble(4);
      put += kilograms;
      lots.add(putAway("thin-for-sheets", kilograms, WALK_IN));
    }
    double used = 0;
    for (int step = 0; step < 40; step++) {
      int pick = chance.nextInt(lots.size());
      JsonNode lot = ok(app.get("/api/lots/" + lots.get(pick).at("/id").asString()));
      double left = lot.at("/massKilograms").asDouble();
      if (left < 0.1) {
        continue;
      }
      double some = left * chance.nextDouble(0.1, 0.6);
      if (chance.nextInt(3) > 0) {
        used += some;
        ok(use(lot, some, "step " + step));
      } else {
        lots.add(
            ok(
                write(
                    lot,
                    "splits",
                    "\"massKilograms\":%s,\"massText\":\"\",\"placeId\":\"%s\""
                        .formatted(some, WALK_IN))));
      }
    }
    double left = 0;
    for (JsonNode lot : lots) {
      left += ok(app.get("/api/lots/" + lot.at("/id").asString())).at("/massKilograms").asDouble();
    }
    assertEquals(put, left + used, 1e-9);
  }

  @Test
  void lotsOfOneSauceBecomeOneAsOldAsTheOldest() {
    JsonNode older = putAway("tight-for-layers", 1.5, WALK_IN);
    JsonNode newer = putAway("tight-for-layers", 2, WALK_IN);
    JsonNode other = putAway("larder-base", 2, WALK_IN);
    database.update(
        "update lot set made_on = made_on - 3 where id = ?",
        UUID.fromString(older.at("/id").asString()));
    assertEquals("/lotIds", merge(newer, other).pointer());
    JsonNode one = ok(merge(older, newer));
    assertEquals(3.5, one.at("/massKilograms").asDouble(), 1e-9);
    assertEquals(4, one.at("/daysLeft").asInt());
    assertEquals(
        "GONE", ok(app.get("/api/lots/" + older.at("/id").asString())).at("/state").asString());
    JsonNode from = ok(app.get("/api/lots/" + one.at("/id").asString() + "/trace")).at("/from");
    assertEquals(2, from.size());
    Answer tooMuch = use(one, 9, "feast");
    assertEquals("/massKilograms", tooMuch.pointer());
    assertEquals("/dish", use(one, 1, " ").pointer());
  }

  private Answer merge(JsonNode first, JsonNode second) {
    return app.post(
        "/api/lots/mergers",
        "{\"id\":\"%s\",\"lotIds\":[\"%s\",\"%s\"],%s}"
            .formatted(
                UUID.randomUUID(),
                first.at("/id").asString(),
                second.at("/id").asString(),
                stamp(0)));
  }

  /** A tub goes into a pot on the stove: the pot grows by it, and both are traced. */
  @Test
  void aTubGoesIntoAPot() {
    JsonNode lot = putAway("larder-base", 3, WALK_IN);
    String pot = "0d3f1c52-0000-4000-8000-000000000041";
    double before = pot(pot).at("/forecast/endMassKilograms").asDouble();
    ok(
        write(
            lot,
            "uses",
            "\"massKilograms\":1,\"massText\":\"\",\"dish\":\"\",\"batchId\":\"%s\""
                .formatted(pot)));
    JsonNode after = pot(pot);
    assertEquals(
        before + 1,
        after.at("/forecast/endMassKilograms").asDouble(),
        0.08,
        "it is about as thick as the pot will be");
    assertTrue(after.toString().contains("Larder base from a tub"));
    assertEquals(
        2,
        ok(app.get("/api/lots/" + lot.at("/id").asString())).at("/massKilograms").asDouble(),
        1e-9);
    JsonNode to = ok(app.get("/api/lots/" + lot.at("/id").asString() + "/trace")).at("/to");
    assertEquals(pot, to.at("/0/id").asString());
    JsonNode ready = ok(app.get("/api/lots/ready?formulaId=larder-base&kilograms=6&covers=34"));
    double there = ready.at("/massKilograms").asDouble();
    assertTrue(there >= 2 && there <= 6, ready.toString());
    assertEquals((int) Math.ceil(34 * (1 - there / 6) - 1e-6), ready.at("/restCovers").asInt());
  }

  private JsonNode pot(String id) {
    return ok(app.get("/api/batches/" + id));
  }

  /** From the can to the dish and back: a recall finds all of it. */
  @Test
  void tracedBothWays() {
    String code = "L" + UUID.randomUUID().toString().substring(0, 8);
    ok(
        app.post(
            "/api/lots/sources/" + MADE,
            "{\"id\":\"%s\",\"ingredientId\":\"canned-whole-tomato\",\"code\":\"%s\"}"
                .formatted(UUID.randomUUID(), code)));
    JsonNode lot =
        ok(
            app.post(
                "/api/lots",
                "{\"id\":\"%s\",\"what\":{\"batchId\":\"%s\",\"massKilograms\":3,\"massText\":\"\"},\"uncooledBecause\":\"in the ice bath, by eye\",\"moreBecause\":\"weighed again\",\"tubCubicMeters\":0.001,\"tubText\":\"1 l\",\"placeId\":\"%s\",%s}"
                    .formatted(UUID.randomUUID(), MADE, WALK_IN, stamp(0))));
    ok(use(lot, 1, "baked pasta, Thursday"));
    JsonNode trace = ok(app.get("/api/lots/" + lot.at("/id").asString() + "/trace"));
    assertTrue(trace.at("/from").toString().contains(code), trace.toString());
    assertTrue(trace.at("/from").toString().contains("Plain marinara"));
    assertTrue(trace.at("/to").toString().contains("baked pasta, Thursday"));
    JsonNode recall = ok(app.get("/api/lots/recall?code=" + code.toLowerCase(Locale.ROOT)));
    assertTrue(recall.toString().contains(lot.at("/code").asString()));
    assertTrue(recall.toString().contains("baked pasta, Thursday"));
    assertEquals(0, ok(app.get("/api/lots/recall?code=unheard-of")).size());
  }

  /** Food Code 3-203.12: ninety days from the day on which the last of it was sold or served. */
  @Test
  void aTagIsKeptFromTheLastUse() {
    String tag =
        "{\"id\":\"%s\",\"ingredientId\":\"mussels\",\"code\":\"T1\"}".formatted(UUID.randomUUID());
    ok(app.post("/api/lots/sources/" + MADE, tag));
    JsonNode lot = ofBatch(MADE);
    String last = last(ok(app.get("/api/lots/sources/" + MADE)));
    assertTrue(last.startsWith("some is in tubs: keep the tag past "), last);
    ok(use(lot, 1, "supper"));
    String day =
        DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH)
            .format(LocalDate.now(ZoneId.of("Europe/Zurich")).plusDays(90));
    String past = last(ok(app.get("/api/lots/sources/" + MADE)));
    assertTrue(past.contains(day), "counted from today's supper: " + past);
  }

  private static String last(JsonNode sources) {
    return sources.get(sources.size() - 1).at("/words").asString();
  }

  /** Tubs of two batches in one: a code of either finds the dish that the merged lot went to. */
  @Test
  void aRecallGoesThroughMergedLots() {
    String simmering = "0d3f1c52-0000-4000-8000-000000000041";
    String code = "M" + UUID.randomUUID().toString().substring(0, 8);
    for (String batch : List.of(MADE, simmering)) {
      ok(
          app.post(
              "/api/lots/sources/" + batch,
              "{\"id\":\"%s\",\"ingredientId\":\"canned-whole-tomato\",\"code\":\"%s\"}"
                  .formatted(UUID.randomUUID(), code + batch.substring(34))));
    }
    JsonNode one = ok(merge(ofBatch(MADE), ofBatch(simmering)));
    ok(use(one, 1, "supper of both"));
    for (String batch : List.of(MADE, simmering)) {
      JsonNode recall = ok(app.get("/api/lots/recall?code=" + code + batch.substring(34)));
      assertTrue(recall.toString().contains(one.at("/code").asString()), recall.toString());
      assertTrue(recall.toString().contains("supper of both"), recall.toString());
    }
  }

  /** Cooked, a meal takes what it counted in, of the oldest first, and says what for. */
  @Test
  void aMealTakesItsBaseFromTubsOnce() {
    JsonNode lot = putAway("slow-passata", 1.2, WALK_IN);
    String meal = "/api/meals/" + UUID.randomUUID();
    String sheet =
        """
        {"name":"Observers' supper","packGoal":"LEAST_COST","dishes":[{"formulaId":"ridge-ragu","schools":[],"covers":200,"servingMassKilograms":0.13,"servingText":"130 g","groups":[],"baseFormulaId":"slow-passata"}]}""";
    JsonNode planned = ok(app.put(meal, sheet, "If-Match", "0")).at("/bases/0");
    assertTrue(planned.toString().contains(lot.at("/code").asString()), planned.toString());
    double wanted = planned.at("/fromTubsKilograms").asDouble();
    assertTrue(wanted >= 1.2, "this lot and the demo's frozen one");
    String cooked = meal + "/cooked/" + UUID.randomUUID();
    ok(app.post(cooked, "{}"));
    ok(app.post(cooked, "{}"));
    JsonNode after = app.get("/api/lots/" + lot.at("/id").asString()).body();
    assertEquals("GONE", after.at("/state").asString());
    assertEquals(1, after.at("/events").toString().split("Observers' supper", -1).length - 1);
  }

  /** The demo has cream that is open, and tubs that are due. */
  @Test
  void whatIsOpenOrDueGivesIdeasThatTakeIt() {
    JsonNode lot = putAway("larder-base", 2, WALK_IN);
    database.update(
        "update lot set made_on = made_on - 5 where id = ?",
        UUID.fromString(lot.at("/id").asString()));
    JsonNode ideas = ok(app.get("/api/lots/ideas"));
    assertTrue(ideas.size() >= 1 && ideas.size() <= 6, ideas.toString());
    for (JsonNode idea : ideas) {
      assertTrue(idea.at("/covers").asInt() >= 1);
      assertTrue(
          idea.at("/takes/0/massKilograms").asDouble()
              <= idea.at("/takes/0/thereKilograms").asDouble() + 1e-9);
    }
    assertTrue(ideas.toString().contains("\"baseFormulaId\":\"larder-base\""), ideas.toString());
  }

  private JsonNode ofBatch(String batch) {
    return ok(
        app.post(
            "/api/lots",
            "{\"id\":\"%s\",\"what\":{\"batchId\":\"%s\",\"massKilograms\":1.5,\"massText\":\"\"},\"uncooledBecause\":\"in the ice bath, by eye\",\"moreBecause\":\"weighed again\",\"tubCubicMeters\":0.001,\"tubText\":\"1 l\",\"placeId\":\"%s\",%s}"
                .formatted(UUID.randomUUID(), batch, WALK_IN, stamp(0))));
  }

  /** Printed, photographed, read: the code leads to the lot. */
  @Test
  void labelsAreReadByACamera() throws Exception {
    JsonNode lot = putAway("ridge-ragu", 4, WALK_IN);
    byte[] pdf = app.bytes("/api/lots/" + lot.at("/id").asString() + "/labels.pdf");
    try (PDDocument document = Loader.loadPDF(pdf)) {
      String text = new PDFTextStripper().getText(document);
      assertEquals(lot.at("/tubs").asInt(), text.split(lot.at("/code").asString(), -1).length - 1);
      assertTrue(text.contains("contains") && text.contains("milk"), text);
      assertTrue(text.contains("use by"));
      BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, 200);
      BufferedImage first = page.getSubimage(0, 0, page.getWidth() / 3, page.getHeight() / 7);
      String read =
          new QRCodeReader()
              .decode(
                  new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(first))))
              .getText();
      assertTrue(read.endsWith("/keep/lots/" + lot.at("/id").asString()), read);
    }
  }
}
