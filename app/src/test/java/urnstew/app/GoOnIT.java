package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
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

/** A batch is stopped, kept in two halves, and gone on with: over HTTP, from pot to pot. */
@SpringBootTest(webEnvironment = WebEnvironment.RANDOM_PORT)
class GoOnIT {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final String WALK_IN = "0d3f1c52-0000-4000-8000-0000000000b1";
  private static final String FREEZER = "0d3f1c52-0000-4000-8000-0000000000b2";

  private final RunningApplication app;

  @Autowired
  GoOnIT(@LocalServerPort int port) {
    this.app = new RunningApplication(port);
  }

  private static JsonNode ok(Answer answer) {
    assertTrue(answer.status() < 300, answer.status() + " " + answer.body());
    return answer.body();
  }

  private ObjectNode plan() {
    ObjectNode plan = (ObjectNode) JSON.readTree(Requests.plan(app));
    ((ObjectNode) plan.at("/heating")).put("way", "BARE");
    return plan.put("lid", "AJAR")
        .put("formulaId", "pale-ragu")
        .put("covers", 20)
        .put("targetSolidsFraction", 0.14)
        .put("targetText", "14 %");
  }

  private String lit(ObjectNode plan, Instant at) {
    String id = UUID.randomUUID().toString();
    String body =
        "{\"id\":\"%s\",\"plan\":%s,\"timeScale\":1,%s}".formatted(id, plan, Requests.stamp(at));
    assertEquals(201, app.post("/api/batches", body).status());
    return id;
  }

  private void stop(String batch) {
    ok(
        app.post(
            "/api/batches/" + batch + "/finishes",
            "{\"id\":\"%s\",\"enteredText\":\"\",\"note\":\"\",\"stopped\":true,%s}"
                .formatted(UUID.randomUUID(), Requests.stamp(Instant.now()))));
  }

  private JsonNode putAway(String batch, double kilograms, String place) {
    return ok(
        app.post(
            "/api/lots",
            "{\"id\":\"%s\",\"what\":{\"batchId\":\"%s\",\"massKilograms\":%s,\"massText\":\"\"},\"uncooledBecause\":\"in the ice bath, by eye\",\"tubCubicMeters\":0.001,\"tubText\":\"1 l\",\"placeId\":\"%s\",%s}"
                .formatted(
                    UUID.randomUUID(), batch, kilograms, place, Requests.stamp(Instant.now()))));
  }

  private JsonNode lot(JsonNode of) {
    return ok(app.get("/api/lots/" + of.at("/id").asString()));
  }

  private ObjectNode goingOn(JsonNode lot) {
    ObjectNode plan = plan().put("goesOnLotId", lot.at("/id").asString()).put("sizedBy", "STOCK");
    plan.putArray("available")
        .addObject()
        .put("ingredientId", lot.at("/unfinished/tubId").asString())
        .put("massKilograms", lot.at("/massKilograms").asDouble())
        .put("text", "");
    return plan;
  }

