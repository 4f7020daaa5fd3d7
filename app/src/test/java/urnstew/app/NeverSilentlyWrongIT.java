package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static urnstew.app.RunningApplication.JSON;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import urnstew.app.RunningApplication.Answer;

/** The laws of what the program says, over HTTP; their random histories are tested in the core. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class NeverSilentlyWrongIT {
  private static final String WALK_IN = "Walk-in";

  private final RunningApplication app;
  private final JdbcTemplate database;

  @Autowired
  NeverSilentlyWrongIT(@LocalServerPort int port, JdbcTemplate database) {
    this.app = new RunningApplication(port);
    this.database = database;
  }

  private static JsonNode ok(Answer answer) {
    assertTrue(answer.status() < 300, answer.status() + " " + answer.body());
    return answer.body();
  }

  private static String stamp() {
    return Requests.stamp(Instant.now());
  }

  private JsonNode write(String path, String fields) {
    return ok(
        app.post(path, "{\"id\":\"%s\",%s,%s}".formatted(UUID.randomUUID(), fields, stamp())));
  }

  private Answer light(String plan) {
    String id = UUID.randomUUID().toString();
    return app.post(
        "/api/batches",
        "{\"id\":\"%s\",\"plan\":%s,\"timeScale\":1,%s}"
            .formatted(id, plan, Requests.stamp(Instant.now().minusSeconds(3600))));
  }

  private String lit(String formula) {
    String plan = Requests.plan(app).replace("plain-marinara", formula);
    return ok(light(plan)).at("/batchId").asString();
  }

  private void add(String batch, String ingredient, double kilograms) {
    write(
        "/api/batches/" + batch + "/additions",
        "\"ingredientId\":\"%s\",\"massKilograms\":%s,\"temperatureCelsius\":20,\"enteredText\":\"\""
            .formatted(ingredient, kilograms));
  }

  private String place(String name) {
    for (JsonNode place : app.get("/api/kitchen").body().at("/coldPlaces")) {
      if (place.at("/name").asString().startsWith(name)) {
        return place.at("/id").asString();
      }
    }
    throw new AssertionError("no " + name);
  }

  private Answer putAway(String batch, double kilograms, String more) {
    return app.post(
        "/api/lots",
        "{\"id\":\"%s\",\"what\":{\"batchId\":\"%s\",\"massKilograms\":%s,\"massText\":\"\"},%s\"tubCubicMeters\":0.001,\"tubText\":\"1 l\",\"placeId\":\"%s\",%s}"
            .formatted(UUID.randomUUID(), batch, kilograms, more, place(WALK_IN), stamp()));
  }

  private String pdf(String path) throws IOException {
    try (var document = Loader.loadPDF(app.bytes(path))) {
      return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
    }
  }

  /** Law 1: from the pot to the plate, on every paper on the way. */
  @Test
  void whatIsSaidFollowsEverythingThatWentIn() throws IOException {
    String batch = lit("meadow-pomodoro");
    String pot = "/api/batches/" + batch;
    assertEquals("no declared allergen", ok(app.get(pot)).at("/declaration/inWords/0").asString());
    add(batch, "anchovy", 0.02);
    assertEquals("contains fish", ok(app.get(pot)).at("/declaration/inWords/0").asString());
    assertTrue(pdf(pot + "/hand-over.pdf").contains("contains fish"));
    JsonNode panel =
        ok(
            app.post(
                "/api/panels",
                "{\"id\":\"%s\",\"batchId\":\"%s\",\"title\":\"Savour\",\"inCups\":[\"soy-sauce\"],\"cups\":[\"as it is\",\"deeper\"]}"
                    .formatted(UUID.randomUUID(), batch)));
    String seat = "/api/panels/" + panel.at("/id").asString() + "/seats/" + UUID.randomUUID();
    String told = ok(app.put(seat, "")).at("/contains").asString();
    assertTrue(told.contains("wheat") && told.contains("soya") && told.contains("fish"), told);
    assertEquals(told, panel.at("/contains").asString());
    write(pot + "/finishes", "\"finalMassKilograms\":4,\"enteredText\":\"\",\"note\":\"\"");

    assertEquals("no-cooling", putAway(batch, 3, "").code());
    String why = "\"uncooledBecause\":\"in ice, watched\",";
    JsonNode lot = ok(putAway(batch, 3, why));
    assertEquals("contains fish", lot.at("/declaration/inWords/0").asString());
    assertTrue(lot.toString().contains("no cooling recorded: in ice, watched"));
    assertEquals("more-than-was-made", putAway(batch, 3, why).code());
    String lots = "/api/lots/" + lot.at("/id").asString();
    assertTrue(pdf(lots + "/labels.pdf").contains("contains fish"));
    JsonNode part =
        write(
            lots + "/splits",
            "\"massKilograms\":1,\"massText\":\"\",\"placeId\":\"%s\"".formatted(place(WALK_IN)));
    assertEquals("contains fish", part.at("/declaration/inWords/0").asString());
    JsonNode again = ok(putAway(lit("meadow-pomodoro"), 1, why));
    JsonNode merged =
        write(
            "/api/lots/mergers",
            "\"lotIds\":[\"%s\",\"%s\"]"
                .formatted(again.at("/id").asString(), part.at("/id").asString()));
    assertEquals("contains fish", merged.at("/declaration/inWords/0").asString());

    String next = lit("meadow-pomodoro");
    write(
        lots + "/uses",
        "\"massKilograms\":0.5,\"massText\":\"\",\"dish\":\"\",\"batchId\":\"%s\"".formatted(next));
    JsonNode into = ok(app.get("/api/batches/" + next)).at("/declaration");
    assertEquals("contains fish", into.at("/inWords/0").asString());
    for (JsonNode diet : into.at("/diets")) {
      if (diet.at("/words").asString().startsWith("veg")) {
        assertTrue(diet.at("/brokenBy").size() > 0, diet.toString());
      }
    }
    labelsOfAnEarlierRelease(lots, lot);
  }

  /** Labels that said nothing of the fish are listed until they are printed anew. */
  private void labelsOfAnEarlierRelease(String lots, JsonNode lot) {
    database.update(
        "update lot set declaration = null, allergens = '' where id = ?",
        UUID.fromString(lot.at("/id").asString()));
    JsonNode old = ok(app.get(lots));
    assertTrue(old.at("/checkLabels").asBoolean());
    assertEquals("contains fish", old.at("/declaration/inWords/0").asString());
    assertFalse(ok(app.post(lots + "/relabelling", "")).at("/checkLabels").asBoolean());
  }

  /** Law 1: what was made elsewhere is never said to hold nothing. */
  @Test
  void whatNobodyWroteDownIsNotKnown() {
    JsonNode preview =
        ok(
            app.post(
                "/api/lots/preview",
                "{\"id\":\"%s\",\"what\":{\"formulaId\":\"larder-base\",\"massKilograms\":2,\"massText\":\"\"},\"tubCubicMeters\":0.001,\"tubText\":\"1 l\",\"placeId\":\"%s\",%s}"
                    .formatted(UUID.randomUUID(), place(WALK_IN), stamp())));
    String words = preview.at("/declaration/inWords").toString();
    assertTrue(words.contains("not known") && !words.contains("no declared"), words);
  }

  /** Law 1 and 2: a line that nobody read stays an open question, and is not cooked. */
  @Test
  void unreadLinesStayWithTheFormulaAndCannotBeLit() {
    ObjectNode sheet = (ObjectNode) app.get("/api/formulas/larder-base/sheet").body();
    sheet.put("name", "Base with open lines");
    ((ObjectNode) sheet.at("/stages/1")).putArray("unread").add("6 oysters").add("200 g cheese");
    String id = UUID.randomUUID().toString();
    ok(formula(id, sheet, 0));
    JsonNode formula = ok(app.post("/api/formulas/" + id + "/reading", "{\"schools\":[]}"));
    assertEquals(2, formula.at("/unread").size());
    for (JsonNode diet : formula.at("/analysis/declaration/diets")) {
      assertTrue(diet.at("/doubts").size() > 0, diet.toString());
    }
    for (JsonNode summary : app.get("/api/formulas").body()) {
      if (summary.at("/id").asString().equals(id)) {
        assertTrue(summary.at("/unfinished").asBoolean());
        assertEquals(0, summary.at("/keeps").size());
      }
    }
    Answer refused = light(Requests.plan(app).replace("plain-marinara", id));
    assertEquals("unfinished", refused.code());
    assertTrue(refused.body().toString().contains("6 oysters"));
    ((ArrayNode) sheet.at("/stages/1/unread")).removeAll();
    ok(formula(id, sheet, 1));
    ok(light(Requests.plan(app).replace("plain-marinara", id)));
  }

  private Answer formula(String id, JsonNode sheet, int seen) {
    return app.put(
        "/api/formulas/" + id,
        "{\"sheet\":%s,\"note\":\"\"}".formatted(sheet),
        "If-Match",
        "" + seen);
  }

  /** Law 2: the lines of the core's own test, as they come over HTTP. */
  @Test
  void pastedLinesAreReadAsTheyAreInTheCore() throws IOException {
    List<String> rows =
        Files.readAllLines(
            Path.of("../core/src/test/resources/lines-as-written.csv"), StandardCharsets.UTF_8);
    List<String[]> cells = rows.stream().skip(1).map(row -> row.split("\\|")).toList();
    String text = String.join("\n", cells.stream().map(row -> row[0]).toList());
    JsonNode read =
        ok(app.post("/api/formulas/lines", JSON.createObjectNode().put("text", text).toString()));
    List<String> wrong = new ArrayList<>();
    int back = 0;
    for (int i = 0; i < cells.size(); i++) {
      List<String> right = List.of(cells.get(i)[1].split("/"));
      JsonNode line = read.get(i).at("/line");
      if (line.isMissingNode() || line.isNull()) {
        back += right.contains("ASK") ? 0 : 1;
        continue;
      }
      double grams = line.at("/massKilograms").asDouble() * 1000;
      boolean fits =
          grams >= Double.parseDouble(cells.get(i)[2]) - 1e-6
              && grams <= Double.parseDouble(cells.get(i)[3]) + 1e-6;
      if (!fits || !right.contains(line.at("/ingredientId").asString())) {
        wrong.add(cells.get(i)[0] + ": " + line);
      }
    }
    assertEquals(List.of(), wrong);
    assertTrue(back * 10 <= cells.size(), back + " sent back");
  }

  /** Law 4: a hold that fell is not hot again at the limit. */
  @Test
  void aHoldThatFellIsReheatedOrThrownAway() {
    UUID id = UUID.randomUUID();
    ok(hold(id, "plain-marinara", Requests.freePot(app)));
    String hold = "/api/keepings/" + id;
    for (int celsius : new int[] {45, 59}) {
      write(hold + "/readings", "\"celsius\":%d,\"enteredText\":\"\"".formatted(celsius));
      assertEquals("REHEAT", ok(app.get(hold)).at("/hold/state").asString());
    }
    write(hold + "/readings", "\"celsius\":76,\"enteredText\":\"\"");
    assertEquals("HOT", ok(app.get(hold)).at("/hold/state").asString());
  }

  private Answer hold(UUID id, String formula, String vessel) {
    return app.post(
        "/api/keepings/holds",
        "{\"id\":\"%s\",\"what\":{\"formulaId\":\"%s\",\"massKilograms\":3,\"massText\":\"\"},\"vesselId\":\"%s\",\"heldCelsius\":70,\"lid\":\"ON\",%s}"
            .formatted(id, formula, vessel, stamp()));
  }

  /**
   * Law 4: stuffed squid cools as thick as it is, not as its sauce lies; old records are read on.
   */
  @Test
  void coolingKnowsTheThickestPiece() {
    String cool =
        "\"what\":{\"formulaId\":\"stuffed-squid\",\"massKilograms\":2,\"massText\":\"\"%s},\"startCelsius\":88,\"setup\":{\"vesselId\":\"%s\",\"count\":1,\"place\":\"ICE_BATH\",\"covered\":false}";
    String tin = Requests.named(app.get("/api/kitchen").body().at("/vessels"), "Gastro tin");
    String preview = "/api/keepings/cooling-preview";
    JsonNode unmeasured = ok(app.post(preview, "{" + cool.formatted("", tin) + "}"));
    assertEquals(0.055, unmeasured.at("/thickestPieceMeters").asDouble(), 0.003, "a ball of 90 g");
    String thin = ",\"thickestPieceMeters\":0.02,\"thickestPieceText\":\"2 cm\"";
    JsonNode measured = ok(app.post(preview, "{" + cool.formatted(thin, tin) + "}"));
    String first = "/chosen/marks/0/likelySeconds";
    assertTrue(unmeasured.at(first).asDouble() > 2 * measured.at(first).asDouble());
    UUID id = UUID.randomUUID();
    ok(
        app.post(
            "/api/keepings/coolings",
            "{\"id\":\"%s\",%s,%s}".formatted(id, cool.formatted("", tin), stamp())));
    database.update("update keeping set start = start #- '{sauce,thickestPiece}' where id = ?", id);
    JsonNode old = ok(app.get("/api/keepings/" + id));
    assertTrue(old.at("/cooling").isObject(), old.toString());
  }

  /** Law 7: nothing is accepted that cannot be shown again, and a bad row fails alone. */
  @Test
  void whatCannotBeShownAgainIsNotAccepted() {
    for (JsonNode formula : app.get("/api/formulas").body()) {
      hold(UUID.randomUUID(), formula.at("/id").asString(), Requests.freePot(app));
      for (JsonNode kept : ok(app.get("/api/keepings"))) {
        assertTrue(
            kept.at("/fault").isNull() || kept.at("/fault").isMissingNode(), kept.toString());
      }
    }
    UUID broken = UUID.randomUUID();
    ok(hold(broken, "plain-marinara", Requests.freePot(app)));
    database.update("update keeping set start = '{}' where id = ?", broken);
    boolean named = false;
    int others = 0;
    for (JsonNode kept : ok(app.get("/api/keepings"))) {
      boolean bad = kept.at("/id").asString().equals(broken.toString());
      named |= bad && kept.at("/fault").asString().length() > 5;
      others += bad ? 0 : 1;
    }
    assertTrue(named && others > 0, "one is named, the others are there");
    String pot = lit("plain-marinara");
    String forecast =
        database.queryForObject(
            "select forecast::text from batch where id = ?", String.class, UUID.fromString(pot));
    database.update("update batch set forecast = '{}' where id = ?", UUID.fromString(pot));
    Map<String, String> asked = new HashMap<>();
    for (JsonNode task : ok(app.get("/api/tasks"))) {
      asked.put(task.at("/subjectId").asString(), task.at("/kind").asString());
    }
    assertEquals("LOOK", asked.get(broken.toString()), "somebody has to look at it");
    assertEquals("LOOK", asked.get(pot));
    assertTrue(asked.size() > others, "and the others ask for theirs");
    ok(app.get("/api/occupancy"));
    database.update(
        "update batch set forecast = ?::jsonb where id = ?", forecast, UUID.fromString(pot));
    database.update(
        "update keeping set closed_at = started_at, closed_as = 'DISCARDED', reason = 'a test' where id = ?",
        broken);
  }

  @Test
  void anIngredientThatBreaksAFormulaIsRefusedAtItsField() {
    for (JsonNode one : app.get("/api/pantry/ingredients").body()) {
      if (one.at("/id").asString().equals("onion")) {
        ObjectNode content = (ObjectNode) one.at("/content").deepCopy();
        content.put("waterFraction", 0.3).put("carbohydrateFraction", 0.6);
        Answer refused =
            app.put(
                "/api/pantry/ingredients/onion",
                content.toString(),
                "If-Match",
                one.at("/version").asString());
        assertEquals(422, refused.status());
        assertEquals("/waterFraction", refused.pointer());
        assertTrue(refused.body().at("/detail").asString().contains("'"), "it names a formula");
      }
    }
    ObjectNode sheet = (ObjectNode) app.get("/api/formulas/larder-base/sheet").body();
    ((ObjectNode) sheet.at("/stages/0")).put("driedFraction", 1);
    int status = formula(UUID.randomUUID().toString(), sheet, 0).status();
    assertTrue(status == 200 || status == 422, status + "");
    app.get("/api/formulas")
        .body()
        .forEach(f -> assertTrue(f.at("/fault").isMissingNode() || f.at("/fault").isNull()));
  }

  @Test
  void aRoomThatNoModelKnowsIsRefused() {
    ObjectNode settings = (ObjectNode) app.get("/api/kitchen").body().at("/settings").deepCopy();
    int version = settings.at("/version").asInt();
    settings.put("roomCelsius", 0).remove(List.of("id", "demo", "version"));
    Answer refused = app.put("/api/kitchen", settings.toString(), "If-Match", "" + version);
    assertEquals("/roomCelsius", refused.pointer());
  }

  /** OWASP, CSV injection: a cell never runs. */
  @Test
  void namesThatWouldRunInASpreadsheetAreWrittenAsText() {
    for (JsonNode one : app.get("/api/pantry/ingredients").body()) {
      if (one.at("/id").asString().equals("raisins")) {
        ObjectNode content = (ObjectNode) one.at("/content").deepCopy();
        content.put("name", "=cmd|' /C calc'!A0");
        ok(
            app.put(
                "/api/pantry/ingredients/own-" + UUID.randomUUID(),
                content.toString(),
                "If-Match",
                "0"));
      }
    }
    String table = app.send(app.request("/api/pantry/table").GET()).body();
    assertTrue(table.contains("'=cmd|") && !table.contains(",=cmd|"), "behind an apostrophe");
    String back =
        app.send(
                app.request("/api/pantry/table")
                    .header("content-type", "text/csv")
                    .POST(java.net.http.HttpRequest.BodyPublishers.ofString(table)))
            .body();
    assertFalse(back.contains("cmd|"), back);
  }
}
