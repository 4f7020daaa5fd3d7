package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.SpringBootTest.WebEnvironment;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import urnstew.app.RunningApplication.Answer;

/** A formula of formulas: written, refused in a circle, carried in a file, shopped and lit. */
@SpringBootTest(webEnvironment = WebEnvironment.RANDOM_PORT)
class PartsIT {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final RunningApplication app;

  @Autowired
  PartsIT(@LocalServerPort int port) {
    this.app = new RunningApplication(port);
  }

  private ObjectNode sheet(String formula) {
    return (ObjectNode) app.get("/api/formulas/" + formula + "/sheet").body();
  }

  private static ObjectNode line(String what, double kilograms) {
    return JSON.createObjectNode()
        .put("ingredientId", what)
        .put("massKilograms", kilograms)
        .put("entered", "")
        .put("afterMinutes", 0)
        .put("note", "")
        .put("firstDoseFraction", 1);
  }

  /** A part that takes these beside butter. */
  private ObjectNode taking(String name, String... parts) {
    ObjectNode sheet = sheet("herb-butter").put("name", name);
    ArrayNode lines = (ArrayNode) sheet.at("/stages/0/lines");
    for (String part : parts) {
      lines.add(line("formula:" + part, 0.2));
    }
    return sheet;
  }

  private Answer write(String id, ObjectNode sheet, int version) {
    return app.put(
        "/api/formulas/" + id,
        "{\"sheet\":%s,\"note\":\"\"}".formatted(sheet),
        "If-Match",
        "" + version);
  }

  private JsonNode read(String id) {
    return app.post("/api/formulas/" + id + "/reading", "{\"schools\":[]}").body();
  }

  private static String anId() {
    return UUID.randomUUID().toString();
  }

  @Test
  void aCircleIsRefusedAtItsLine() {
    String one = anId();
    String two = anId();
    assertTrue(write(one, taking("One", "white-sauce"), 0).status() < 300);
    assertTrue(write(two, taking("Two", one), 0).status() < 300);
    Answer circle = write(one, taking("One", two), 1);
    assertEquals(422, circle.status());
    assertEquals("/stages/0/lines/6/ingredientId", circle.pointer());
    assertEquals("circle", circle.body().at("/errors/0/code").asString());
    Answer itself = write(one, taking("One", one), 1);
    assertEquals("circle", itself.body().at("/errors/0/code").asString());
    Answer none = app.post("/api/formulas/analysis", taking("Three", "nothing").toString());
    assertEquals("/stages/0/lines/6/ingredientId", none.pointer());
  }

  @Test
  void aPartThatIsPutAwayIsStillMade() {
    String part = anId();
    String whole = anId();
    assertTrue(write(part, taking("Part"), 0).status() < 300);
    assertTrue(write(whole, taking("Whole", part), 0).status() < 300);
    app.put("/api/formulas/" + part + "/retired?retired=true", "");
    JsonNode read = read(whole);
    assertEquals(part, read.at("/stages/0/lines/6/made/formulaId").asString());
    assertEquals(6, read.at("/stages/0/lines/6/made/takes").size());
  }

  @Test
  void aFileCarriesTheTree() {
    String part = anId();
    String whole = anId();
    assertTrue(write(part, taking("Carried part", "white-sauce"), 0).status() < 300);
    assertTrue(write(whole, taking("Carried whole", part, "white-sauce"), 0).status() < 300);
    String file = app.get("/api/formulas/" + whole + "/file").body().toString();
    JsonNode carried = JSON.readTree(file);
    assertEquals(1, carried.at("/urnstew:parts").size(), "shipped ones are only named");
    String elsewhere = anId();
    String there = file.replace(part, elsewhere);
    String taken = anId();
    Answer in =
        app.post(
            "/api/formulas/files",
            JSON.createObjectNode().put("id", taken).put("text", there).toString());
    assertEquals(0, in.body().at("/faults").size(), in.body().toString());
    assertEquals("Carried part", read(elsewhere).at("/name").asString());
    JsonNode analysis = read(taken).at("/analysis");
    JsonNode was = read(whole).at("/analysis");
    assertEquals(was.at("/madeMassKilograms"), analysis.at("/madeMassKilograms"));
    assertEquals(was.at("/cost"), analysis.at("/cost"));
  }

  @Test
  void aTrayIsShoppedPricedAndDeclaredByItsLeaves() {
    String meal = "/api/meals/" + UUID.randomUUID();
    String sheet =
        """
        {"name":"Tray","packGoal":"LEAST_COST","dishes":[{"formulaId":"tray-of-sheets","schools":[],"covers":12,"servingMassKilograms":0.3,"servingText":"300 g","groups":[]}]}""";
    Answer answer = app.put(meal, sheet, "If-Match", "0");
    assertTrue(answer.status() < 300, answer.body().toString());
    boolean flour = false;
    for (JsonNode one : answer.body().at("/shopping")) {
      assertFalse(one.at("/ingredientId").asString().startsWith("formula:"), one.toString());
      flour |= one.at("/ingredientId").asString().equals("wheat-flour");
    }
    assertTrue(flour, "of dough and of white sauce");
    String told = answer.body().toString();
    for (String allergen : new String[] {"milk", "egg", "wheat"}) {
      assertTrue(told.toLowerCase().contains(allergen), allergen);
    }
  }

  @Test
  void aPotWithBallsIsLitAndDeclared() {
    String id = UUID.randomUUID().toString();
    String plan =
        Requests.plan(app)
            .replace("plain-marinara", "balls-in-sauce")
            .replace("0.105", "0.095")
            .replace("10.5 %%", "9.5 %%")
            .replace("10.5 %", "9.5 %");
    Answer lit =
        app.post(
            "/api/batches",
            "{\"id\":\"%s\",\"plan\":%s,\"timeScale\":1,%s}"
                .formatted(id, plan, Requests.stamp(Instant.now())));
    assertEquals(201, lit.status(), lit.body().toString());
    JsonNode pot = app.get("/api/batches/" + id).body();
    String declared = pot.at("/declaration").toString();
    for (String allergen : new String[] {"MILK", "EGG", "WHEAT"}) {
      assertTrue(declared.toUpperCase().contains(allergen), allergen + " in " + declared);
    }
    assertTrue(pot.at("/forecast/steps").toString().contains("Meatballs"));
  }
}