  @Test
  void twoHalvesGoOnSeparately() {
    String batch = lit(plan(), Instant.now().minus(Duration.ofMinutes(75)));
    double planned = ok(app.get("/api/batches/" + batch)).at("/forecast/portions").asDouble();
    stop(batch);
    JsonNode end = ok(app.get("/api/batches/" + batch)).at("/forecast");
    double kept = end.at("/endMassKilograms").asDouble();
    JsonNode chilled = putAway(batch, kept / 2, WALK_IN);
    JsonNode frozen = putAway(batch, kept / 2, FREEZER);
    assertTrue(chilled.at("/name").asString().endsWith(", not done"), chilled.toString());
    assertEquals("Simmer", chilled.at("/unfinished/from").asString());
    String toCome = chilled.at("/unfinished").toString();
    assertTrue(toCome.contains("Whole milk"), toCome);
    assertEquals(chilled.at("/unfinished/lines"), frozen.at("/unfinished/lines"));
    assertFalse(
        ok(app.get("/api/lots/ready?formulaId=pale-ragu&kilograms=1&covers=8"))
            .toString()
            .contains(chilled.at("/code").asString()),
        "no meal takes what is not done");
    ObjectNode plan = goingOn(chilled);
    JsonNode preview = ok(app.post("/api/plans/preview", plan.toString()));
    String bought = preview.at("/plan/purchases").toString();
    assertTrue(bought.contains("whole-milk"), bought);
    assertFalse(bought.contains("beef-mince") || bought.contains("tub-"), bought);
    assertTrue(preview.at("/plan/stages/0/caution").asString().startsWith("out of the cold"));
    assertEquals(planned / 2, preview.at("/plan/portions").asDouble(), 0.05 * planned);
    String other = lit(plan, Instant.now());
    assertEquals("GONE", lot(chilled).at("/state").asString());
    assertTrue(
        ok(app.get("/api/lots/" + chilled.at("/id").asString() + "/trace"))
            .at("/to")
            .toString()
            .contains(other),
        "the tubs know where they went");
    String declared = ok(app.get("/api/batches/" + other)).at("/declaration").toString();
    assertTrue(declared.contains("celery") && declared.contains("milk"), declared);
    ok(app.post("/api/plans/preview", goingOn(frozen).toString()));
    Answer gone = app.post("/api/plans/preview", plan.toString());
    assertEquals("/goesOnLotId", gone.pointer(), gone.body().toString());
  }

  /** Pieces that wait beside the pot are in the tubs too, and are counted in once. */
  @Test
  void shellsThatWaitedBesideAreThereOnce() {
    ObjectNode plan = plan().put("formulaId", "flamed-shells").put("targetSolidsFraction", 0.09);
    plan.put("targetText", "9 %");
    String batch = lit(plan, Instant.now().minus(Duration.ofMinutes(60)));
    stop(batch);
    double kept = ok(app.get("/api/batches/" + batch)).at("/forecast/endMassKilograms").asDouble();
    ObjectNode goingOn = goingOn(putAway(batch, kept, WALK_IN));
    goingOn.put("formulaId", "flamed-shells").put("targetSolidsFraction", 0.12);
    goingOn.put("targetText", "12 %");
    JsonNode next = ok(app.post("/api/plans/preview", goingOn.toString())).at("/plan");
    double toCome = 0;
    for (JsonNode one : next.at("/purchases")) {
      toCome += one.at("/neededMassKilograms").asDouble();
    }
    double end = next.at("/endMassKilograms").asDouble();
    double gone = next.at("/waterToLoseKilograms").asDouble();
    assertEquals(kept + toCome, end + gone, 0.02 * kept);
  }

  @Test
  void moreThanThereIsIsNotLit() {
    String batch = lit(plan(), Instant.now().minus(Duration.ofMinutes(75)));
    stop(batch);
    JsonNode lot = putAway(batch, 1, WALK_IN);
    ObjectNode plan = goingOn(lot);
    ((ObjectNode) plan.at("/available/0")).put("massKilograms", 1.5);
    String body =
        "{\"id\":\"%s\",\"plan\":%s,\"timeScale\":1,%s}"
            .formatted(UUID.randomUUID(), plan, Requests.stamp(Instant.now()));
    Answer more = app.post("/api/batches", body);
    assertEquals(409, more.status(), more.body().toString());
    assertEquals(1, lot(lot).at("/massKilograms").asDouble(), 1e-9, "nothing was taken");
  }

