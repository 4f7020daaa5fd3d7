package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** A service on its bench: hours, hands and burners of a kitchen of its own. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class BenchIT {
  private static final String DEMO = "/api/meals/0d3f1c52-0000-4000-8000-0000000000a5/bench";
  private static final String PASTA =
      """
      {"covers":%d,"pasta":{"shapeId":"spaghetti","rawMassEachKilograms":0.1,
       "rawEachText":"100 g","startCelsius":20,"dressing":"IN_THE_PAN","litersPerKilogram":8,
       "saltGramsPerLiter":10,"waterCelsius":12}}""";
  private static final String DISH =
      """
      {"formulaId":"%s","schools":[],"covers":%d,"servingMassKilograms":0.15,
       "servingText":"150 g","groups":[],"besides":[%s]%s}""";
  private static final String TWO_COOKS =
      """
      ,"servedLocalTime":"18:30","cooks":[{"name":"Ada"},{"name":"Bo"}]""";

  private final DataSourceProperties shared;
  private final JdbcTemplate server;

  @Autowired
  BenchIT(DataSourceProperties shared, JdbcTemplate server) {
    this.shared = shared;
    this.server = server;
  }

  private static String kept(RunningApplication app, String more, String... dishes) {
    String path = "/api/meals/" + UUID.randomUUID();
    assertEquals(200, app.put(path, meal(more, dishes), "If-Match", "0").status());
    return path + "/bench";
  }

  private static String meal(String more, String... dishes) {
    return "{\"name\":\"Served\",\"packGoal\":\"LEAST_COST\",\"dishes\":[%s]%s}"
        .formatted(String.join(",", dishes), more);
  }

  private static List<JsonNode> list(JsonNode of) {
    return StreamSupport.stream(of.spliterator(), false).toList();
  }

  private static List<JsonNode> work(JsonNode bench, String kind) {
    return list(bench.at("/work")).stream()
        .filter(one -> one.at("/task/kind").asString().equals(kind))
        .toList();
  }

  private static Instant at(JsonNode work, String field) {
    return Instant.parse(work.at("/" + field).asString());
  }

  /** No cook has two works at once, and nothing begins before the beginning. */
  private static void stands(JsonNode bench) {
    List<JsonNode> all = list(bench.at("/work"));
    Instant from = Instant.parse(bench.at("/from").asString());
    for (JsonNode one : all) {
      assertFalse(at(one, "begins").isBefore(from), one.toString());
      for (JsonNode other : all) {
        boolean apart = one == other || one.at("/by").isMissingNode();
        if (!apart && one.at("/by").equals(other.at("/by"))) {
          assertTrue(
              !at(one, "begins").isBefore(at(other, "handsUntil"))
                  || !at(other, "begins").isBefore(at(one, "handsUntil")),
              one.at("/task/key") + " and " + other.at("/task/key"));
        }
      }
    }
  }

  private void inOwnKitchen(Consumer<RunningApplication> does) {
    try (OwnKitchen kitchen = OwnKitchen.fresh(shared, server)) {
      does.accept(kitchen.app());
    }
  }

  /** A sauce with its pasta for two sittings, by two cooks, hot at both hours. */
  @Test
  void twoSittingsAreHotAtTheirHours() {
    inOwnKitchen(
        app -> {
          String second = ",\"servedLocalTime\":\"20:30\"";
          String path =
              kept(
                  app,
                  TWO_COOKS,
                  DISH.formatted("plain-marinara", 16, PASTA.formatted(16), ""),
                  DISH.formatted("plain-marinara", 12, PASTA.formatted(12), second));
          JsonNode bench = app.get(path).body();
          assertEquals("FITS", bench.at("/verdict").asString(), bench.toString());
          stands(bench);
          for (JsonNode hour : list(bench.at("/hours"))) {
            Instant served = Instant.parse(hour.at("/at").asString());
            assertTrue(
                work(bench, "SERVE").stream().anyMatch(out -> at(out, "begins").equals(served)));
          }
          int plates =
              work(bench, "PLATE").stream().mapToInt(p -> p.at("/task/plates").asInt()).sum();
          assertEquals(28, plates);
          work(bench, "TOSS").forEach(toss -> drained(bench, toss));
        });
  }

  /** Into the pan within a minute. */
  private static void drained(JsonNode bench, JsonNode toss) {
    String key = toss.at("/task/key").asString().replace("toss", "drop");
    JsonNode drop =
        work(bench, "COOK").stream()
            .filter(one -> one.at("/task/key").asString().equals(key))
            .findFirst()
            .orElseThrow();
    Duration waits = Duration.between(at(drop, "ends"), at(toss, "begins"));
    assertTrue(waits.compareTo(Duration.ofMinutes(1)) <= 0, "drained " + waits);
  }

  /**
   * Forty plates between seven and half past eight: as many at each pick-up, each from a pan of its
   * own time, of pasta that was cooked before and has not stood longer than the code allows.
   */
  @Test
  void aWindowIsServedByThePickUp() {
    inOwnKitchen(
        app -> {
          String hours =
              TWO_COOKS.replace("\"18:30\"", "\"19:00\",\"servedUntilLocalTime\":\"%s\"");
          String dish = DISH.formatted("plain-marinara", 40, PASTA.formatted(40), "");
          String path = kept(app, hours.formatted("20:30"), dish);
          JsonNode made = app.get(path.replace("/bench", "")).body().at("/dishes/0/pickUps");
          assertEquals(10, made.at("/pickUps").asInt(), made.toString());
          assertTrue(made.at("/pasta/cookedBefore").asBoolean());
          JsonNode bench = app.get(path).body();
          assertEquals("FITS", bench.at("/verdict").asString(), bench.toString());
          stands(bench);
          Instant first = Instant.parse(bench.at("/hours/0/at").asString());
          List<JsonNode> out = work(bench, "SERVE");
          for (int place = 0; place < 10; place++) {
            assertEquals(first.plus(Duration.ofMinutes(10L * place)), at(out.get(place), "begins"));
          }
          assertEquals(40, out.stream().mapToInt(o -> o.at("/task/plates").asInt()).sum());
          Instant last = at(out.get(9), "begins");
          assertEquals(last, Instant.parse(bench.at("/hours/0/until").asString()));
          JsonNode cooked = work(bench, "COOK").get(0);
          assertTrue(at(cooked, "ends").isBefore(first));
          assertTrue(Duration.between(at(cooked, "ends"), last).compareTo(Duration.ofHours(4)) < 0);
          assertTrue(work(bench, "TOP_UP").size() >= 2, "the sauce is held");
          String none = "/servedUntilLocalTime";
          assertEquals(none, refused(app, hours.formatted("19:00"), dish));
          assertEquals(none, refused(app, ",\"servedUntilLocalTime\":\"20:30\"", dish));
        });
  }

  private static String refused(RunningApplication app, String more, String dish) {
    return app.put("/api/meals/" + UUID.randomUUID(), meal(more, dish), "If-Match", "0").pointer();
  }

  /** What is late moves the rest or eats its spare; what names nothing is refused. */
  @Test
  void theDemoStandsAndSaysWhatIfItIsLate() {
    inOwnKitchen(
        app -> {
          JsonNode demo = app.get(DEMO).body();
          assertTrue(list(demo.at("/work")).size() > 40, "a whole evening");
          stands(demo);
          String simmer = work(demo, "START_SIMMER").get(0).at("/task/key").asString();
          JsonNode late = app.get(DEMO + "/late?minutes=240&key=" + simmer).body();
          assertTrue(late.at("/moved").size() > 0 || late.at("/holdsSeconds").asLong() > 14_400);
          assertEquals("/minutes", app.get(DEMO + "/late?minutes=0&key=" + simmer).pointer());
          assertEquals("/key", app.get(DEMO + "/late?minutes=5&key=no").pointer());
        });
  }

  /** An hour that nobody can keep is late, by how much, and it is that hour that is in the way. */
  @Test
  void anHourThatIsTooSoonIsSaidSo() {
    inOwnKitchen(
        app -> {
          String dish = DISH.formatted("plain-marinara", 30, "", "");
          assertEquals("/servedLocalTime", app.get(kept(app, "", dish)).pointer());
          String hurried = kept(app, ",\"servedLocalTime\":\"" + in(app, 20) + "\"", dish);
          JsonNode bench = app.get(hurried).body();
          assertEquals("LATE", bench.at("/verdict").asString(), bench.toString());
          assertTrue(bench.at("/lateMinutes").asLong() > 5);
          JsonNode conflict = app.get(hurried + "/conflict").body();
          assertEquals("ON_TIME", conflict.at("/wishes/0/kind").asString(), conflict.toString());
          assertTrue(conflict.at("/wishes/0/missedSeconds").asLong() > 300);
        });
  }

  /** Where there is time for all but not for what varies, it fits, and says that it is tight. */
  @Test
  void whatVariesGivesWayBeforeAnybodyEatsLate() {
    inOwnKitchen(
        app -> {
          String dish = DISH.formatted("plain-marinara", 6, "", "");
          String hour = ",\"servedLocalTime\":\"" + in(app, 600) + "\"";
          JsonNode easy = app.get(kept(app, hour, dish)).body();
          assertEquals("FITS", easy.at("/verdict").asString(), easy.toString());
          JsonNode first = list(easy.at("/work")).get(0);
          Duration lead =
              Duration.between(
                  at(first, "begins"), Instant.parse(easy.at("/hours/0/at").asString()));
          long spare = first.at("/spareSeconds").asLong();
          assertTrue(spare > 900, "a sauce varies: " + spare);
          long before = lead.minusSeconds(spare / 2).toMinutes();
          String late =
              ",\"cooks\":[{\"name\":\"Ada\",\"comesLocalTime\":\""
                  + in(app, 600 - before)
                  + "\"}]";
          JsonNode hurried = app.get(kept(app, hour + late, dish)).body();
          assertEquals("TIGHT", hurried.at("/verdict").asString(), hurried.toString());
          assertEquals(0, hurried.at("/lateMinutes").asInt());
        });
  }

  private static String in(RunningApplication app, long minutes) {
    String zone = app.get("/api/kitchen").body().at("/settings/zone").asString();
    Instant then = Instant.now().plus(Duration.ofMinutes(minutes));
    return LocalTime.ofInstant(then, ZoneId.of(zone)).toString().substring(0, 5);
  }

  /** Whoever leaves out what, each group has its pot, and the bench still stands. */
  @Test
  void everybodyHasAPotWithoutWhatTheyLeaveOut() {
    inOwnKitchen(
        app -> {
          JsonNode alike = apart(app, 1, group("MILK", 6));
          assertEquals(1, work(alike, "FINISH").size(), "one pot for all of them");
          assertFalse(alike.at("/work").toString().contains("milk"));
          assertEquals(1, work(apart(app, 1, group("CELERY", 6)), "FINISH").size());
          assertEquals(
              2, work(apart(app, 2, group("CELERY", 4), group("SULPHITES", 2)), "FINISH").size());
          assertEquals(
              2, work(apart(app, 2, group("MILK", 3), group("CELERY", 3)), "FINISH").size());
          assertEquals(
              3, work(apart(app, 3, group("MILK", 2), group("CELERY", 2)), "FINISH").size());
          apart(app, 3, group("MILK", 6), group("CELERY", 4), group("SULPHITES", 4));
        });
  }

  /** At least so many finish something. */
  private static JsonNode apart(RunningApplication app, int pots, String... groups) {
    String dish =
        DISH.formatted("ridge-ragu", 6, "", "")
            .replace("\"groups\":[]", "\"groups\":[" + String.join(",", groups) + "]");
    JsonNode bench = app.get(kept(app, TWO_COOKS, dish)).body();
    stands(bench);
    assertTrue(work(bench, "FINISH").size() >= pots, bench.toString());
    for (JsonNode work : list(bench.at("/work"))) {
      boolean milk = work.at("/task/what").asString().contains("milk");
      assertFalse(milk && work.at("/task/name").asString().endsWith("without MILK"));
    }
    return bench;
  }

  private static String group(String allergen, int covers) {
    return """
        {"name":"without %s","covers":%d,"avoid":[{"kind":"ALLERGEN","key":"%s"}]}"""
        .formatted(allergen, covers, allergen);
  }
}
