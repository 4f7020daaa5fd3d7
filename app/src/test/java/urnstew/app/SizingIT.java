package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** The size of a batch from every side: covers, what there is, the pot, whole cans, the clock. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class SizingIT {
  private static final String SMALL_MEAL =
      "{\"name\":\"Small\",\"packGoal\":\"LEAST_COST\",\"dishes\":[{\"formulaId\":\"plain-marinara\",\"schools\":[],\"covers\":10,\"servingMassKilograms\":0.12,\"servingText\":\"120 g\",\"groups\":[]}]}";

  private static final String NOTHING = "\"sizedBy\":\"COVERS\",\"covers\":34,\"available\":[]";

  private final RunningApplication app;

  @Autowired
  SizingIT(@LocalServerPort int port) {
    this.app = new RunningApplication(port);
  }

  @Test
  void aBatchTooLargeForItsPotIsRefusedAndSharedOverAsManyAsHoldIt() {
    String plan = Requests.plan(app).replace("\"covers\":34", "\"covers\":140");
    RunningApplication.Answer answer = app.post("/api/plans/preview", plan);
    assertEquals("/vesselId", answer.pointer());
    String remedy = answer.body().at("/errors/0/remedy").asString();
    assertTrue(remedy.contains("share it over 2 pots"), remedy);
    JsonNode shares = app.post("/api/plans/shares", plan).body();
    assertEquals(2, shares.size());
    assertEquals(140, shares.at("/0/covers").asDouble() + shares.at("/1/covers").asDouble(), 1e-9);
    for (JsonNode share : shares) {
      String here =
          plan.replace("\"covers\":140", "\"covers\":" + share.at("/covers").asInt())
              .replaceFirst(
                  "\"vesselId\":\"[^\"]+", "\"vesselId\":\"" + share.at("/vesselId").asString());
      assertTrue(preview(here).at("/plan/fit/withinHeadroom").asBoolean(), "and each fits its pot");
    }
  }

  @Test
  void whatThereIsSaysHowManyItFeeds() {
    JsonNode forThirtyFour = preview(Requests.plan(app));
    double needed = purchase(forThirtyFour, "canned-whole-tomato");
    String half =
        sizedBy(
            "\"STOCK\",\"covers\":0,\"available\":[{\"ingredientId\":\"canned-whole-tomato\",\"massKilograms\":%s,\"text\":\"\"},{\"ingredientId\":\"garlic\",\"massKilograms\":40,\"text\":\"40 kg\"}]"
                .formatted(needed / 2));
    JsonNode sized = preview(half);
    assertEquals(17, sized.at("/plan/portions").asDouble(), 1e-6);
    assertTrue(sized.at("/fromStock/boundName").asString().contains("omato"));
    assertTrue(sized.at("/fromStock/unused/0/massKilograms").asDouble() > 35);
    RunningApplication.Answer rice =
        app.post("/api/plans/preview", half.replace("\"garlic\"", "\"polenta\""));
    assertEquals("/available", rice.pointer());
    RunningApplication.Answer none =
        app.post("/api/plans/preview", sizedBy("\"STOCK\",\"covers\":0,\"available\":[]"));
    assertEquals("/available", none.pointer());
  }

  @Test
  void thePotSaysHowManyItFeeds() {
    JsonNode full = preview(sizedBy("\"POT\",\"covers\":0,\"available\":[]"));
    assertTrue(full.at("/plan/portions").asDouble() > 34);
    assertTrue(full.at("/plan/fit/withinHeadroom").asBoolean());
    for (JsonNode stage : full.at("/stageFits")) {
      assertEquals("FITS", stage.at("/standing").asString(), stage.at("/title").asString());
    }
  }

  @Test
  void wholeCansStandBesideWhatIsNeeded() {
    JsonNode sizes = preview(Requests.plan(app)).at("/sizes");
    assertEquals(3, sizes.size());
    JsonNode up = sizes.at("/1");
    JsonNode down = sizes.at("/2");
    assertEquals("UP", up.at("/rounding").asString());
    assertEquals(0, up.at("/leftMassKilograms").asDouble(), 1e-9);
    assertEquals(0, down.at("/leftMassKilograms").asDouble(), 1e-9);
    assertTrue(sizes.at("/0/leftMassKilograms").asDouble() > 0);
    assertTrue(up.at("/portions").asDouble() > 34 && down.at("/portions").asDouble() < 34);
    JsonNode raised = preview(Requests.plan(app).replace("\"EXACT\"", "\"UP\""));
    assertEquals(up.at("/portions").asDouble(), raised.at("/plan/portions").asDouble(), 1e-9);
  }

  @Test
  void aFixedSimmerGivesTheThicknessAndWaysShowWhatGives() {
    String fixed =
        Requests.plan(app)
            .replace("\"targetSolidsFraction\":0.105", "\"targetSimmerSeconds\":1800")
            .replace("10.5 %", "30 min");
    JsonNode plan = preview(fixed).at("/plan");
    assertTrue(
        plan.at("/targetSolidsFraction").asDouble() > plan.at("/startSolidsFraction").asDouble());
    assertEquals(34, plan.at("/portions").asDouble(), 1e-6);
    JsonNode ways = app.post("/api/plans/ways", Requests.plan(app)).body();
    assertTrue(ways.at("/sooner").size() + ways.at("/later").size() > 2);
    assertEquals("otherWays", ways.at("/working/figure").asString());
  }

  @Test
  void aPortionCostsBetweenALightAndAGenerousHand() {
    JsonNode cost = preview(Requests.plan(app)).at("/plan/cost");
    double light = cost.at("/lightPortion").asDouble();
    double generous = cost.at("/generousPortion").asDouble();
    double usual = cost.at("/usedPerPortion").asDouble();
    assertTrue(light < usual && usual < generous, light + " " + usual + " " + generous);
  }

  private String sizedBy(String with) {
    return Requests.plan(app).replace(NOTHING, "\"sizedBy\":" + with);
  }

  private JsonNode preview(String plan) {
    RunningApplication.Answer answer = app.post("/api/plans/preview", plan);
    assertEquals(200, answer.status(), answer.body().toString());
    return answer.body();
  }

  private static double purchase(JsonNode preview, String id) {
    for (JsonNode one : preview.at("/plan/purchases")) {
      if (one.at("/ingredientId").asString().equals(id)) {
        return one.at("/neededMassKilograms").asDouble();
      }
    }
    throw new AssertionError("no " + id);
  }

  @Test
  void aBaseIsMadeOnceAndSplitIntoDishesWithItsPromisesWatched() throws IOException {
    String meal = "/api/meals/" + UUID.randomUUID();
    String dish =
        "{\"formulaId\":\"%s\",\"schools\":[],\"covers\":%s,\"servingMassKilograms\":0.12,\"servingText\":\"120 g\",\"groups\":[%s],\"baseFormulaId\":\"%s\"}";
    String noOnion =
        "{\"name\":\"no onion\",\"covers\":2,\"avoid\":[{\"kind\":\"TRAIT\",\"key\":\"ONION\"}]}";
    String sheet =
        "{\"name\":\"Feast\",\"packGoal\":\"LEAST_COST\",\"dishes\":[%s,%s]}"
            .formatted(
                dish.formatted("plain-marinara", 20, noOnion, "larder-base"),
                dish.formatted("cellar-cheek", 12, "", "larder-base"));
    JsonNode made = app.put(meal, sheet, "If-Match", "0").body();
    assertEquals(1, made.at("/bases").size());
    double shares =
        made.at("/dishes/0/fromBase/shareMassKilograms").asDouble()
            + made.at("/dishes/1/fromBase/shareMassKilograms").asDouble();
    double inTubs = made.at("/bases/0/fromTubsKilograms").asDouble();
    assertTrue(inTubs > 0, "the demo has tubs of it");
    assertEquals(made.at("/bases/0/madeMassKilograms").asDouble() + inTubs, shares, 1e-6);
    double noted =
        StreamSupport.stream(made.at("/bases/0/tubs").spliterator(), false)
            .mapToDouble(tub -> tub.at("/massKilograms").asDouble())
            .sum();
    assertEquals(inTubs, noted, 1e-9, "each lot says what it gives");
    JsonNode whole =
        app.put(
                meal,
                sheet.replace("{\"name\":\"Feast\"", "{\"tubsStay\":true,\"name\":\"Feast\""),
                "If-Match",
                "1")
            .body();
    assertEquals(shares, whole.at("/bases/0/madeMassKilograms").asDouble(), 1e-9);
    assertEquals(0, whole.at("/bases/0/tubs").size());
    assertTrue(made.at("/dishes/0/fromBase/warnings").toString().contains("holds Onion"));
    assertTrue(made.at("/dishes/1/fromBase/warnings").toString().contains("without pork"));
    assertTrue(whole.at("/bases/0/placing/fits").size() > 0);
    for (JsonNode item : made.at("/shopping")) {
      assertTrue(!item.at("/ingredientId").asString().equals("canned-whole-tomato"));
    }
    RunningApplication.Answer dry =
        app.put(meal, sheet.replace("larder-base", "plain-polenta"), "If-Match", "2");
    assertEquals("/dishes/0/baseFormulaId", dry.pointer());
    List<String> rows =
        new String(app.bytes(meal + "/dishes.csv"), StandardCharsets.UTF_8).lines().toList();
    assertTrue(rows.get(1).startsWith("base Larder base,"), rows.get(1));
    assertEquals(2, rows.stream().filter(row -> row.contains("share of the base")).count());
    try (PDDocument printed = Loader.loadPDF(app.bytes(meal + "/print.pdf"))) {
      String text = new PDFTextStripper().getText(printed);
      for (String said : List.of("Base: Larder base", "when it is done", "in at '", "Guanciale")) {
        assertTrue(text.contains(said), said + " in " + text);
      }
    }
  }

  @Test
  void aCookedMealTakesItsStockAndLeavesItsOpenedPacksDated() {
    String lot = oil("20 g", 0.02);
    String meal = "/api/meals/" + UUID.randomUUID();
    JsonNode oil = item(app.put(meal, SMALL_MEAL, "If-Match", "0").body());
    String once = meal + "/cooked/" + UUID.randomUUID();
    JsonNode left = app.post(once, "{}").body();
    assertEquals(left, app.post(once, "{}").body(), "sent twice it happens once");
    JsonNode over = stock("olive-oil");
    assertEquals(
        oil.at("/leftMassKilograms").asDouble(), over.at("/massKilograms").asDouble(), 6e-4);
    assertTrue(!over.at("/id").asString().equals(lot), "the shut one is gone");
    assertTrue(over.at("/useBy").asString().compareTo(over.at("/openedOn").asString()) > 0);
    assertEquals("left: Small", over.at("/note").asString());
    left.at("/left").forEach(this::throwAway);
  }

  @Test
  void ofAShutLotTheOpenedBottleIsDatedAndTheOtherStaysShut() {
    String lot = oil("1826 g", 1.826);
    String meal = "/api/meals/" + UUID.randomUUID();
    double taken =
        item(app.put(meal, SMALL_MEAL, "If-Match", "0").body())
            .at("/fromStockKilograms")
            .asDouble();
    JsonNode left = app.post(meal + "/cooked/" + UUID.randomUUID(), "{}").body();
    int seen = 0;
    for (JsonNode one : app.get("/api/pantry/stock").body()) {
      if (one.at("/ingredientId").asString().equals("olive-oil")) {
        boolean shut = one.at("/id").asString().equals(lot);
        assertEquals(shut ? 0.913 : 0.913 - taken, one.at("/massKilograms").asDouble(), 6e-4);
        assertEquals(!shut, one.at("/useBy").isString(), "only the opened one has a date");
        seen++;
        throwAway(one);
      }
    }
    assertEquals(2, seen);
    left.at("/left").forEach(this::throwAway);
  }

  /** All the oil that there is: others leave some. */
  private String oil(String text, double kilograms) {
    for (JsonNode one : app.get("/api/pantry/stock").body()) {
      if (one.at("/ingredientId").asString().equals("olive-oil")) {
        throwAway(one);
      }
    }
    String lot = UUID.randomUUID().toString();
    app.post(
        "/api/pantry/stock",
        "{\"id\":\"%s\",\"ingredientId\":\"olive-oil\",\"massKilograms\":%s,\"massText\":\"%s\",\"note\":\"\",\"version\":0}"
            .formatted(lot, kilograms, text));
    return lot;
  }

  private void throwAway(JsonNode item) {
    String gone = "/api/pantry/stock/" + item.at("/id").asString() + "/gone?gone=true";
    app.put(gone, "", "If-Match", item.at("/version").asString());
  }

  private static JsonNode item(JsonNode meal) {
    for (JsonNode one : meal.at("/shopping")) {
      if (one.at("/ingredientId").asString().equals("olive-oil")) {
        return one;
      }
    }
    throw new AssertionError("no oil");
  }

  private JsonNode stock(String id) {
    for (JsonNode one : app.get("/api/pantry/stock").body()) {
      if (one.at("/ingredientId").asString().equals(id)) {
        return one;
      }
    }
    throw new AssertionError("no " + id);
  }
}
