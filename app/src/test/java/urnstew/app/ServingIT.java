package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.StreamSupport;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;

/** What goes with a dish: bought, declared, cooked to the hour, and what it does to the sauce. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class ServingIT {
  private static final String SPAGHETTI =
      """
      {"covers":34,"pasta":{"shapeId":"spaghetti","rawMassEachKilograms":0.1,
       "rawEachText":"100 g","startCelsius":20,"dressing":"IN_THE_PAN","litersPerKilogram":8,
       "saltGramsPerLiter":10,"waterCelsius":12}}""";
  private static final String STEAK =
      """
      {"covers":%d,"piece":{"cutId":"%s","piecesEach":1,"thicknessMeters":%s,"startCelsius":5,
       "before":[],"medium":"POACH","mediumCelsius":88,"coreCelsius":%s,"readings":[%s]}}""";
  private static final String TRAY =
      """
      {"covers":8,"tray":{"traySizeId":"gn-half","trays":1,"sheetId":"dry-no-boil",
       "sheetsMassKilograms":0.3,"layers":4,"fillings":[{"fillingId":"ricotta-drained",
       "massKilograms":0.4}],"ovenCelsius":185,"fan":false,"coveredMinutes":45,"openMinutes":15,
       "startCelsius":20,"coreCelsius":74}}""";

  private static final String CHEESE =
      """
      {"covers":%d,"goods":{"ingredientId":"%s","massEachKilograms":%s,"eachText":"as typed",
       "overSauce":%s}}""";

  private final RunningApplication app;

  @Autowired
  ServingIT(@LocalServerPort int port) {
    this.app = new RunningApplication(port);
  }

  private static String meal(
      String formula, int covers, String target, String groups, String besides) {
    return """
        {"name":"Served","packGoal":"LEAST_COST","servedLocalTime":"18:30","dishes":[
         {"formulaId":"%s","schools":[],"covers":%d,"servingMassKilograms":0.15,
          "servingText":"150 g"%s,"groups":[%s],"besides":[%s]}]}"""
        .formatted(formula, covers, target, groups, besides);
  }

  private RunningApplication.Answer preview(String meal) {
    return app.post("/api/meals/" + UUID.randomUUID() + "/preview", meal);
  }

  private JsonNode dish(String meal) {
    return preview(meal).body().at("/dishes/0");
  }

  private static String steak(int covers, String cut, double meters, int core, String readings) {
    return STEAK.formatted(covers, cut, meters, core, readings);
  }

  @Test
  void spaghettiForThirtyFourToThePlate() {
    JsonNode body = preview(meal("plain-marinara", 34, "", "", SPAGHETTI)).body();
    JsonNode pasta = body.at("/dishes/0/besides/0/pasta");
    assertEquals(92.1, pasta.at("/boilingCelsius").asDouble(), 0.3);
    assertEquals(1.26, pasta.at("/slowerFactor").asDouble(), 0.02);
    assertTrue(pasta.at("/drops").asInt() >= 1);
    long lit = pasta.at("/litBeforeSeconds").asLong();
    long drop = pasta.at("/dropBeforeSeconds").asLong();
    assertTrue(lit > drop && drop > pasta.at("/tasteBeforeSeconds").asLong());
    assertTrue(pasta.at("/ladleMassKilograms").asDouble() > 0, "what it drinks is made up for");
    double bought =
        StreamSupport.stream(body.at("/shopping").spliterator(), false)
            .filter(one -> one.at("/ingredientId").asString().equals("pasta-dry"))
            .mapToDouble(one -> one.at("/neededMassKilograms").asDouble())
            .sum();
    assertEquals(3.4, bought, 1e-9);
    assertTrue(body.at("/dishes/0/plates/0/massKilograms").asDouble() > 0.35);
    JsonNode cost = body.at("/dishes/0/plateCost");
    assertTrue(cost.at("/least").asDouble() <= cost.at("/asServed").asDouble());
    assertTrue(cost.at("/most").asDouble() >= cost.at("/asServed").asDouble());
  }

  private static String cheese(int covers, String ingredient, double each, boolean over) {
    return CHEESE.formatted(covers, ingredient, each, over);
  }

  /** What the sauce tastes of as it is eaten follows the ladle and the cheese, and nothing else. */
  @Test
  void thePlateIsBalancedWithItsPastaWaterAndCheese() {
    JsonNode plain = salt(dish(meal("plain-marinara", 4, "", "", "")));
    assertEquals(plain.at("/now").asDouble(), plain.at("/after").asDouble(), 1e-12);
    String grated = cheese(4, "hard-cheese", 0.012, true);
    JsonNode dish = dish(meal("plain-marinara", 4, "", "", grated));
    JsonNode over = salt(dish);
    assertEquals(plain.at("/now").asDouble(), over.at("/now").asDouble(), 1e-12);
    assertTrue(over.at("/after").asDouble() > over.at("/now").asDouble() + 0.1);
    assertTrue(dish.at("/declaration/allergens").toString().contains("MILK"));
    assertEquals("Hard grating cheese", dish.at("/plates/0/shares/1/name").asString());
    JsonNode beside =
        salt(dish(meal("plain-marinara", 4, "", "", grated.replace("true", "false"))));
    assertEquals(beside.at("/now").asDouble(), beside.at("/after").asDouble(), 1e-12);
    JsonNode tossed = salt(dish(meal("plain-marinara", 34, "", "", SPAGHETTI)));
    assertTrue(tossed.at("/after").asDouble() != tossed.at("/now").asDouble());
    String some = SPAGHETTI + "," + cheese(2, "hard-cheese", 0.012, true);
    JsonNode plates = dish(meal("plain-marinara", 34, "", "", some)).at("/plates");
    assertEquals(2, plates.size());
    assertEquals(2, plates.at("/1/covers").asInt());
    assertTrue(plates.at("/1/shares").size() > plates.at("/0/shares").size());
  }

  private static JsonNode salt(JsonNode dish) {
    JsonNode first = dish.at("/plates/0/tastes/0");
    assertEquals("SALT", first.at("/taste").asString());
    return first;
  }

  /**
   * 40 meals of any sauces with anything beside them: what is bought is declared, what goes with a
   * dish is on the list of what is taken for it to the gram, and who leaves it out is told.
   */
  @Test
  void nothingThatGoesWithADishIsForgotten() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(40);
    Map<String, JsonNode> goods = new HashMap<>();
    app.get("/api/pantry/ingredients")
        .body()
        .forEach(one -> goods.put(one.at("/id").asString(), one));
    for (int i = 0; i < 40; i++) {
      int covers = random.nextInt(4, 12);
      List<String> besides = new ArrayList<>();
      for (int n = random.nextInt(1, 4); n > 0; n--) {
        besides.add(anything(random, covers));
      }
      String group =
          "{\"name\":\"apart\",\"covers\":1,\"avoid\":[{\"kind\":\"ALLERGEN\",\"key\":\"%s\"}]}"
              .formatted(List.of("MILK", "FISH", "WHEAT").get(random.nextInt(3)));
      String sauce = List.of("plain-marinara", "ridge-ragu", "cellar-cheek").get(i % 3);
      String written = meal(sauce, covers, "", group, String.join(",", besides));
      RunningApplication.Answer answer = preview(written);
      assertEquals(200, answer.status(), () -> written + answer.body());
      expectNothingForgotten(answer.body(), goods, written);
      double more =
          needed(answer.body()) - needed(preview(meal(sauce, covers, "", group, "")).body());
      double raw = sum(answer.body().at("/dishes/0/besides"), "/rawMassKilograms");
      assertTrue(more > 0.999 * raw && more < 1.7 * raw, () -> more + " for " + raw + written);
    }
  }

  private static double needed(JsonNode meal) {
    return sum(meal.at("/shopping"), "/neededMassKilograms");
  }

  private static double sum(JsonNode all, String of) {
    return StreamSupport.stream(all.spliterator(), false)
        .mapToDouble(one -> one.at(of).asDouble())
        .sum();
  }

  private static String anything(RandomGenerator random, int covers) {
    int some = random.nextInt(1, covers + 1);
    return switch (random.nextInt(4)) {
      case 0 -> SPAGHETTI.replace("34", String.valueOf(some));
      case 1 ->
          steak(some, List.of("cod-steak", "prawn", "chicken-thigh").get(some % 3), 0.02, 76, "");
      case 2 -> TRAY.replace("\"covers\":8", "\"covers\":" + some);
      default ->
          cheese(
              some,
              List.of("hard-cheese", "anchovy", "almonds").get(some % 3),
              0.012,
              some % 2 == 0);
    };
  }

  private static void expectNothingForgotten(
      JsonNode body, Map<String, JsonNode> goods, String written) {
    JsonNode dish = body.at("/dishes/0");
    String told = dish.at("/declaration/allergens").toString();
    for (JsonNode line : body.at("/shopping")) {
      JsonNode one = Objects.requireNonNull(goods.get(line.at("/ingredientId").asString()));
      for (JsonNode allergen : one.at("/content/allergens")) {
        if (!allergen.asString().equals("SULPHITES")) {
          assertTrue(told.contains(allergen.asString()), () -> allergen + " untold: " + written);
        }
      }
    }
    for (JsonNode beside : dish.at("/besides")) {
      boolean forAll = beside.at("/covers").asInt() == dish.at("/covers").asInt();
      boolean not =
          dish.at("/branches/0/without").toString().contains(beside.at("/name").asString());
      if (forAll && not) {
        assertTrue(
            beside.at("/warnings").toString().contains("count it for"), () -> beside + written);
      }
    }
  }

  /** Browned first, done in the sauce: in the drop list with what is left to do. */
  @Test
  void whatIsBrownedFirstIsInTheDropListToo() {
    String raw = steak(4, "ball", 0.04, 71, "");
    String pan = "\"before\":[{\"medium\":\"PAN\",\"mediumCelsius\":180,\"minutes\":4}]";
    JsonNode alone = dish(meal("plain-marinara", 4, "", "", raw)).at("/drops/drops/0");
    JsonNode browned =
        dish(meal("plain-marinara", 4, "", "", raw.replace("\"before\":[]", pan)))
            .at("/drops/drops/0");
    assertTrue(
        browned.at("/beforeSeconds").asLong() < alone.at("/beforeSeconds").asLong() - 60,
        browned.toString());
  }

  @Test
  void aProbeInTheWaterMovesItsBoil() {
    String read = ",\"waterReading\":{\"minutes\":10,\"waterCelsius\":%s}}}";
    String slow = SPAGHETTI.strip().replaceFirst("}}$", read.formatted("25"));
    JsonNode pasta = dish(meal("plain-marinara", 34, "", "", slow)).at("/besides/0/pasta");
    assertTrue(
        pasta.at("/toTheBoil/likelySeconds").asLong()
            > pasta.at("/reckonedToTheBoilSeconds").asLong());
    String cold = SPAGHETTI.strip().replaceFirst("}}$", read.formatted("5"));
    assertEquals(
        "/dishes/0/besides/0/pasta/waterReading",
        preview(meal("plain-marinara", 34, "", "", cold)).pointer());
  }

  @Test
  void whatGoesWithItIsDeclared() {
    assertFalse(wheat(meal("plain-marinara", 34, "", "", "")));
    assertTrue(wheat(meal("plain-marinara", 34, "", "", SPAGHETTI)));
  }

  private boolean wheat(String meal) {
    return dish(meal).at("/declaration/allergens").toString().contains("WHEAT");
  }

  @Test
  void oneOfFourEatsAnotherProtein() {
    String noFish =
        "{\"name\":\"without fish\",\"covers\":1,\"avoid\":[{\"kind\":\"ALLERGEN\",\"key\":\"FISH\"}]}";
    String fish = steak(4, "cod-steak", 0.025, 57, "");
    JsonNode forFour = dish(meal("plain-marinara", 4, "", noFish, fish));
    String warning = forFour.at("/besides/0/warnings/0").asString();
    assertTrue(warning.contains("count it for 3"), warning);
    String three =
        steak(3, "cod-steak", 0.025, 57, "") + "," + steak(1, "chicken-thigh", 0.025, 78, "");
    JsonNode body = preview(meal("plain-marinara", 4, "", noFish, three)).body();
    assertTrue(body.at("/dishes/0/besides/0/warnings").isEmpty());
    String apart = body.at("/dishes/0/besides/1/warnings/0").asString();
    assertTrue(apart.contains("apart from White fish steak"), apart);
    assertEquals(
        "White fish steak", body.at("/dishes/0/branches/0/without/0").asString(), "said of them");
    assertEquals(3, body.at("/dishes/0/besides/0/piece/count").asInt());
    JsonNode piece = body.at("/dishes/0/besides/0/piece");
    assertTrue(piece.at("/rule/enoughSeconds").asLong() > piece.at("/outSeconds").asLong());
    assertTrue(body.at("/dishes/0/sauceBefore/waterKilograms").asDouble() > 0, "juice comes");
    assertTrue(
        body.at("/dishes/0/sauceBefore/solidsFraction").asDouble()
            > body.at("/dishes/0/sauceBefore/nowFraction").asDouble());
    assertEquals(1, body.at("/dishes/0/drops/drops").size(), "not in one pot");
    assertEquals(2, body.at("/dishes/0/plates").size(), "one with fish, one without");
    assertEquals(3, body.at("/dishes/0/plates/0/covers").asInt());
    JsonNode probed =
        dish(
            meal(
                "plain-marinara",
                4,
                "",
                noFish,
                steak(3, "cod-steak", 0.025, 57, "{\"minutes\":5,\"coreCelsius\":20}")));
    assertTrue(
        probed.at("/besides/0/piece/core/likelySeconds").asLong()
            > piece.at("/core/likelySeconds").asLong(),
        "colder than told: later");
  }

  @Test
  void aTrayThatLacksWaterIsMendedByItsSauce() {
    JsonNode tight = dish(meal("plain-marinara", 8, "", "", TRAY));
    assertEquals("SHORT", tight.at("/besides/0/tray/verdict").asString());
    assertTrue(tight.at("/besides/0/tray/ways").size() >= 1);
    double thinner = tight.at("/sauceBefore/solidsFraction").asDouble();
    assertTrue(thinner < tight.at("/sauceBefore/nowFraction").asDouble());
    JsonNode mended =
        dish(meal("plain-marinara", 8, ",\"targetSolidsFraction\":" + thinner, "", TRAY));
    assertEquals("RIGHT", mended.at("/besides/0/tray/verdict").asString(), "lacks no more");
    assertTrue(mended.at("/sauceBefore").isMissingNode() || mended.at("/sauceBefore").isNull());
  }

  @Test
  void whatIsWrittenIsKept() {
    UUID id = UUID.randomUUID();
    String written = meal("plain-marinara", 34, "", "", SPAGHETTI);
    assertEquals(200, app.put("/api/meals/" + id, written, "If-Match", "0").status());
    JsonNode sheet = app.get("/api/meals/" + id).body().at("/sheet");
    assertEquals("18:30", sheet.at("/servedLocalTime").asString().substring(0, 5));
    assertEquals("spaghetti", sheet.at("/dishes/0/besides/0/pasta/shapeId").asString());
  }

  /** On paper too nobody gets what they must not have. */
  @Test
  void whatGoesWithItIsPrinted() throws IOException {
    UUID id = UUID.randomUUID();
    String noFish =
        "{\"name\":\"without fish\",\"covers\":1,\"avoid\":[{\"kind\":\"ALLERGEN\",\"key\":\"FISH\"}]}";
    String both =
        SPAGHETTI.replace("\"covers\":34", "\"covers\":4")
            + ","
            + steak(3, "cod-steak", 0.025, 57, "");
    String written = meal("plain-marinara", 4, "", noFish, both);
    assertEquals(200, app.put("/api/meals/" + id, written, "If-Match", "0").status());
    try (PDDocument pdf = Loader.loadPDF(app.bytes("/api/meals/" + id + "/print.pdf"))) {
      String text = new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
      assertTrue(text.contains("Spaghetti"), text);
      assertTrue(text.contains("before the plates: light"), text);
      assertTrue(text.contains("3 pieces"), text);
      assertTrue(text.contains("Not for them: White fish steak"), text);
      assertFalse(text.contains("what everybody eats"), text);
    }
  }

  @Test
  void badInputNamesItsField() {
    assertEquals(
        "/dishes/0/besides/0/piece/thicknessMeters",
        preview(meal("plain-marinara", 4, "", "", steak(4, "cod-steak", 0.4, 57, ""))).pointer());
    RunningApplication.Answer never =
        preview(meal("plain-marinara", 4, "", "", steak(4, "ball", 0.043, 90, "")));
    assertEquals("/dishes/0/besides/0/piece/coreCelsius", never.pointer());
    assertTrue(never.body().toString().contains("88 °C sauce, 90 wanted"), never.body().toString());
    assertEquals(
        "/dishes/0/besides/0/covers",
        preview(meal("plain-marinara", 4, "", "", steak(-2, "cod-steak", 0.02, 57, ""))).pointer());
    assertEquals(
        "/dishes/0/besides/0/covers",
        preview(meal("plain-marinara", 4, "", "", steak(6, "cod-steak", 0.02, 57, ""))).pointer());
    assertEquals(
        "/dishes/0/besides/0/pasta/litersPerKilogram",
        preview(
                meal(
                    "plain-marinara",
                    34,
                    "",
                    "",
                    SPAGHETTI.replace("Kilogram\":8", "Kilogram\":80")))
            .pointer());
    assertEquals(
        "/dishes/0/besides/0/goods/massEachKilograms",
        preview(meal("plain-marinara", 4, "", "", cheese(4, "hard-cheese", 3, true))).pointer());
    assertEquals(
        "/dishes/0/besides/0/goods/ingredientId",
        preview(meal("plain-marinara", 4, "", "", cheese(4, "moon-cheese", 0.01, true))).pointer());
  }

  @Test
  void partsBothWays() {
    JsonNode dozen =
        app.post("/api/serving/parts/balls", "{\"mixMassKilograms\":0.68,\"count\":12}").body();
    assertEquals(0.047, dozen.at("/diameterMeters").asDouble(), 0.0005);
    JsonNode soft =
        app.post(
                "/api/serving/parts/dough",
                "{\"flourMassKilograms\":0.25,\"eggCount\":3,\"eggMassKilograms\":0.05,\"thicknessMeters\":0.001}")
            .body();
    assertEquals("SOFT", soft.at("/feel").asString());
    JsonNode white =
        app.post(
                "/api/serving/parts/white-sauce",
                "{\"flourMassKilograms\":0.053,\"thickness\":\"MEDIUM\",\"cookedLong\":false}")
            .body();
    assertEquals(1, white.at("/milkMassKilograms").asDouble(), 0.05);
    JsonNode polenta =
        app.post(
                "/api/serving/parts/polenta",
                "{\"cookedMassKilograms\":2,\"waterToGrainFraction\":4,\"grind\":\"COARSE\"}")
            .body();
    assertTrue(polenta.at("/cuts").asBoolean());
    assertEquals(
        "/flourMassKilograms",
        app.post(
                "/api/serving/parts/dough", "{\"eggMassKilograms\":0.05,\"thicknessMeters\":0.001}")
            .pointer());
    JsonNode tables = app.get("/api/serving/tables").body();
    assertTrue(tables.at("/shapes").size() >= 20 && tables.at("/cuts").size() >= 25);
  }
}
