package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Formulas written, versioned, sent and taken in; the pantry changed; a meal sized and printed. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class FormulasIT {
  private static final JsonMapper JSON = JsonMapper.shared();

  private final RunningApplication app;
  private final JdbcTemplate database;

  @Autowired
  FormulasIT(@LocalServerPort int port, JdbcTemplate database) {
    this.app = new RunningApplication(port);
    this.database = database;
  }

  private JsonNode sheet(String id) {
    return app.get("/api/formulas/" + id + "/sheet").body();
  }

  private RunningApplication.Answer write(String id, JsonNode sheet, int seen) {
    return app.put(
        "/api/formulas/" + id,
        "{\"sheet\":%s,\"note\":\"\"}".formatted(sheet),
        "If-Match",
        "" + seen);
  }

  private static JsonNode named(JsonNode sheet, String name) {
    return ((ObjectNode) sheet.deepCopy()).put("name", name);
  }

  @Test
  void everyShippedFormulaGoesOutAsAFileAndComesBackWithoutLoss() {
    for (JsonNode formula : app.get("/api/formulas").body()) {
      String id = formula.at("/id").asString();
      if (formula.at("/own").asBoolean()) {
        continue;
      }
      String file = app.send(app.request("/api/formulas/" + id + "/file").GET()).body();
      JsonNode recipe = JSON.readTree(file);
      assertEquals("Recipe", recipe.at("/@type").asString());
      assertTrue(recipe.at("/recipeIngredient").size() > 0, id);
      UUID copy = UUID.randomUUID();
      JsonNode taken = takeIn(copy, file);
      assertEquals(0, taken.at("/faults").size(), taken.toString());
      assertEquals(sheet(id), sheet(copy.toString()), id);
    }
  }

  private JsonNode takeIn(UUID id, String file) {
    return app.post(
            "/api/formulas/files",
            JSON.createObjectNode().put("id", id.toString()).put("text", file).toString())
        .body();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '~',
      value = {
        "not json at all~file",
        "{\"@type\":\"Article\"}~file",
        "{\"@type\":\"Recipe\",\"name\":\"x\"}~recipeIngredient",
        "{\"@type\":\"Recipe\",\"name\":\"x\",\"urnstew:sheet\":{\"name\":\"x\"}}~urnstew:sheet"
      })
  void aStrangeFileGivesAReportAndNeverAHalfFormula(String file, String where) {
    UUID id = UUID.randomUUID();
    JsonNode report = takeIn(id, file);
    assertEquals(where, report.at("/faults/0/where").asString());
    assertTrue(report.at("/faults/0/what").asString().length() > 10);
    assertEquals(422, app.get("/api/formulas/" + id + "/sheet").status());
  }

  @Test
  void somebodyElsesRecipeIsTakenInAndWhatIsNotUnderstoodStaysUnread() {
    UUID id = UUID.randomUUID();
    String file =
        """
        {"@graph":[{"@type":["Recipe"],"name":"Borrowed red","recipeIngredient":
        ["2 x 28 oz cans whole tomatoes","3 cloves garlic, minced","3 dragon hearts"],
        "recipeInstructions":[{"@type":"HowToStep","text":"Simmer until thick."}]}]}""";
    assertEquals(0, takeIn(id, file).at("/faults").size());
    assertEquals("Borrowed red", sheet(id.toString()).at("/name").asString());
    assertEquals(2, sheet(id.toString()).at("/stages/0/lines").size());
    assertEquals("3 dragon hearts", sheet(id.toString()).at("/stages/0/unread/0").asString());
  }

  @Test
  void versionsAreKeptAndAStaleOneIsRefused() {
    String id = UUID.randomUUID().toString();
    JsonNode first = named(sheet("plain-marinara"), "Ours");
    assertEquals(1, write(id, first, 0).body().at("/version").asInt());
    assertEquals(1, write(id, first, 0).body().at("/version").asInt(), "sent twice, written once");
    assertEquals(2, write(id, named(first, "Ours, better"), 1).body().at("/version").asInt());
    assertEquals(409, write(id, named(first, "Ours, stale"), 1).status());
    JsonNode old = app.get("/api/formulas/" + id + "/sheet?version=1").body();
    assertEquals("Ours", old.at("/name").asString());
    assertThrows(
        DataAccessException.class,
        () -> database.update("update formula_version set note = 'x' where formula_id = ?", id));
    assertEquals("shipped", write("plain-marinara", first, 0).code());
  }

  @ParameterizedTest
  @CsvSource({
    "/name,'\"\"',/name",
    "/stages/1/lines/0/massKilograms,-1,/stages/1/lines/0/massKilograms",
    "/stages/1/lines/0/massKilograms,0,/stages/1/lines/0/massKilograms",
    "/stages/1/lines/0/ingredientId,'\"dragon\"',/stages/1/lines/0/ingredientId",
    "/stages/0/minutes,9999,/stages/0/minutes",
    "/stages/0/ovenCelsius,200,/stages/0/ovenCelsius",
    "/targetSolidsFraction,0.6,/targetSolidsFraction"
  })
  void whatCannotBeMeantIsSaidAtItsField(String at, String value, String pointer) {
    ObjectNode sheet = (ObjectNode) sheet("plain-marinara").deepCopy();
    int slash = at.lastIndexOf('/');
    ((ObjectNode) sheet.at(at.substring(0, slash)))
        .set(at.substring(slash + 1), JSON.readTree(value));
    RunningApplication.Answer answer = app.post("/api/formulas/analysis", sheet.toString());
    assertEquals(422, answer.status());
    assertEquals(pointer, answer.pointer());
  }

  @Test
  void theKitchensOwnPricesAndLabelsAreLaidOverTheShippedOnes() {
    String id = "canned-diced-tomato";
    ObjectNode content = content(id);
    int version = ingredient(id).at("/version").asInt();
    ((ObjectNode) content.at("/packs/0")).put("price", 3.21);
    String path = "/api/pantry/ingredients/" + id;
    JsonNode changed = app.put(path, content.toString(), "If-Match", "" + version).body();
    assertEquals(3.21, changed.at("/content/packs/0/price").asDouble(), 1e-9);
    assertTrue(changed.at("/own").asBoolean());
    assertEquals(409, app.put(path, content.toString(), "If-Match", "" + version).status());
    content.put("waterFraction", 1.5);
    assertEquals(
        "/waterFraction",
        app.put(path, content.toString(), "If-Match", "" + (version + 1)).pointer());
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "waterFraction",
        "alcoholFraction",
        "proteinFraction",
        "fatFraction",
        "carbohydrateFraction",
        "fibreFraction",
        "saltFraction",
        "sugarsFraction",
        "sulphitesMilligramsPerKilogram"
      })
  void lessThanNothingIsRefusedByTheNameOfItsField(String field) {
    ObjectNode content = content("passata").put(field, -0.1);
    String path = "/api/pantry/ingredients/passata";
    String version = ingredient("passata").at("/version").asString();
    assertEquals("/" + field, app.put(path, content.toString(), "If-Match", version).pointer());
  }

  private JsonNode ingredient(String id) {
    for (JsonNode one : app.get("/api/pantry/ingredients").body()) {
      if (one.at("/id").asString().equals(id)) {
        return one;
      }
    }
    throw new AssertionError("no " + id);
  }

  private ObjectNode content(String id) {
    return (ObjectNode) ingredient(id).at("/content").deepCopy();
  }

  @Test
  void aTableGoesOutAndInRowByRow() {
    String table = app.send(app.request("/api/pantry/table").GET()).body();
    JsonNode same = takeTable(table);
    assertEquals(0, same.at("/faults").size(), same.toString());
    assertEquals(0, same.at("/taken").asInt(), "nothing new in it");
    String unique = "lava-" + UUID.randomUUID().toString().substring(0, 8);
    String rows =
        "id,name,kind,water,fat,protein,carbohydrate,packs\r\n"
            + unique
            + ",Lava paste,TOMATO,70,1,5,20,jar=200=4.5\r\n"
            + "broken,Broken,TOMATO,seventy,1,5,20,\r\n"
            + "odd,Odd,COMET,70,1,5,20,\r\n"
            + "heavy,Heavy,TOMATO,90,50,5,20,\r\n";
    JsonNode report = takeTable(rows);
    assertEquals(1, report.at("/taken").asInt(), report.toString());
    assertEquals(3, report.at("/faults").size(), report.toString());
    assertEquals(3, report.at("/faults/0/line").asInt());
    assertEquals("water", report.at("/faults/0/column").asString());
    assertEquals("kind", report.at("/faults/1/column").asString());
    assertEquals("water", report.at("/faults/2/column").asString(), "adds up to too much");
    assertEquals(4.5, ingredient(unique).at("/content/packs/0/price").asDouble(), 1e-9);
    assertEquals("file", takeTable("").at("/faults/0/column").asString("file"));
  }

  private JsonNode takeTable(String text) {
    return app.post("/api/pantry/table", JSON.createObjectNode().put("text", text).toString())
        .body();
  }

  @Test
  void anOpenedPackGetsItsDateAndLeavesTheShoppingList() throws IOException {
    UUID stock = UUID.randomUUID();
    String item =
        """
        {"id":"%s","ingredientId":"saffron","massKilograms":0.5,"massText":"500 g","openedOn":"2026-11-20","note":"","version":0}"""
            .formatted(stock);
    JsonNode stored = app.post("/api/pantry/stock", item).body();
    assertEquals("2027-11-20", stored.at("/useBy").asString(), "a year, as spices keep");
    UUID meal = UUID.randomUUID();
    JsonNode view =
        app.put(
                "/api/meals/" + meal,
                """
                {"name":"Night watch","packGoal":"LEAST_COST","dishes":[{"formulaId":"saffron-sea","schools":[],"covers":12,"servingMassKilograms":0.18,"servingText":"180 g","groups":[{"name":"no shells","covers":2,"avoid":[{"kind":"TRAIT","key":"SHELLFISH"}]}]}]}""",
                "If-Match",
                "0")
            .body();
    JsonNode saffron = item(view, "saffron");
    assertEquals(
        saffron.at("/neededMassKilograms").asDouble(),
        saffron.at("/fromStockKilograms").asDouble(),
        1e-12);
    assertEquals(0, saffron.at("/packs").size());
    assertEquals("Squid", view.at("/dishes/0/branches/0/leavesBefore").asString());
    assertTrue(view.at("/tools").size() > 0);
    byte[] pdf = app.bytes("/api/meals/" + meal + "/print.pdf");
    assertEquals("%PDF-", new String(pdf, 0, 5, StandardCharsets.ISO_8859_1));
    String csv = app.send(app.request("/api/meals/" + meal + "/shopping.csv").GET()).body();
    assertTrue(csv.startsWith("ingredient,needed_grams"), csv);
    assertEquals(1 + view.at("/shopping").size(), csv.lines().count());
    int version = stored.at("/version").asInt();
    assertEquals(
        200,
        app.put("/api/pantry/stock/" + stock + "/gone?gone=true", "", "If-Match", "" + version)
            .status());
  }

  private static JsonNode item(JsonNode meal, String id) {
    for (JsonNode one : meal.at("/shopping")) {
      if (one.at("/ingredientId").asString().equals(id)) {
        return one;
      }
    }
    throw new AssertionError("no " + id);
  }

  @Test
  void whatTheKitchenAvoidsIsMarkedOnEveryFormulaThatHasIt() {
    String seen = app.get("/api/pantry/avoided").body().at("/version").asString();
    String pork = "[{\"kind\":\"TRAIT\",\"key\":\"PORK\"}]";
    int next = app.put("/api/pantry/avoided", pork, "If-Match", seen).body().at("/version").asInt();
    assertEquals(
        200, app.put("/api/pantry/avoided", pork, "If-Match", seen).status(), "sent again");
    assertEquals(
        409, app.put("/api/pantry/avoided", "[]", "If-Match", seen).status(), "of another device");
    JsonNode marked = app.post("/api/formulas/cellar-cheek/reading", "{\"schools\":[]}").body();
    assertEquals("pork", marked.at("/analysis/avoided/0/words").asString());
    assertEquals("Guanciale", marked.at("/analysis/avoided/0/causes/0").asString());
    assertEquals(
        400,
        app.put("/api/pantry/avoided", pork.replace("PORK", "COMETS"), "If-Match", "" + next)
            .status());
    assertEquals(200, app.put("/api/pantry/avoided", "[]", "If-Match", "" + next).status());
  }
}