  /** The burner was lit by mistake: the tubs have it all again, and can be gone on with. */
  @Test
  void tubsOfALightingThatIsTakenBackAreThereAgain() {
    String batch = lit(plan(), Instant.now().minus(Duration.ofMinutes(75)));
    stop(batch);
    JsonNode lot = putAway(batch, 2, WALK_IN);
    String next = lit(goingOn(lot), Instant.now());
    assertEquals("GONE", lot(lot).at("/state").asString());
    ok(
        app.post(
            "/api/batches/" + next + "/take-backs",
            "{\"id\":\"%s\",\"eventId\":\"%s\",%s}"
                .formatted(UUID.randomUUID(), next, Requests.stamp(Instant.now()))));
    assertEquals(404, app.get("/api/batches/" + next).status());
    assertEquals(2, lot(lot).at("/massKilograms").asDouble(), 1e-9);
    ok(app.get("/api/lots/" + lot.at("/id").asString() + "/trace"));
    lit(goingOn(lot(lot)), Instant.now());
    assertEquals("GONE", lot(lot).at("/state").asString());
  }

  /** Balls that are there are not made again: they are taken, told, and gone from their tub. */
  @Test
  void aPartThatIsThereIsTakenFromItsTub() {
    ObjectNode plan = plan().put("formulaId", "balls-in-sauce").put("targetSolidsFraction", 0.11);
    plan.put("targetText", "11 %");
    JsonNode made = ok(app.post("/api/plans/preview", plan.toString())).at("/plan");
    double balls = part(made, "meatballs");
    assertTrue(made.at("/purchases").toString().contains("beef-mince"));
    JsonNode tub = putAwayOf("meatballs", balls + 0.3);
    plan.putArray("fromTubs")
        .addObject()
        .put("formulaId", "meatballs")
        .put("lotId", tub.at("/id").asString());
    JsonNode taken = ok(app.post("/api/plans/preview", plan.toString())).at("/plan");
    assertFalse(taken.at("/purchases").toString().contains("mince"), "nothing is bought for it");
    assertFalse(taken.at("/purchases").toString().contains("tub-"));
    assertTrue(taken.at("/parts").isEmpty(), "nothing is made before");
    assertEquals(
        made.at("/portions").asDouble(), taken.at("/portions").asDouble(), 1e-6, "as many eat");
    ObjectNode twice = plan.deepCopy();
    ((ArrayNode) twice.at("/fromTubs")).add(twice.at("/fromTubs/0"));
    Answer again = app.post("/api/plans/preview", twice.toString());
    assertEquals("/fromTubs/1/lotId", again.pointer(), "counted once: " + again.body());
    String batch = lit(plan, Instant.now());
    assertEquals(0.3, lot(tub).at("/massKilograms").asDouble(), 0.02 * balls);
    String declared = ok(app.get("/api/batches/" + batch)).at("/declaration").toString();
    assertTrue(declared.contains("milk") && declared.contains("egg"), declared);
    Answer more = app.post("/api/plans/preview", plan.toString());
    assertEquals("/fromTubs/0/lotId", more.pointer(), more.body().toString());
    ok(
        app.post(
            "/api/batches/" + batch + "/take-backs",
            "{\"id\":\"%s\",\"eventId\":\"%s\",%s}"
                .formatted(UUID.randomUUID(), batch, Requests.stamp(Instant.now()))));
    assertEquals(balls + 0.3, lot(tub).at("/massKilograms").asDouble(), 1e-6);
  }

  private static double part(JsonNode plan, String formula) {
    for (JsonNode part : plan.at("/parts")) {
      if (part.at("/formulaId").asString().equals(formula)) {
        return part.at("/massKilograms").asDouble();
      }
    }
    throw new AssertionError(formula);
  }

  private JsonNode putAwayOf(String formula, double kilograms) {
    return ok(
        app.post(
            "/api/lots",
            "{\"id\":\"%s\",\"what\":{\"formulaId\":\"%s\",\"massKilograms\":%s,\"massText\":\"\",\"thickestPieceMeters\":0.043},\"uncooledBecause\":\"in the ice bath, by eye\",\"tubCubicMeters\":0.001,\"tubText\":\"1 l\",\"placeId\":\"%s\",%s}"
                .formatted(
                    UUID.randomUUID(),
                    formula,
                    kilograms,
                    WALK_IN,
                    Requests.stamp(Instant.now()))));
  }
}
