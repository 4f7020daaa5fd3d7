package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import urnstew.app.RunningApplication.Answer;

/**
 * Over HTTP: what the stages of a formula say is what is kept, planned and run, each with its own
 * heat, lid, pieces and end.
 */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class StagesIT {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final RunningApplication app;

  @Autowired
  StagesIT(@LocalServerPort int port) {
    this.app = new RunningApplication(port);
  }

  private ObjectNode sheet(String id) {
    return (ObjectNode) app.get("/api/formulas/" + id + "/sheet").body().deepCopy();
  }

  private ObjectNode plan(String formula) {
    ObjectNode plan = (ObjectNode) JSON.readTree(Requests.plan(app));
    return plan.put("formulaId", formula)
        .put("covers", 20)
        .put("targetSolidsFraction", 0.09)
        .put("targetText", "9 %");
  }

  private JsonNode preview(ObjectNode plan) {
    Answer answer = app.post("/api/plans/preview", plan.toString());
    assertEquals(200, answer.status(), answer.body().toString());
    return answer.body();
  }

  private String written(ObjectNode sheet) {
    String id = UUID.randomUUID().toString();
    Answer answer =
        app.put(
            "/api/formulas/" + id,
            "{\"sheet\":%s,\"note\":\"\"}".formatted(sheet.put("name", "Staged " + id)),
            "If-Match",
            "0");
    assertTrue(answer.status() < 300, answer.body().toString());
    return id;
  }

  @Test
  void howAStageGoesIsKeptAsItWasWritten() {
    ObjectNode sheet = sheet("fish-steak");
    ObjectNode course = (ObjectNode) sheet.at("/stages/2/course");
    course.put("end", "VOLUME").put("endValue", 0.00025).put("endText", "1 cup");
    course.put("vessel", "PAN").put("handsMinutes", 3.0);
    course.putArray("tools").add("processor: pulse 4");
    JsonNode kept = sheet(written(sheet));
    assertEquals(sheet.at("/stages"), kept.at("/stages"));
  }

  @ParameterizedTest
  @CsvSource({
    "endValue,-1,/stages/2/course/endValue",
    "endValue,900,/stages/2/course/endValue",
    "handsMinutes,-2,/stages/2/course/handsMinutes",
    "tools,'[\"\"]',/stages/2/course/tools/0",
    "moves,'[{\"way\":\"OUT\",\"ingredientId\":\"unicorn\",\"shareFraction\":1}]',/stages/2/course/moves/0/ingredientId",
    "moves,'[{\"way\":\"OUT\",\"ingredientId\":\"swordfish\",\"shareFraction\":2}]',/stages/2/course/moves/0/shareFraction"
  })
  void whatAStageCannotDoIsSaidAtItsField(String field, String value, String pointer) {
    ObjectNode sheet = sheet("fish-steak");
    ObjectNode course = (ObjectNode) sheet.at("/stages/2/course");
    course.put("end", "VOLUME").put("endValue", 0.00025);
    course.set(field, JSON.readTree(value));
    Answer answer = app.post("/api/formulas/analysis", sheet.toString());
    assertEquals(422, answer.status(), answer.body().toString());
    assertEquals(pointer, answer.pointer());
  }

  @Test
  void anEndThatNeedsANumberAsksForIt() {
    ObjectNode sheet = sheet("fish-steak");
    ObjectNode course = (ObjectNode) sheet.at("/stages/2/course");
    course.put("end", "MASS");
    course.remove("endValue");
    Answer answer = app.post("/api/formulas/analysis", sheet.toString());
    assertEquals("/stages/2/course/endValue", answer.pointer());
    ((ObjectNode) sheet.at("/stages/2")).put("heat", "BURNER");
    course.put("end", "MINUTES");
    assertEquals(
        "/stages/2/burnerShare", app.post("/api/formulas/analysis", sheet.toString()).pointer());
  }

  @Test
  void aPlanHeatsAndCoversEachPhaseAndSaysWhatItChanges() {
    ObjectNode plan = plan("flamed-shells");
    JsonNode as = preview(plan);
    assertEquals(1, as.at("/phases").size(), "beside the one that answers for the hour");
    assertEquals("ON", as.at("/phases/0/lid").asString());
    assertEquals("GENTLE", as.at("/phases/0/heating/way").asString());
    assertTrue(as.at("/phases/0/seconds").asLong() > 20 * 60, "twenty minutes from the simmer on");
    plan.putArray("phases").add(phase(0, "BARE", "OFF"));
    JsonNode other = preview(plan);
    assertEquals("OFF", other.at("/phases/0/lid").asString());
    assertTrue(other.at("/phases/0/otherwise").asBoolean());
    assertTrue(!as.at("/phases/0/otherwise").asBoolean());
    long sum = 0;
    for (JsonNode stage : as.at("/plan/stages")) {
      sum += stage.at("/seconds").asLong();
    }
    JsonNode hours = as.at("/plan/hours");
    long lit =
        Duration.between(
                Instant.parse(hours.at("/lightAt").asString()),
                Instant.parse(hours.at("/thickAt").asString()))
            .toSeconds();
    assertEquals(lit + 4 * 60, sum, 3, "hours are the sum of the stages, the liaison among them");
  }

  private static ObjectNode phase(int place, String way, String lid) {
    ObjectNode phase = JSON.createObjectNode().put("phase", place).put("lid", lid);
    phase.putObject("heating").put("way", way).put("fan", false);
    return phase;
  }

  @Test
  void aPhaseThatIsNotThereAndAnOvenThatIsNotWrittenAreRefused() {
    ObjectNode plan = plan("flamed-shells");
    plan.putArray("phases").add(phase(7, "BARE", "OFF"));
    Answer none = app.post("/api/plans/preview", plan.toString());
    assertEquals("/phases/0/phase", none.pointer());
    plan.putArray("phases").add(phase(0, "OVEN", "OFF"));
    assertEquals(
        "/phases/0/heating/way", app.post("/api/plans/preview", plan.toString()).pointer());
  }

  @Test
  void aPotThatDoesNotBearTheOvenOfAStageIsRefused() {
    ObjectNode sheet = sheet("flamed-shells");
    ((ObjectNode) sheet.at("/stages/2")).put("heat", "OVEN").put("ovenCelsius", 180);
    ObjectNode plan = plan(written(sheet));
    preview(plan);
    String frail = UUID.randomUUID().toString();
    app.post("/api/vessels", Requests.rondeau(frail).replace(":250}", ":120}"));
    plan.put("vesselId", frail);
    assertEquals("/vesselId", app.post("/api/plans/preview", plan.toString()).pointer());
  }

  @Test
  void whereClocksEndEveryStageNoThicknessIsAsked() {
    ObjectNode sheet = sheet("stuffed-squid");
    ((tools.jackson.databind.node.ArrayNode) sheet.at("/stages")).remove(3);
    String id = written(sheet);
    ObjectNode plan = plan(id);
    Answer asked = app.post("/api/plans/preview", plan.toString());
    assertEquals("/targetSolidsFraction", asked.pointer());
    plan.remove("targetSolidsFraction");
    JsonNode preview = preview(plan.put("targetText", ""));
    assertTrue(preview.at("/plan/hours/thickAt").isString(), "it ends by its clock");
    for (JsonNode formula : app.get("/api/formulas").body()) {
      if (formula.at("/id").asString().equals(id)) {
        assertTrue(!formula.at("/thickens").asBoolean());
      }
    }
  }

  @Test
  void aPotGoesFromStageToStageAsItIsTold() {
    String id = UUID.randomUUID().toString();
    Instant lit = Instant.now().minus(Duration.ofMinutes(40));
    String body =
        "{\"id\":\"%s\",\"plan\":%s,\"timeScale\":1,%s}"
            .formatted(id, plan("flamed-shells"), Requests.stamp(lit));
    assertEquals(201, app.post("/api/batches", body).status());
    JsonNode before = app.get("/api/batches/" + id).body().at("/forecast");
    JsonNode reduce = step(before, "phase-1");
    assertEquals("lid off, lively", reduce.at("/detail").asString());
    assertEquals("OUT", step(before, "move-2-0").at("/kind").asString());
    assertEquals("ON", before.at("/heats/0/lid").asString());
    Instant told = Instant.now().minus(Duration.ofMinutes(2));
    done(id, "phase-1", told);
    JsonNode after = app.get("/api/batches/" + id).body().at("/forecast");
    assertTrue(step(after, "phase-1").at("/done").asBoolean());
    Instant begins = Instant.parse(after.at("/heats/1/at").asString());
    assertEquals(0, Duration.between(told, begins).toSeconds(), 1, "the reduction began as told");
    Duration reducing = Duration.between(begins, Instant.parse(after.at("/thickAt").asString()));
    Duration planned =
        Duration.between(
            Instant.parse(before.at("/heats/1/at").asString()),
            Instant.parse(before.at("/thickAt").asString()));
    assertEquals(planned.toSeconds(), reducing.toSeconds(), 0.1 * planned.toSeconds());
    assertEquals(
        before.at("/portions").asDouble(),
        after.at("/portions").asDouble(),
        0.02 * before.at("/portions").asDouble(),
        "pieces beside the pot are eaten too");
  }

  /** Sixty times as fast: the milk of an hour is due a second after it was lit, if lit so early. */
  @Test
  void whatNobodySaidIsAskedForByThePotItself() throws InterruptedException {
    Instant lit = Instant.now();
    JsonNode first = lit("pale-ragu", lit).at("/forecast");
    JsonNode milk = step(first, "line-12");
    assertTrue(milk.at("/doneFraction").isMissingNode(), "not due yet");
    Duration until = Duration.between(lit, Instant.parse(milk.at("/at").asString()));
    Instant earlier = Instant.now().minus(until).minusSeconds(3);
    JsonNode pot = lit("pale-ragu", earlier);
    String id = pot.at("/id").asString();
    assertTrue(step(pot.at("/forecast"), "line-12").at("/doneFraction").isMissingNode());
    JsonNode asked = pot;
    for (int seconds = 0; seconds < 40; seconds++) {
      asked = app.get("/api/batches/" + id).body();
      if (step(asked.at("/forecast"), "line-12").has("doneFraction")) {
        break;
      }
      Thread.sleep(1000);
    }
    assertEquals(0.5, step(asked.at("/forecast"), "line-12").at("/doneFraction").asDouble(), 1e-9);
    String poured = "{\"id\":\"%s\",\"line\":12,\"massKilograms\":1,\"enteredText\":\"\",%s}";
    app.post(
        "/api/batches/" + id + "/pours",
        poured.formatted(UUID.randomUUID(), Requests.stamp(Instant.now())));
    JsonNode said = step(app.get("/api/batches/" + id).body().at("/forecast"), "line-12");
    assertTrue(said.at("/done").asBoolean() && !said.has("doneFraction"), said.toString());
  }

  /** The soffritto takes longer here than it is written: so it is told, and so it is planned. */
  @Test
  void minutesReallyNeededAreLearnt() {
    String own = written(sheet("pale-ragu"));
    Instant lit = Instant.now().minus(Duration.ofMinutes(90));
    String id = UUID.randomUUID().toString();
    String body =
        "{\"id\":\"%s\",\"plan\":%s,\"timeScale\":1,%s}"
            .formatted(id, plan(own), Requests.stamp(lit));
    assertEquals(201, app.post("/api/batches", body).status());
    done(id, "stage-0", lit.plus(Duration.ofMinutes(25)));
    assertTrue(
        !app.get("/api/batches/" + id).body().at("/tasks").toString().contains("/stage-0\""),
        "what is said to be done is not asked for");
    String end =
        "{\"id\":\"%s\",\"enteredText\":\"\",\"note\":\"\",%s}"
            .formatted(UUID.randomUUID(), Requests.stamp(Instant.now()));
    assertEquals(201, app.post("/api/batches/" + id + "/finishes", end).status());
    JsonNode learnt = app.get("/api/batches/stage-times?formulaId=" + own).body();
    assertEquals("Soffritto", learnt.at("/0/title").asString());
    assertEquals(25 * 60, learnt.at("/0/seconds").asLong());
    ObjectNode plan = plan(own);
    long asWritten = preview(plan).at("/plan/stages/0/seconds").asLong();
    plan.putArray("stageMinutes").addObject().put("stage", 0).put("minutes", 25);
    assertEquals(25 * 60, preview(plan).at("/plan/stages/0/seconds").asLong());
    assertEquals(12 * 60, asWritten);
    ((ObjectNode) plan.at("/stageMinutes/0")).put("minutes", -3);
    assertEquals(
        "/stageMinutes/0/minutes", app.post("/api/plans/preview", plan.toString()).pointer());
    ((ObjectNode) plan.at("/stageMinutes/0")).put("minutes", 3).put("stage", 40);
    assertEquals(
        "/stageMinutes/0/stage", app.post("/api/plans/preview", plan.toString()).pointer());
  }

  /** Mushrooms from a pan of their own: what the scale says counts, and the pot follows. */
  @Test
  void whatIsCookedBesideComesOverAsItIsWeighed() {
    ObjectNode plan = plan("drover-ragu").put("targetSolidsFraction", 0.13);
    JsonNode batch = lit(plan.put("targetText", "13 %"), Instant.now().minusSeconds(10));
    String id = batch.at("/id").asString();
    assertTrue(batch.at("/planned/stages/3/beside").asBoolean(), "a pan of its own");
    double before = batch.at("/forecast/endMassKilograms").asDouble();
    JsonNode mushrooms = line(batch, "mushroom-brown");
    double raw = mushrooms.at("/dueKilograms").asDouble();
    assertTrue(over(id, 3, 0.95 * raw).status() < 300);
    JsonNode after = app.get("/api/batches/" + id).body();
    assertEquals("CAME_OVER", last(after).at("/kind").asString());
    assertEquals(0.95 * raw, last(after).at("/massKilograms").asDouble(), 1e-9);
    assertTrue(
        Instant.parse(after.at("/forecast/thickAt").asString())
            .isAfter(Instant.parse(batch.at("/forecast/thickAt").asString())),
        "more water takes longer");
    double ends = after.at("/forecast/endMassKilograms").asDouble();
    assertTrue(ends > before && ends < 1.06 * before, "what is in them stays in them");
    assertEquals("/massKilograms", over(id, 3, 1.2 * raw).pointer());
    assertEquals("/stage", over(id, 1, 0.1).pointer());
    assertEquals("/stage", over(id, 99, 0.1).pointer());
  }

  private Answer over(String id, int stage, double kilograms) {
    return app.post(
        "/api/batches/" + id + "/come-overs",
        "{\"id\":\"%s\",\"stage\":%d,\"massKilograms\":%s,\"enteredText\":\"\",%s}"
            .formatted(UUID.randomUUID(), stage, kilograms, Requests.stamp(Instant.now())));
  }

  private static JsonNode last(JsonNode batch) {
    JsonNode events = batch.at("/events");
    return events.get(events.size() - 1);
  }

  private static JsonNode line(JsonNode batch, String ingredient) {
    for (JsonNode line : batch.at("/forecast/lines")) {
      if (line.at("/ingredientId").asString().equals(ingredient)) {
        return line;
      }
    }
    throw new AssertionError(ingredient);
  }

  /** Coral goes in by spoonfuls within its window; before a stop it is told as still to come. */
  @Test
  void whatBindsGoesInBySpoonfulsAndIsStillToComeBefore() {
    JsonNode batch = lit("flamed-shells", Instant.now().minus(Duration.ofMinutes(20)));
    JsonNode bind = step(batch.at("/forecast"), "bind-4");
    assertTrue(bind.at("/detail").asString().contains("stop at 68 °C"), bind.toString());
    String id = batch.at("/id").asString();
    JsonNode stopping = app.get("/api/batches/" + id + "/stopping").body();
    assertTrue(stopping.at("/lines").toString().contains("coral"), stopping.toString());
    assertTrue(stopping.at("/lines/0/line").isInt(), stopping.toString());
    assertTrue(stopping.at("/stages").toString().contains("Liaison"));
  }

  private JsonNode lit(String formula, Instant at) {
    return lit(plan(formula), at);
  }

  private JsonNode lit(ObjectNode plan, Instant at) {
    String id = UUID.randomUUID().toString();
    String body =
        "{\"id\":\"%s\",\"plan\":%s,\"timeScale\":60,%s}".formatted(id, plan, Requests.stamp(at));
    Answer answer = app.post("/api/batches", body);
    assertEquals(201, answer.status(), answer.body().toString());
    return app.get("/api/batches/" + id).body();
  }

  private void done(String batch, String step, Instant at) {
    Answer answer =
        app.post(
            "/api/batches/" + batch + "/steps",
            "{\"id\":\"%s\",\"step\":\"%s\",%s}"
                .formatted(UUID.randomUUID(), step, Requests.stamp(at)));
    assertEquals(201, answer.status(), answer.body().toString());
  }

  private static JsonNode step(JsonNode forecast, String key) {
    for (JsonNode step : forecast.at("/steps")) {
      if (step.at("/key").asString().equals(key)) {
        return step;
      }
    }
    throw new AssertionError("no " + key + " in " + forecast.at("/steps"));
  }
}
