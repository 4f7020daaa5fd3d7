package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import urnstew.app.RunningApplication.Answer;

/**
 * Law 7: nothing is accepted that cannot be shown again. Random edits of pantry, kitchen, formulas,
 * rule sets and keepings, two thousand in {@code ./verify --soak}, and every page still stands.
 */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class EveryPageStandsIT {
  private static final int EDITS = Boolean.getBoolean("urnstew.all-cases") ? 2000 : 500;
  private static final int LOOK_EVERY = 50;
  static final List<String> PAGES =
      List.of(
          "/api/kitchen",
          "/api/formulas",
          "/api/pantry/ingredients",
          "/api/pantry/stock",
          "/api/keepings",
          "/api/batches",
          "/api/lots",
          "/api/lots/ideas",
          "/api/logbook",
          "/api/meals",
          "/api/rule-sets");

  private final RunningApplication app;
  private final JdbcTemplate database;
  private final Random random = new Random(7);
  private final List<String> kept = new ArrayList<>();
  private final List<UUID> vessels = new ArrayList<>();
  private final List<String> formulas = new ArrayList<>();
  private String inForce = "";
  private ObjectNode kitchen;
  private ArrayNode pantry;
  private final Map<String, Integer> versions = new HashMap<>();
  private List<String> shelf = List.of();
  private String ruleSet = "";

  @Autowired
  EveryPageStandsIT(@LocalServerPort int port, JdbcTemplate database) {
    this.app = new RunningApplication(port);
    this.database = database;
    this.kitchen = RunningApplication.JSON.createObjectNode();
    this.pantry = RunningApplication.JSON.createArrayNode();
  }

  @BeforeEach
  void noteWhatThereIs() {
    kitchen = (ObjectNode) app.get("/api/kitchen").body().at("/settings");
    pantry = (ArrayNode) app.get("/api/pantry/ingredients").body();
    pantry.forEach(one -> versions.put(one.at("/id").asString(), one.at("/version").asInt()));
    shelf = app.get("/api/formulas").body().valueStream().map(f -> f.at("/id").asString()).toList();
    for (JsonNode set : app.get("/api/rule-sets").body()) {
      inForce = set.at("/inForce").asBoolean() ? set.at("/id").asString() : inForce;
    }
    ruleSet = UUID.randomUUID().toString();
    String copy =
        "{\"id\":\"%s\",\"basis\":\"%s\",\"name\":\"Ours %s\"}"
            .formatted(ruleSet, inForce, ruleSet.substring(0, 8));
    assertTrue(app.post("/api/rule-sets", copy).status() < 300);
    assertTrue(app.put("/api/rule-sets/" + ruleSet + "/in-force", "").status() < 300);
  }

  /** Other tests share the database. */
  @AfterEach
  void putItBack() {
    app.put("/api/rule-sets/" + inForce + "/in-force", "");
    setKitchen(kitchen.deepCopy());
    for (JsonNode was : pantry) {
      if (versions.getOrDefault(was.at("/id").asString(), 0) == was.at("/version").asInt()) {
        continue;
      }
      setIngredient(was.at("/id").asString(), (ObjectNode) was.at("/content"));
    }
    for (String id : formulas) {
      app.put("/api/formulas/" + id + "/retired?retired=true", "");
    }
    for (UUID id : vessels) {
      database.update("update vessel set retired = true where id = ?", id);
    }
    for (String id : kept) {
      database.update(
          "update keeping set closed_at = started_at, closed_as = 'DISCARDED', reason = 'a test' where id = ?",
          UUID.fromString(id));
    }
  }

  @Test
  void afterTwoThousandRandomEditsEveryPageStands() {
    int accepted = 0;
    for (int edit = 1; edit <= EDITS; edit++) {
      Answer answer = edit();
      int status = answer.status();
      assertTrue(status < 500, edit + ": " + answer.body());
      assertTrue(
          status < 300 || !answer.body().at("/detail").asString("").isBlank(),
          edit + " is refused without a word: " + answer.body());
      accepted += status < 300 ? 1 : 0;
      if (edit % LOOK_EVERY == 0) {
        everyPageStands(edit);
      }
    }
    assertTrue(accepted > EDITS / 4, accepted + " were accepted");
  }

  private void everyPageStands(int edit) {
    for (String page : PAGES) {
      Answer shown = app.get(page);
      assertEquals(200, shown.status(), edit + ": " + page + " " + shown.body());
      for (JsonNode row : shown.body()) {
        boolean faulty = row.isObject() && !row.at("/fault").asString("").isEmpty();
        assertTrue(!faulty, edit + ": " + page + " " + row.at("/id") + " " + row.at("/fault"));
      }
    }
    Answer plan = app.post("/api/plans/preview", Requests.plan(app));
    assertEquals(200, plan.status(), edit + ": " + plan.body());
  }

  private Answer edit() {
    return switch (random.nextInt(6)) {
      case 0 -> {
        JsonNode any = pantry.get(random.nextInt(pantry.size()));
        ObjectNode content = (ObjectNode) any.at("/content").deepCopy();
        change(content);
        yield setIngredient(any.at("/id").asString(), content);
      }
      case 1 -> {
        ObjectNode settings = kitchen.deepCopy();
        change(settings);
        yield setKitchen(settings);
      }
      case 2 -> formula();
      case 3 -> limit();
      case 4 -> vessel();
      default -> keeping();
    };
  }

  private Answer setIngredient(String id, ObjectNode content) {
    int seen = versions.getOrDefault(id, 0);
    String path = "/api/pantry/ingredients/" + id;
    Answer answer = app.put(path, content.toString(), "If-Match", "" + seen);
    assertTrue(answer.status() != 409 && answer.status() != 412, answer.body().toString());
    if (answer.status() < 300) {
      versions.put(id, seen + 1);
    }
    return answer;
  }

  private Answer setKitchen(ObjectNode settings) {
    String version = app.get("/api/kitchen").body().at("/settings/version").asString();
    settings.remove(List.of("id", "demo", "version"));
    return app.put("/api/kitchen", settings.toString(), "If-Match", version);
  }

  private Answer formula() {
    String from = shelf.get(random.nextInt(shelf.size()));
    ObjectNode sheet = (ObjectNode) app.get("/api/formulas/" + from + "/sheet").body();
    change(sheet);
    sheet.put("name", "Changed " + random.nextInt());
    String id = UUID.randomUUID().toString();
    String body = "{\"sheet\":%s,\"note\":\"\"}".formatted(sheet);
    Answer answer = app.put("/api/formulas/" + id, body, "If-Match", "0");
    if (answer.status() < 300) {
      formulas.add(id);
    }
    return answer;
  }

  private Answer limit() {
    for (JsonNode set : app.get("/api/rule-sets").body()) {
      if (set.at("/id").asString().equals(ruleSet)) {
        JsonNode limit = set.at("/limits").get(random.nextInt(set.at("/limits").size()));
        String body =
            "{\"value\":%s,\"reason\":\"a test\"}".formatted(other(limit.at("/value").asDouble()));
        String path = "/api/rule-sets/" + ruleSet + "/limits/" + limit.at("/limit").asString();
        return app.put(path, body);
      }
    }
    throw new AssertionError("no rule set");
  }

  private Answer vessel() {
    UUID id = UUID.randomUUID();
    vessels.add(id);
    ObjectNode vessel =
        (ObjectNode) RunningApplication.JSON.readTree(Requests.vessel(id.toString()));
    change(vessel);
    return app.post("/api/vessels", vessel.toString());
  }

  private Answer keeping() {
    String formula = any(shelf, formulas);
    JsonNode pots = app.get("/api/kitchen").body().at("/vessels");
    String pot = pots.get(random.nextInt(pots.size())).at("/id").asString();
    String id = UUID.randomUUID().toString();
    kept.add(id);
    ObjectNode hold =
        (ObjectNode)
            RunningApplication.JSON.readTree(
                "{\"id\":\"%s\",\"what\":{\"formulaId\":\"%s\",\"massKilograms\":3,\"massText\":\"\"},\"vesselId\":\"%s\",\"heldCelsius\":70,\"lid\":\"ON\",%s}"
                    .formatted(id, formula, pot, Requests.stamp(Instant.now())));
    if (random.nextBoolean()) {
      change(hold);
    }
    return app.post("/api/keepings/holds", hold.toString());
  }

  private String any(List<String> shipped, List<String> own) {
    int one = random.nextInt(shipped.size() + own.size());
    return one < shipped.size() ? shipped.get(one) : own.get(one - shipped.size());
  }

  /** One number of it becomes another one. */
  private void change(ObjectNode document) {
    List<Runnable> changes = new ArrayList<>();
    gather(document, changes);
    changes.get(random.nextInt(changes.size())).run();
  }

  private void gather(JsonNode node, List<Runnable> changes) {
    if (node instanceof ObjectNode object) {
      for (String name : List.copyOf(object.propertyNames())) {
        JsonNode value = object.get(name);
        if (value.isNumber()) {
          changes.add(() -> object.put(name, other(value.asDouble())));
        }
        gather(value, changes);
      }
    } else if (node instanceof ArrayNode array) {
      array.forEach(each -> gather(each, changes));
    }
  }

  private double other(double value) {
    return switch (random.nextInt(8)) {
      case 0 -> 0;
      case 1 -> -value;
      case 2 -> 1;
      case 3 -> 1e6 * value;
      default -> value * Math.exp(random.nextGaussian());
    };
  }
}
