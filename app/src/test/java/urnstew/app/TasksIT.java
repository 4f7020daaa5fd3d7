package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import urnstew.app.RunningApplication.Answer;

/** One list of work and one map of places, as whatever happens to pots, holds, tubs and packs. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class TasksIT {
  private static final ZoneId ZONE = ZoneId.of("Europe/Zurich");
  private static final String WALK_IN = "0d3f1c52-0000-4000-8000-0000000000b1";
  private static final String FREEZER = "0d3f1c52-0000-4000-8000-0000000000b2";

  private final RunningApplication app;

  @Autowired
  TasksIT(@LocalServerPort int port) {
    this.app = new RunningApplication(port);
  }

  private static JsonNode ok(Answer answer) {
    assertTrue(answer.status() < 300, answer.status() + " " + answer.body());
    return answer.body();
  }

  private static String stamp(int minutesAgo) {
    return Requests.stamp(Instant.now().minus(Duration.ofMinutes(minutesAgo)));
  }

  private JsonNode write(String path, String fields, int minutesAgo) {
    return ok(
        app.post(
            path, "{\"id\":\"%s\",%s%s}".formatted(UUID.randomUUID(), fields, stamp(minutesAgo))));
  }

  private List<JsonNode> tasks(String subject) {
    List<JsonNode> own = new ArrayList<>();
    for (JsonNode task : ok(app.get("/api/tasks"))) {
      if (task.at("/subjectId").asString().equals(subject)) {
        own.add(task);
      }
    }
    return own;
  }

  private static List<String> kinds(List<JsonNode> tasks) {
    return tasks.stream().map(task -> task.at("/kind").asString()).toList();
  }

  private JsonNode only(String kind, String subject) {
    List<JsonNode> of =
        tasks(subject).stream().filter(task -> task.at("/kind").asString().equals(kind)).toList();
    assertEquals(1, of.size(), kind + " of " + kinds(tasks(subject)));
    return of.get(0);
  }

  private static Instant at(JsonNode task, String moment) {
    return Instant.parse(task.at("/" + moment).asString());
  }

  private String lit(String formula, int minutesAgo) {
    String plan = Requests.plan(app).replace("plain-marinara", formula);
    String id = UUID.randomUUID().toString();
    ok(
        app.post(
            "/api/batches",
            "{\"id\":\"%s\",\"plan\":%s,\"timeScale\":1,%s}"
                .formatted(id, plan, stamp(minutesAgo))));
    return id;
  }

  /** What is ticked goes, what comes again has a key of its own, and the page says the same. */
  @Test
  void aPotAsksForWhatItsFormulaAndItsForecastSay() {
    String pot = lit("ridge-ragu", 2);
    List<String> first = kinds(tasks(pot));
    assertTrue(first.containsAll(List.of("STAGE", "START_SIMMER", "THICK", "FINISH")), "" + first);
    JsonNode page = ok(app.get("/api/batches/" + pot));
    assertEquals(page.at("/forecast/thickAt"), only("THICK", pot).at("/at"));
    assertEquals(page.at("/forecast/simmerStartedAt"), only("START_SIMMER", pot).at("/at"));
    assertEquals(
        page.at("/tasks").size(), tasks(pot).size() + over(page), "the page has all of them");

    write("/api/batches/" + pot + "/simmer-starts", "", 1);
    List<String> simmering = kinds(tasks(pot));
    assertFalse(simmering.contains("STAGE"), "the simmer is on: " + simmering);
    assertFalse(simmering.contains("START_SIMMER"), "ticked: " + simmering);
    JsonNode milk = only("ADD", pot);
    assertEquals("add the whole milk", milk.at("/what").asString());
    assertTrue(milk.at("/massKilograms").asDouble() > 0.1);
    assertTrue(at(milk, "waitFrom").isBefore(at(milk, "alarmFrom")));

    JsonNode line = null;
    for (JsonNode each : page.at("/forecast/lines")) {
      line = each.at("/name").asString().equals("Whole milk") ? each : line;
    }
    assertTrue(line != null, "milk is a line");
    write(
        "/api/batches/" + pot + "/pours",
        "\"line\":%s,\"massKilograms\":0.2,\"enteredText\":\"\",".formatted(line.at("/line")),
        0);
    assertFalse(kinds(tasks(pot)).contains("ADD"), "it is in");
    write("/api/batches/" + pot + "/steps", "\"step\":\"taste\",", 0);
    assertFalse(kinds(tasks(pot)).contains("TASTE"), "tasted");

    write(
        "/api/batches/" + pot + "/finishes",
        "\"finalMassKilograms\":3,\"enteredText\":\"\",\"note\":\"\",",
        0);
    assertEquals(List.of(), tasks(pot), "off the heat");
  }

  /** Tasks of a page that are over already, and that the list leaves out. */
  private static int over(JsonNode page) {
    int over = 0;
    for (JsonNode task : page.at("/tasks")) {
      over += task.has("over") && at(task, "over").isBefore(Instant.now()) ? 1 : 0;
    }
    return over;
  }

  @Test
  void aHoldAsksToBeReadEachHourAndToBeReheatedOnceItFell() {
    UUID hold = UUID.randomUUID();
    ok(
        app.post(
            "/api/keepings/holds",
            "{\"id\":\"%s\",\"what\":{\"formulaId\":\"ridge-ragu\",\"massKilograms\":6,\"massText\":\"\"},\"vesselId\":\"%s\",\"heldCelsius\":75,\"lid\":\"OFF\",%s}"
                .formatted(hold, Requests.freePot(app), stamp(90))));
    String id = hold.toString();
    JsonNode late = only("READ_HOT", id);
    assertTrue(at(late, "alarmFrom").isBefore(Instant.now()), "an hour without a reading");
    assertTrue(only("TOP_UP", id).at("/massKilograms").asDouble() > 0);
    write("/api/keepings/" + id + "/readings", "\"celsius\":70,\"enteredText\":\"\",", 1);
    JsonNode next = only("READ_HOT", id);
    assertTrue(at(next, "at").isAfter(Instant.now().plus(Duration.ofMinutes(50))));
    assertFalse(late.at("/key").equals(next.at("/key")), "another reading is another task");
    write("/api/keepings/" + id + "/readings", "\"celsius\":50,\"enteredText\":\"\",", 0);
    JsonNode reheat = only("REHEAT", id);
    assertTrue(at(reheat, "alarmFrom").isBefore(Instant.now()));
    assertTrue(at(reheat, "at").isAfter(Instant.now()), "and says until when");
    write("/api/keepings/" + id + "/closings", "\"as\":\"SERVED\",\"reason\":\"\",", 0);
    assertEquals(List.of(), tasks(id));
  }

  @Test
  void aCoolingAsksForItsMarksAndThePanIsFreeOnceItIsCold() {
    UUID cooling = UUID.randomUUID();
    String vessel = Requests.freePot(app);
    ok(
        app.post(
            "/api/keepings/coolings",
            "{\"id\":\"%s\",\"what\":{\"formulaId\":\"ridge-ragu\",\"massKilograms\":2,\"massText\":\"\"},\"startCelsius\":88,\"setup\":{\"vesselId\":\"%s\",\"count\":1,\"place\":\"ICE_BATH\",\"covered\":false,\"thenPlaceId\":\"%s\",\"thenBelowCelsius\":18},%s}"
                .formatted(cooling, vessel, WALK_IN, stamp(50))));
    String id = cooling.toString();
    write("/api/keepings/" + id + "/readings", "\"celsius\":40,\"enteredText\":\"\",", 10);
    JsonNode mark = tasks(id).get(0);
    assertEquals(1, tasks(id).size(), "one thing at a time");
    JsonNode place = place(id);
    assertTrue(place.has("likelyFree") && place.has("latestFree"), place.toString());
    assertFalse(at(place, "latestFree").isBefore(at(place, "likelyFree")));
    if (mark.at("/kind").asString().equals("READ_COOLING")) {
      assertEquals(21, mark.at("/celsius").asDouble());
    }
    write("/api/keepings/" + id + "/readings", "\"celsius\":19,\"enteredText\":\"\",", 5);
    write("/api/keepings/" + id + "/readings", "\"celsius\":3,\"enteredText\":\"\",", 0);
    JsonNode away = only("PUT_AWAY", id);
    assertFalse(away.has("alarmFrom"), "cold is cold: it can wait");
    write("/api/keepings/" + id + "/closings", "\"as\":\"PUT_AWAY\",\"reason\":\"\",", 0);
    assertEquals(List.of(), tasks(id));
  }

  private JsonNode place(String holder) {
    for (JsonNode place : ok(app.get("/api/occupancy"))) {
      if (place.at("/holderId").asString().equals(holder)) {
        return place;
      }
    }
    throw new AssertionError("it stands somewhere");
  }

  private String setOut(int minutesAgo) {
    String id = UUID.randomUUID().toString();
    ok(
        app.post(
            "/api/keepings/set-outs",
            "{\"id\":\"%s\",\"food\":\"Baked pasta\",\"fromCold\":false,\"celsius\":70,\"enteredText\":\"\",%s}"
                .formatted(id, stamp(minutesAgo))));
    return id;
  }

  /**
   * Four hours from hot (Food Code 3-501.19): called for a quarter of an hour before, then lost.
   */
  @Test
  void whatStandsOutIsCalledForBeforeItsTimeIsOver() {
    JsonNode early = only("SERVE", setOut(30));
    assertTrue(at(early, "waitFrom").isAfter(Instant.now()));
    assertEquals(Duration.ofMinutes(15), Duration.between(at(early, "alarmFrom"), at(early, "at")));
    JsonNode late = only("SERVE", setOut(230));
    assertTrue(at(late, "alarmFrom").isBefore(Instant.now()), "ten minutes are left");
    String over = setOut(245);
    assertTrue(at(only("THROW_AWAY", over), "alarmFrom").isBefore(Instant.now()));
    write("/api/keepings/" + over + "/closings", "\"as\":\"DISCARDED\",\"reason\":\"late\",", 0);
    assertEquals(List.of(), tasks(over));
  }

  /** The list is tagged by what it says: whoever has it already is told so. */
  @Test
  void theListIsNotSentTwice() {
    HttpResponse<String> first = app.send(app.request("/api/tasks").GET());
    String tag = first.headers().firstValue("etag").orElseThrow();
    HttpResponse<String> same =
        app.send(app.request("/api/tasks").header("if-none-match", tag).GET());
    assertEquals(304, same.statusCode());
    setOut(1);
    HttpResponse<String> other =
        app.send(app.request("/api/tasks").header("if-none-match", tag).GET());
    assertEquals(200, other.statusCode(), "something was set out since");
    assertTrue(other.body().contains("Baked pasta"));
  }

  /** A frozen tub asks to be moved once somebody wants it, and for nothing else. */
  @Test
  void aTubAsksByItsDateAndWhenItIsWanted() {
    JsonNode lot =
        ok(
            app.post(
                "/api/lots",
                "{\"id\":\"%s\",\"what\":{\"formulaId\":\"larder-base\",\"massKilograms\":2,\"massText\":\"\"},\"uncooledBecause\":\"in ice, by eye\",\"tubCubicMeters\":0.001,\"tubText\":\"1 l\",\"placeId\":\"%s\",%s}"
                    .formatted(UUID.randomUUID(), FREEZER, stamp(0))));
    String id = lot.at("/id").asString();
    assertEquals(List.of(), tasks(id), "frozen and not wanted");
    ok(
        app.put(
            "/api/lots/" + id + "/wanted",
            "{\"at\":\"%s\"}".formatted(Instant.now().plus(Duration.ofHours(20)))));
    JsonNode move = only("MOVE_TO_THAW", id);
    assertEquals(ok(app.get("/api/lots/" + id)).at("/moveBy"), move.at("/at"));
    write("/api/lots/" + id + "/discards", "\"reason\":\"fell on the floor\",", 0);
    assertEquals(List.of(), tasks(id), "gone");
  }

  @Test
  void anOpenedPackAsksByTheKitchensDay() {
    LocalDate today = LocalDate.now(ZONE);
    String pack =
        "{\"id\":\"%s\",\"ingredientId\":\"cream\",\"massKilograms\":0.2,\"massText\":\"200 g\",\"openedOn\":\"%s\",\"useBy\":\"%s\",\"note\":\"\",\"version\":0}";
    String old = UUID.randomUUID().toString();
    ok(app.post("/api/pantry/stock", pack.formatted(old, today.minusDays(5), today.minusDays(1))));
    assertTrue(at(only("THROW_AWAY", old), "alarmFrom").isBefore(Instant.now()));
    String due = UUID.randomUUID().toString();
    ok(app.post("/api/pantry/stock", pack.formatted(due, today, today.plusDays(1))));
    JsonNode use = only("USE", due);
    assertEquals(today.plusDays(1).toString(), use.at("/day").asString());
    assertTrue(at(use, "waitFrom").isAfter(Instant.now()), "tomorrow");
    String fresh = UUID.randomUUID().toString();
    ok(app.post("/api/pantry/stock", pack.formatted(fresh, today, today.plusDays(4))));
    assertEquals(List.of(), tasks(fresh));
  }

  /** All work of a plan in its order, and what may still stand in its pot when it is to be lit. */
  @Test
  void aPlanTellsItsWorkAndWhatIsInItsWay() {
    String pot = lit("plain-marinara", 5);
    JsonNode stands = ok(app.get("/api/batches/" + pot)).at("/pot");
    ObjectNode plan =
        (ObjectNode)
            RunningApplication.JSON.readTree(
                Requests.plan(app).replace("plain-marinara", "ridge-ragu"));
    JsonNode free = ok(app.post("/api/plans/preview", plan.toString()));
    assertEquals(0, free.at("/inTheWay").size(), "a free pot");
    Instant before = Instant.EPOCH;
    for (JsonNode task : free.at("/tasks")) {
      if (!task.at("/kind").asString().equals("BEGIN_EARLY")) {
        assertFalse(at(task, "at").isBefore(before), task.at("/key").asString());
        before = at(task, "at");
      }
    }
    plan.put("vesselId", stands.at("/vessel/id").asString());
    plan.put(
        "readyByLocalTime",
        Instant.now().atZone(ZONE).plusMinutes(90).toLocalTime().toString().substring(0, 5));
    JsonNode taken = ok(app.post("/api/plans/preview", plan.toString()));
    assertEquals("Plain marinara", taken.at("/inTheWay/0/name").asString());
    assertTrue(taken.at("/inTheWay/0/inThatPot").asBoolean());
    assertEquals(place(pot).at("/likelyFree"), taken.at("/inTheWay/0/likelyFree"));
    ok(
        app.post(
            "/api/batches/" + pot + "/finishes",
            "{\"id\":\"%s\",\"finalMassKilograms\":3,\"enteredText\":\"\",\"note\":\"\",%s}"
                .formatted(UUID.randomUUID(), stamp(0))));
    JsonNode after = ok(app.post("/api/plans/preview", plan.toString()));
    assertEquals(0, after.at("/inTheWay").size(), "and free again");
  }
}
