package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.StreamSupport;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import urnstew.app.RunningApplication.Answer;

/** A service while it goes on: ticked, late, with a cook who leaves and a burner that fails. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class ServiceIT {
  private static final int LONGEST_WAIT_MS = 60_000;
  private static final String MEAL =
      """
      {"name":"Served","packGoal":"LEAST_COST","servedLocalTime":"%s",
       "cooks":[{"name":"Ada"},{"name":"Bo"}],
       "dishes":[{"formulaId":"plain-marinara","schools":[],"covers":12,
        "servingMassKilograms":0.15,"servingText":"150 g","groups":[],
        "besides":[{"covers":12,"pasta":{"shapeId":"spaghetti","rawMassEachKilograms":0.1,
         "rawEachText":"100 g","startCelsius":20,"dressing":"IN_THE_PAN","litersPerKilogram":8,
         "saltGramsPerLiter":10,"waterCelsius":12}}]}]}""";

  private final DataSourceProperties shared;
  private final JdbcTemplate server;

  @Autowired
  ServiceIT(DataSourceProperties shared, JdbcTemplate server) {
    this.shared = shared;
    this.server = server;
  }

  private void inOwnKitchen(Consumer<RunningApplication> does) {
    try (OwnKitchen kitchen = OwnKitchen.fresh(shared, server)) {
      does.accept(kitchen.app());
    }
  }

  /** Talks of one service. */
  private record Evening(RunningApplication app, UUID meal, UUID id) {
    static Evening started(RunningApplication app) {
      String zone = app.get("/api/kitchen").body().at("/settings/zone").asString();
      LocalTime hour =
          LocalTime.ofInstant(Instant.now().plus(Duration.ofHours(5)), ZoneId.of(zone));
      UUID meal = UUID.randomUUID();
      String written = MEAL.formatted(hour.toString().substring(0, 5));
      assertEquals(200, app.put("/api/meals/" + meal, written, "If-Match", "0").status());
      Evening evening = new Evening(app, meal, UUID.randomUUID());
      Answer answer = evening.start(evening.id());
      assertEquals(201, answer.status(), answer.body().toString());
      return evening;
    }

    Answer start(UUID as) {
      return app.post(
          "/api/services",
          "{\"id\":\"%s\",\"mealId\":\"%s\",\"stamp\":%s}".formatted(as, meal, stamp()));
    }

    static String stamp() {
      Instant now = Instant.now();
      return "{\"typedAt\":\"%s\",\"sentAt\":\"%s\"}".formatted(now, now);
    }

    Answer say(String kind, String more) {
      return say(UUID.randomUUID(), kind, more);
    }

    Answer say(UUID entry, String kind, String more) {
      return app.post(
          "/api/services/" + id + "/entries",
          "{\"id\":\"%s\",\"kind\":\"%s\"%s,\"stamp\":%s}".formatted(entry, kind, more, stamp()));
    }

    Answer end(String how) {
      return app.post(
          "/api/services/" + id + how,
          "{\"id\":\"%s\",\"stamp\":%s}".formatted(UUID.randomUUID(), stamp()));
    }

    Answer take(String calendar) {
      return app.post(
          "/api/services/" + id + "/calendars",
          "{\"id\":\"%s\",\"calendar\":%s,\"stamp\":%s}"
              .formatted(
                  UUID.randomUUID(),
                  RunningApplication.JSON.writeValueAsString(calendar),
                  stamp()));
    }

    JsonNode view() {
      return app.get("/api/services/" + id).body();
    }

    /** Once the bench knows all that was said. */
    JsonNode planned() {
      Instant from = Instant.now();
      JsonNode view = view();
      while (view.at("/reckoning").asBoolean()) {
        assertTrue(
            Duration.between(from, Instant.now()).toMillis() < LONGEST_WAIT_MS, "never planned");
        pause();
        view = view();
      }
      return view;
    }

    static void pause() {
      try {
        Thread.sleep(200);
      } catch (InterruptedException e) {
        throw new IllegalStateException(e);
      }
    }

    JsonNode work(String kind) {
      return list(view().at("/bench/work")).stream()
          .filter(one -> one.at("/task/kind").asString().equals(kind))
          .findFirst()
          .orElseThrow();
    }
  }

  private static boolean isToCome(Evening evening, String key) {
    return work(evening.planned(), key).at("/state").asString().equals("TO_COME");
  }

  /** What the list of all screens has of it. */
  private static List<JsonNode> due(Evening evening) {
    return list(evening.app().get("/api/tasks").body()).stream()
        .filter(one -> one.at("/subjectId").asString().equals(evening.id().toString()))
        .toList();
  }

  private static List<JsonNode> list(JsonNode of) {
    return StreamSupport.stream(of.spliterator(), false).toList();
  }

  private static String key(JsonNode work) {
    return work.at("/task/key").asString();
  }

  private static JsonNode work(JsonNode view, String key) {
    return list(view.at("/works")).stream()
        .filter(one -> one.at("/key").asString().equals(key))
        .findFirst()
        .orElseThrow();
  }

  private static List<JsonNode> toCome(JsonNode view) {
    return list(view.at("/bench/work")).stream()
        .filter(one -> work(view, key(one)).at("/state").asString().equals("TO_COME"))
        .toList();
  }

  @Test
  void whatHasBegunStaysAndTheRestIsPlannedAnew() {
    inOwnKitchen(
        app -> {
          Evening evening = Evening.started(app);
          JsonNode first = evening.planned();
          assertEquals("FITS", first.at("/bench/verdict").asString());
          assertEquals(409, evening.start(UUID.randomUUID()).status(), "once at a time");
          JsonNode cut = evening.work("PREP");
          String by = cut.at("/by").asString().equals("Ada") ? "Bo" : "Ada";
          UUID entry = UUID.randomUUID();
          String begun = ",\"key\":\"%s\",\"by\":\"%s\"".formatted(key(cut), by);
          assertEquals(201, evening.say(entry, "BEGAN", begun).status());
          JsonNode going = work(evening.planned(), key(cut));
          assertEquals("GOING", going.at("/state").asString());
          assertEquals(by, going.at("/by").asString());
          assertNotEquals("", going.at("/firstBegins").asString());
          assertEquals(
              201, evening.say("TAKEN_BACK", ",\"entryId\":\"%s\"".formatted(entry)).status());
          JsonNode back = evening.planned();
          assertEquals("TO_COME", work(back, key(cut)).at("/state").asString());
          assertTrue(back.at("/log/1/takenBack").asBoolean(), back.at("/log").toString());
          String light = key(evening.work("START_SIMMER"));
          evening.say("BEGAN", ",\"key\":\"%s\"".formatted(light));
          JsonNode on = evening.planned();
          assertEquals("OVER", work(on, key(cut)).at("/state").asString(), "it follows that");
        });
  }

  @Test
  void whatIsLateMovesWhatFollowsAndIsToldAsAChange() {
    inOwnKitchen(
        app -> {
          Evening evening = Evening.started(app);
          JsonNode simmer = evening.work("START_SIMMER");
          evening.say("BEGAN", ",\"key\":\"%s\"".formatted(key(simmer)));
          Instant begun = Instant.now();
          String more = ",\"key\":\"%s\",\"minutes\":240".formatted(key(simmer));
          assertEquals(201, evening.say("TAKES_LONGER", more).status());
          JsonNode late = evening.planned();
          assertEquals("LATE", late.at("/bench/verdict").asString(), late.at("/bench").toString());

          assertTrue(late.at("/bench/lateMinutes").asLong() > 0);
          assertTrue(late.at("/moved").size() > 0, late.at("/bench").toString());
          Instant thick = Instant.parse(evening.work("THICK").at("/begins").asString());
          assertTrue(thick.isAfter(begun.plus(Duration.ofMinutes(239))), thick.toString());
        });
  }

  /** On paper, and in everybody's calendar with an alarm for each work. */
  @Test
  void sheetsArePrintedAndWorksGoIntoACalendar() {
    inOwnKitchen(
        app -> {
          Evening evening = Evening.started(app);
          JsonNode view = evening.planned();
          long ofAda =
              list(view.at("/bench/work")).stream()
                  .filter(one -> one.at("/by").asString().equals("Ada"))
                  .count();
          Calendar calendar = calendar(app, evening, "?cook=Ada");
          assertEquals(ofAda, calendar.getComponents(Component.VEVENT).size());
          calendar.validate();
          for (var event : calendar.<VEvent>getComponents(Component.VEVENT)) {
            assertEquals(1, event.getAlarms().size(), event.toString());
          }
          assertTrue(calendar(app, evening, "").getComponents(Component.VEVENT).size() > ofAda);
          String text = text(app, evening);
          assertTrue(text.contains("Ada") && text.contains("Bo") && text.contains("The pass"));
          assertTrue(text.contains("12 × Plain marinara") && text.contains("wheat"), text);
        });
  }

  /** Ten minutes earlier in somebody's calendar, and sent back. */
  @Test
  void whatWasMovedInACalendarIsWantedThere() throws IOException {
    inOwnKitchen(
        app -> {
          Evening evening = Evening.started(app);
          JsonNode cut =
              toCome(evening.planned()).stream()
                  .filter(one -> one.at("/task/kind").asString().equals("PREP"))
                  .reduce((one, next) -> next)
                  .orElseThrow();
          Instant then = Instant.parse(cut.at("/begins").asString()).minus(Duration.ofMinutes(10));
          String same = calendar(app, evening, "").toString();
          assertEquals("/calendar", evening.take("no calendar").pointer());
          assertEquals("nothing-moved", evening.take(same).code());
          assertEquals(201, evening.take(moved(same, cut, then)).status());
          JsonNode now = evening.planned();
          assertTrue(work(now, key(cut)).at("/wanted").asBoolean());
          assertEquals("WANTED", now.at("/log/0/kind").asString());
          assertEquals(1, now.at("/log").size());
        });
  }

  private static String moved(String calendar, JsonNode work, Instant then) {
    String what = work.at("/task/what").asString().split(" ")[0];
    String event =
        Arrays.stream(calendar.split("(?=BEGIN:VEVENT)"))
            .filter(one -> one.contains("SUMMARY") && one.contains(what))
            .filter(one -> one.contains(stamp(Instant.parse(work.at("/begins").asString()))))
            .findFirst()
            .orElseThrow();
    String begins = stamp(Instant.parse(work.at("/begins").asString()));
    return calendar.replace(event, event.replaceFirst(begins, stamp(then)));
  }

  private static String stamp(Instant at) {
    return DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss'Z'").withZone(ZoneOffset.UTC).format(at);
  }

  private static Calendar calendar(RunningApplication app, Evening evening, String of) {
    try {
      byte[] ics = app.bytes("/api/services/" + evening.id() + "/works.ics" + of);
      return new CalendarBuilder().build(new ByteArrayInputStream(ics));
    } catch (IOException | ParserException e) {
      throw new IllegalStateException(e);
    }
  }

  private static String text(RunningApplication app, Evening evening) {
    try (PDDocument pdf =
        Loader.loadPDF(app.bytes("/api/services/" + evening.id() + "/sheets.pdf"))) {
      return new PDFTextStripper().getText(pdf);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Eight more come: what has begun stays, and the rest is for twenty. */
  @Test
  void moreCoversAreCountedInOnceTheMealSaysSo() {
    inOwnKitchen(
        app -> {
          Evening evening = Evening.started(app);
          String cut = key(evening.work("PREP"));
          evening.say("BEGAN", ",\"key\":\"%s\"".formatted(cut));
          JsonNode meal = app.get("/api/meals/" + evening.meal()).body();
          String more = meal.at("/sheet").toString().replace("\"covers\":12", "\"covers\":20");
          assertEquals(
              200, app.put("/api/meals/" + evening.meal(), more, "If-Match", "1").status());
          assertEquals(201, evening.say("MEAL_CHANGED", "").status());
          JsonNode now = evening.planned();
          assertEquals(20, now.at("/bench/hours/0/covers").asInt());
          assertEquals("GOING", work(now, cut).at("/state").asString());
          int plates =
              list(now.at("/bench/work")).stream()
                  .filter(one -> one.at("/task/kind").asString().equals("PLATE"))
                  .mapToInt(one -> one.at("/task/plates").asInt())
                  .sum();
          assertEquals(20, plates);
        });
  }

  @Test
  void whoLeftAndWhatFailedIsNotCountedOn() {
    inOwnKitchen(
        app -> {
          Evening evening = Evening.started(app);
          JsonNode first = evening.planned();
          String burner =
              list(first.at("/bench/work")).stream()
                  .flatMap(one -> list(one.at("/holds")).stream())
                  .map(hold -> hold.at("/laneId").asString())
                  .findFirst()
                  .orElseThrow();
          assertEquals(201, evening.say("COOK_LEFT", ",\"by\":\"Bo\"").status());
          assertEquals(201, evening.say("FAILED", ",\"laneId\":\"%s\"".formatted(burner)).status());
          assertEquals(201, evening.say("COOK_CAME", ",\"by\":\"Cleo\"").status());
          JsonNode now = evening.planned();
          assertTrue(toCome(now).size() > 5);
          for (JsonNode one : toCome(now)) {
            assertNotEquals("Bo", one.at("/by").asString(), key(one));
            list(one.at("/holds"))
                .forEach(hold -> assertNotEquals(burner, hold.at("/laneId").asString(), key(one)));
          }
          assertEquals(burner, now.at("/failedLaneIds/0").asString());
          assertEquals("Cleo", now.at("/cooks/2/name").asString());
          assertFalse(now.at("/cooks/1/here").asBoolean());
        });
  }

  @Test
  void whatIsWantedStaysWhereItIsUntilItIsLetGo() {
    inOwnKitchen(
        app -> {
          Evening evening = Evening.started(app);
          JsonNode first = evening.planned();
          JsonNode cut =
              toCome(first).stream()
                  .filter(one -> one.at("/task/kind").asString().equals("PREP"))
                  .reduce((one, next) -> next)
                  .orElseThrow();
          String other = cut.at("/by").asString().equals("Ada") ? "Bo" : "Ada";
          Instant then = Instant.parse(cut.at("/begins").asString()).minus(Duration.ofMinutes(10));
          String key = ",\"key\":\"%s\"".formatted(key(cut));
          assertEquals(
              201,
              evening.say("WANTED", key + ",\"minutes\":-10,\"by\":\"" + other + "\"").status());
          JsonNode now = evening.planned();
          JsonNode there =
              list(now.at("/bench/work")).stream()
                  .filter(one -> key(one).equals(key(cut)))
                  .findFirst()
                  .orElseThrow();
          assertEquals(then, Instant.parse(there.at("/begins").asString()));
          assertEquals(other, there.at("/by").asString());
          assertTrue(work(now, key(cut)).at("/wanted").asBoolean());
          evening.say("LET_GO", key);
          assertFalse(work(evening.planned(), key(cut)).at("/wanted").asBoolean());
        });
  }

  @Test
  void whatMeansNothingIsRefusedByItsFieldAndWhatIsOverIsOver() {
    inOwnKitchen(
        app -> {
          Evening evening = Evening.started(app);
          assertEquals("/key", evening.say("BEGAN", ",\"key\":\"no\"").pointer());
          assertEquals("/by", evening.say("COOK_LEFT", ",\"by\":\"Nobody\"").pointer());
          assertEquals("/by", evening.say("COOK_CAME", ",\"by\":\" \"").pointer());
          assertEquals("/laneId", evening.say("FAILED", ",\"laneId\":\"Ada\"").pointer());
          String key = ",\"key\":\"%s\"".formatted(key(evening.work("PREP")));
          assertEquals("/minutes", evening.say("TAKES_LONGER", key + ",\"minutes\":999").pointer());
          assertEquals("/minutes", evening.say("WANTED", key + ",\"minutes\":-240").pointer());
          assertEquals("/kind", evening.say("AS_PLANNED", "").pointer());
          UUID entry = UUID.randomUUID();
          assertEquals(404, evening.say("TAKEN_BACK", ",\"entryId\":\"" + entry + "\"").status());
          assertEquals(201, evening.end("/ends").status());
          assertEquals(409, evening.say("ENDED", key).status());
          assertEquals(201, evening.end("/reopenings").status());
          assertEquals(201, evening.say("ENDED", key).status(), "it goes on after all");
          assertEquals(201, evening.end("/ends").status());
          assertEquals(201, evening.start(UUID.randomUUID()).status(), "another evening");
          assertEquals(409, evening.end("/reopenings").status(), "two at once");
        });
  }

  /** The sauce is lit in the pot that was meant for it: nobody ticks that on the bench as well. */
  @Test
  void aPotOnTheStoveTellsItsService() {
    inOwnKitchen(
        app -> {
          Evening evening = Evening.started(app);
          JsonNode sauce = evening.work("START_SIMMER");
          String light =
              list(evening.view().at("/bench/work")).stream()
                  .filter(one -> one.at("/task/subjectId").equals(sauce.at("/task/subjectId")))
                  .filter(one -> one.at("/task/kind").asString().equals("LIGHT"))
                  .map(ServiceIT::key)
                  .findFirst()
                  .orElseThrow();
          String pot =
              list(sauce.at("/task/needs")).stream()
                  .filter(need -> need.at("/holds").asString().equals("VESSEL"))
                  .map(need -> need.at("/id").asString())
                  .findFirst()
                  .orElseThrow();
          String burner = sauce.at("/holds/0/laneId").asString();
          UUID batch = UUID.randomUUID();
          // As many as are served, and no more than the pot holds.
          String plan = Requests.plan(pot, burner).replace("\"covers\":34", "\"covers\":12");
          Answer lit =
              app.post(
                  "/api/batches",
                  "{\"id\":\"%s\",\"plan\":%s,\"timeScale\":1,\"sharesHeat\":true,%s}"
                      .formatted(batch, plan, Requests.stamp(Instant.now())));
          assertEquals(201, lit.status(), lit.body().toString());
          evening.say("COOK_CAME", ",\"by\":\"Cleo\"");
          JsonNode now = evening.planned();
          while (work(now, key(sauce)).at("/batchId").isMissingNode()) {
            Evening.pause();
            now = evening.planned();
          }
          assertEquals(batch.toString(), work(now, key(sauce)).at("/batchId").asString());
          List<JsonNode> due = due(evening);
          assertTrue(due.stream().anyMatch(one -> one.at("/kind").asString().equals("SERVE")));
          assertFalse(
              due.stream().anyMatch(one -> one.at("/kind").asString().equals("START_SIMMER")),
              "the pot says that itself");
          assertEquals(
              201,
              evening
                  .say("TAKES_LONGER", ",\"key\":\"%s\",\"minutes\":5".formatted(key(sauce)))
                  .status());
          String back =
              "{\"id\":\"%s\",\"eventId\":\"%s\",%s}"
                  .formatted(UUID.randomUUID(), batch, Requests.stamp(Instant.now()));
          Answer unlit = app.post("/api/batches/" + batch + "/take-backs", back);
          assertEquals(201, unlit.status(), unlit.body().toString());
          evening.say("COOK_LEFT", ",\"by\":\"Cleo\"");
          for (int i = 0; i < 100 && !isToCome(evening, light); i++) {
            Evening.pause();
          }
          assertTrue(isToCome(evening, light), "lit by mistake: it never was");
        });
  }
}
