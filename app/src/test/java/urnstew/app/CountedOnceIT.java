package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import urnstew.app.RunningApplication.Answer;

/**
 * Laws 5 and 6: mass, stock and places are counted once, and a figure is one figure wherever it is
 * shown. A random evening over HTTP: pots lit, moved and taken off, held, cooled, put away, parted
 * and merged, in pots that are free or are not; and of all that, something taken back at once, or
 * when others have gone on. A second book walks along and says what must be accepted.
 */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class CountedOnceIT {
  private static final String FREEZER = "0d3f1c52-0000-4000-8000-0000000000b2";
  private static final int ACTS = 420;

  private static final JsonMapper JSON = JsonMapper.shared();

  private final RunningApplication app;
  private final Random random = new Random(16);
  private final List<String> pots = new ArrayList<>();
  private final List<String> burners = new ArrayList<>();

  /** Who is in a pot, and what stands on a burner. */
  private final Map<String, String> potOf = new LinkedHashMap<>();

  private final Map<String, String> burnerOf = new LinkedHashMap<>();

  /** What was weighed of a batch at the end; 0 where nobody did. */
  private final Map<String, Double> weighedOf = new LinkedHashMap<>();

  private final Set<String> stopped = new HashSet<>();
  private final Map<String, String> batchOf = new HashMap<>();
  private final Set<String> notDone = new HashSet<>();
  private final Map<String, Double> putAwayOf = new LinkedHashMap<>();
  private final Map<String, Kept> kept = new LinkedHashMap<>();
  private final Set<String> everKept = new HashSet<>();
  private final List<String> live = new ArrayList<>();
  private final List<String> lots = new ArrayList<>();
  private final Set<String> seen = new HashSet<>();
  private final Set<String> accepted = new HashSet<>();
  private final Set<String> refused = new HashSet<>();

  private record Kept(String batch, double kilograms, boolean more, boolean cools) {}

  /** Something that ended a moment ago, and where it stood. */
  private record Ended(String id, UUID end, Kept kept, String pot, Instant at) {}

  private final List<Ended> ended = new ArrayList<>();

  @Autowired
  CountedOnceIT(@LocalServerPort int port) {
    this.app = new RunningApplication(port);
  }

  @Test
  void massStockAndPlacesAreCountedOnce() {
    for (int i = 0; i < 5; i++) {
      String pot = UUID.randomUUID().toString();
      ok(app.post("/api/vessels", Requests.rondeau(pot)));
      pots.add(pot);
    }
    for (int i = 0; i < 2; i++) {
      String burner = UUID.randomUUID().toString();
      ok(
          app.post(
              "/api/heat-sources",
              "{\"id\":\"%s\",\"name\":\"Ring\",\"kind\":\"GAS\",\"labelPowerWatts\":5000,\"labelPowerText\":\"\"}"
                  .formatted(burner)));
      burners.add(burner);
    }
    for (int i = 0; i < ACTS; i++) {
      act();
    }
    assertEquals(
        Set.of(
            "light",
            "move",
            "finish",
            "hold",
            "cool",
            "end",
            "put",
            "use",
            "part",
            "merge",
            "retire",
            "take back",
            "cool elsewhere",
            "strike out",
            "unkeep",
            "keep on",
            "keep on later",
            "untub",
            "pot",
            "out of the pot",
            "stop",
            "go on",
            "unlit"),
        accepted,
        "each was accepted at least once");
    assertTrue(
        refused.containsAll(
            Set.of(
                "light",
                "move",
                "hold",
                "cool",
                "put",
                "use",
                "merge",
                "retire",
                "take back",
                "cool elsewhere",
                "keep on later",
                "untub late",
                "go on")),
        "and refused: " + refused);
  }

  private void act() {
    switch (random.nextInt(18)) {
      case 0 -> light();
      case 1 -> move();
      case 2 -> finish();
      case 3 -> keep("hold");
      case 4 -> keep("cool");
      case 5, 6 -> end();
      case 7 -> putAway();
      case 8 -> use();
      case 9 -> part();
      case 10 -> merge();
      case 11, 12 -> elsewhere();
      case 13 -> keepOnLater();
      case 14 -> intoAPot();
      case 15, 16 -> goOn();
      default -> retire();
    }
    placesAgree();
    workAgrees();
  }

  private void light() {
    String id = UUID.randomUUID().toString();
    String pot = any(pots);
    String burner = any(burners);
    boolean shares = random.nextBoolean();
    String plan =
        Requests.plan(app)
            .replaceFirst("\"vesselId\":\"[^\"]+", "\"vesselId\":\"" + pot)
            .replaceFirst("\"heatSourceId\":\"[^\"]+", "\"heatSourceId\":\"" + burner);
    boolean may = !potOf.containsValue(pot) && (shares || !burnerOf.containsValue(burner));
    Answer answer =
        app.post(
            "/api/batches",
            "{\"id\":\"%s\",\"plan\":%s,\"timeScale\":1,\"sharesHeat\":%s,%s}"
                .formatted(id, plan, shares, stamp(90)));
    if (said("light", may, answer)) {
      potOf.put(id, pot);
      burnerOf.put(id, burner);
      live.add(id);
      JsonNode batch = ok(app.get("/api/batches/" + id));
      weighedOf.put(id, 0.0);
      oneFigure(id, batch);
    }
  }

  /** What the pot's page, the stove, the balance and the logbook to be say of one pot. */
  private void oneFigure(String id, JsonNode batch) {
    JsonNode balance =
        ok(
            app.post(
                "/api/balance/preview",
                "{\"batchId\":\"%s\",\"schools\":[],\"measured\":{\"sharper\":0},\"plate\":[],\"saltId\":\"table-salt\",\"fault\":\"SHARP\",\"steps\":1}"
                    .formatted(id)));
    double portions = batch.at("/forecast/portions").asDouble();
    assertEquals(portions, balance.at("/portions").asDouble(), 1e-9);
    double end = batch.at("/forecast/endMassKilograms").asDouble();
    assertEquals(end, balance.at("/madeKilograms").asDouble(), 2e-3 * end);
    for (JsonNode task : ok(app.get("/api/tasks"))) {
      if (task.at("/key").asString().equals(id + "/thick")) {
        assertEquals(batch.at("/forecast/thickAt"), task.at("/at"));
        assertEquals(batch.at("/forecast/latest"), task.at("/latest"));
      }
    }
  }

  private void move() {
    if (live.isEmpty()) {
      return;
    }
    String id = any(live);
    String pot = any(pots);
    String burner = any(burners);
    boolean shares = random.nextBoolean();
    boolean same = pot.equals(potOf.get(id)) && burner.equals(burnerOf.get(id));
    boolean potFree = !takenByOther(potOf, id, pot);
    boolean asked = !burner.equals(burnerOf.get(id)) && takenByOther(burnerOf, id, burner);
    Answer answer =
        app.post(
            "/api/batches/" + id + "/heats",
            "{\"id\":\"%s\",\"heating\":{\"way\":\"GENTLE\",\"fan\":false},\"lid\":\"OFF\",\"vesselId\":\"%s\",\"heatSourceId\":\"%s\",\"sharesHeat\":%s,%s}"
                .formatted(UUID.randomUUID(), pot, burner, shares, stamp(0)));
    if (said("move", same || potFree && (shares || !asked), answer)) {
      potOf.put(id, pot);
      burnerOf.put(id, burner);
    }
  }

  private static boolean takenByOther(Map<String, String> places, String self, String place) {
    return places.entrySet().stream()
        .anyMatch(one -> !one.getKey().equals(self) && one.getValue().equals(place));
  }

  private void finish() {
    if (live.size() < 2) {
      return;
    }
    String id = live.remove(random.nextInt(live.size()));
    UUID end = UUID.randomUUID();
    boolean weighed = random.nextBoolean();
    boolean stop = random.nextInt(3) == 0;
    double mass = 2 + 3 * random.nextDouble();
    String typed = weighed ? "\"finalMassKilograms\":%s,".formatted(number(mass)) : "";
    Answer answer =
        app.post(
            "/api/batches/" + id + "/finishes",
            "{\"id\":\"%s\",%s\"enteredText\":\"\",\"note\":\"\",\"stopped\":%s,%s}"
                .formatted(end, typed, stop, stamp(0)));
    said(stop ? "stop" : "finish", true, answer);
    // It was not meant: the pot stands where it stood, unless something was taken from it.
    boolean whole = !everKept.contains(id) && !putAwayOf.containsKey(id);
    if (random.nextBoolean() && said("take back", whole, takeBack("batches", id, end))) {
      live.add(id);
      return;
    }
    potOf.remove(id);
    burnerOf.remove(id);
    if (stop) {
      stopped.add(id);
    }
    if (weighed) {
      weighedOf.put(id, Double.parseDouble(number(mass)));
    }
  }

  /** By the scale, else by what is foretold; of what was ladled out the plan still knows. */
  private double most(String batch) {
    double weighed = weighedOf.getOrDefault(batch, 0.0);
    if (weighed > 0) {
      return weighed * 1.02;
    }
    JsonNode page = ok(app.get("/api/batches/" + batch));
    double planned = page.at("/planned/endMassKilograms").asDouble();
    return Math.max(planned, page.at("/forecast/endMassKilograms").asDouble()) * 1.15;
  }

  private Answer takeBack(String of, String id, Object event) {
    return app.post(
        "/api/%s/%s/take-backs".formatted(of, id),
        "{\"id\":\"%s\",\"eventId\":\"%s\",%s}".formatted(UUID.randomUUID(), event, stamp(0)));
  }

  private void keep(String how) {
    if (weighedOf.isEmpty()) {
      return;
    }
    String batch = any(List.copyOf(weighedOf.keySet()));
    String pot = any(pots);
    double mass = Double.parseDouble(number(0.3 + 2.5 * random.nextDouble()));
    String id = UUID.randomUUID().toString();
    String what =
        "\"what\":{\"batchId\":\"%s\",\"massKilograms\":%s,\"massText\":\"\"}"
            .formatted(batch, mass);
    String body =
        how.equals("hold")
            ? "{\"id\":\"%s\",%s,\"vesselId\":\"%s\",\"heldCelsius\":70,\"lid\":\"ON\",%s%s}"
            : "{\"id\":\"%s\",%s,\"startCelsius\":88,\"setup\":{\"vesselId\":\"%s\",\"count\":1,\"place\":\"ICE_BATH\",\"covered\":false},%s%s}";
    String why = because();
    boolean may = !potOf.containsValue(pot) && (!why.isEmpty() || mass <= left(batch) + 0.005);
    Answer answer =
        app.post(
            "/api/keepings/" + (how.equals("hold") ? "holds" : "coolings"),
            body.formatted(id, what, pot, why, stamp(0)));
    if (!said(how, may, answer)) {
      return;
    }
    // It was not meant: as if it had never been kept.
    if (random.nextInt(4) == 0 && said("unkeep", true, takeBack("keepings", id, id))) {
      return;
    }
    potOf.put(id, pot);
    kept.put(id, new Kept(batch, mass, !why.isEmpty(), how.equals("cool")));
    everKept.add(batch);
  }

  /** Into another pan, and perhaps that was not so: then it is in the first one still. */
  private void elsewhere() {
    List<String> cooling =
        kept.entrySet().stream().filter(e -> e.getValue().cools()).map(Map.Entry::getKey).toList();
    if (cooling.isEmpty()) {
      return;
    }
    String id = any(cooling);
    String pot = any(pots);
    String before = Objects.requireNonNull(potOf.get(id), id);
    UUID entry = UUID.randomUUID();
    Answer answer =
        app.post(
            "/api/keepings/" + id + "/placings",
            "{\"id\":\"%s\",\"setup\":{\"vesselId\":\"%s\",\"count\":1,\"place\":\"ICE_BATH\",\"covered\":false},%s}"
                .formatted(entry, pot, stamp(0)));
    boolean may = pot.equals(before) || !potOf.containsValue(pot);
    if (said("cool elsewhere", may, answer)) {
      potOf.put(id, pot);
      if (random.nextBoolean()) {
        Answer struck =
            app.post(
                "/api/keepings/" + id + "/strike-outs",
                "{\"id\":\"%s\",\"eventId\":\"%s\",\"reason\":\"taken back\",%s}"
                    .formatted(UUID.randomUUID(), entry, stamp(0)));
        said("strike out", true, struck);
        potOf.put(id, before);
      }
    }
  }

  private double left(String batch) {
    double open =
        kept.values().stream()
            .filter(one -> one.batch().equals(batch))
            .mapToDouble(Kept::kilograms)
            .sum();
    return most(batch) - open - putAwayOf.getOrDefault(batch, 0.0);
  }

  private void end() {
    if (kept.isEmpty()) {
      return;
    }
    String id = any(List.copyOf(kept.keySet()));
    UUID end = UUID.randomUUID();
    Answer answer =
        app.post(
            "/api/keepings/" + id + "/closings",
            "{\"id\":\"%s\",\"as\":\"DISCARDED\",\"reason\":\"spilt\",%s}"
                .formatted(end, stamp(0)));
    said("end", true, answer);
    if (random.nextInt(3) == 0) {
      said("keep on", true, takeBack("keepings", id, end));
      return;
    }
    Kept gone = Objects.requireNonNull(kept.remove(id), id);
    String pot = Objects.requireNonNull(potOf.remove(id), id);
    ended.add(new Ended(id, end, gone, pot, Instant.now()));
  }

  /** It goes on as it was where its pot and its sauce are still there for it. */
  private void keepOnLater() {
    ended.removeIf(one -> one.at().isBefore(Instant.now().minusSeconds(20)));
    if (ended.isEmpty()) {
      return;
    }
    Ended one = ended.remove(random.nextInt(ended.size()));
    boolean may =
        !potOf.containsValue(one.pot())
            && (one.kept().more() || one.kept().kilograms() <= left(one.kept().batch()) + 0.005);
    if (said("keep on later", may, takeBack("keepings", one.id(), one.end()))) {
      kept.put(one.id(), one.kept());
      potOf.put(one.id(), one.pot());
    }
  }

  private void putAway() {
    if (weighedOf.isEmpty()) {
      return;
    }
    String batch = any(List.copyOf(weighedOf.keySet()));
    double mass = Double.parseDouble(number(0.2 + 2 * random.nextDouble()));
    String id = UUID.randomUUID().toString();
    String why = because();
    Answer answer =
        app.post(
            "/api/lots",
            "{\"id\":\"%s\",\"what\":{\"batchId\":\"%s\",\"massKilograms\":%s,\"massText\":\"\"},\"uncooledBecause\":\"watched by hand\",\"tubCubicMeters\":0.001,\"tubText\":\"1 l\",\"placeId\":\"%s\",%s%s}"
                .formatted(id, batch, mass, FREEZER, why, stamp(0)));
    if (said("put", !why.isEmpty() || mass <= left(batch) + 0.005, answer)) {
      if (untubbed(id, id)) {
        return;
      }
      putAwayOf.merge(batch, mass, Double::sum);
      lots.add(id);
      batchOf.put(id, batch);
      if (stopped.contains(batch)) {
        notDone.add(id);
      }
    }
  }

  /** What was done with tubs was not meant, now and then. */
  private boolean untubbed(String lot, Object event) {
    return random.nextInt(3) == 0 && said("untub", true, takeBack("lots", lot, event));
  }

  /** What is in which tubs, whatever else stands there. */
  private Map<String, Double> tubs() {
    Map<String, Double> all = new HashMap<>();
    for (JsonNode lot : ok(app.get("/api/lots"))) {
      all.put(lot.at("/id").asString(), lot.at("/massKilograms").asDouble());
    }
    return all;
  }

  private void use() {
    if (lots.isEmpty()) {
      return;
    }
    String lot = any(lots);
    Map<String, Double> there = tubs();
    double before = ok(app.get("/api/lots/" + lot)).at("/massKilograms").asDouble();
    double mass = Double.parseDouble(number(0.05 + 1.2 * random.nextDouble()));
    UUID use = UUID.randomUUID();
    Answer answer =
        app.post(
            "/api/lots/" + lot + "/uses",
            "{\"id\":\"%s\",\"massKilograms\":%s,\"massText\":\"\",\"dish\":\"a dish\",%s}"
                .formatted(use, mass, stamp(0)));
    if (said("use", mass <= before + 0.005, answer)) {
      if (random.nextInt(2) == 0) {
        said("untub late", false, takeBack("lots", lot, lot));
      }
      if (untubbed(lot, use)) {
        assertEquals(there, tubs());
        return;
      }
    }
    double after = ok(app.get("/api/lots/" + lot)).at("/massKilograms").asDouble();
    double taken = answer.status() < 300 ? mass : 0;
    assertEquals(before - taken, after, 0.0051);
  }

  /** What went into a pot is in the tub no more, and in it again where that was not so. */
  private void intoAPot() {
    if (lots.isEmpty() || live.isEmpty()) {
      return;
    }
    String lot = any(lots);
    String pot = any(live);
    Map<String, Double> there = tubs();
    double before = there.getOrDefault(lot, 0.0);
    double mass = Double.parseDouble(number(0.05 + 0.1 * random.nextDouble()));
    UUID use = UUID.randomUUID();
    Answer answer =
        app.post(
            "/api/lots/" + lot + "/uses",
            "{\"id\":\"%s\",\"massKilograms\":%s,\"massText\":\"\",\"dish\":\"\",\"batchId\":\"%s\",%s}"
                .formatted(use, mass, pot, stamp(0)));
    if (said("pot", mass <= before + 0.005, answer) && random.nextBoolean()) {
      JsonNode entries = ok(app.get("/api/batches/" + pot)).at("/events");
      String last = entries.get(entries.size() - 1).at("/id").asString();
      String struck =
          "{\"id\":\"%s\",\"eventId\":\"%s\",\"reason\":\"another pot\",%s}"
              .formatted(UUID.randomUUID(), last, stamp(0));
      said("out of the pot", true, app.post("/api/batches/" + pot + "/strike-outs", struck));
      assertEquals(there, tubs());
    }
  }

  /** What is parted off one lot is in the other, and in none twice. */
  private void part() {
    if (lots.isEmpty()) {
      return;
    }
    String lot = any(lots);
    Map<String, Double> there = tubs();
    double before = there.getOrDefault(lot, 0.0);
    if (before < 0.1) {
      return;
    }
    String id = UUID.randomUUID().toString();
    double mass = Double.parseDouble(number(before / 2));
    Answer answer =
        app.post(
            "/api/lots/" + lot + "/splits",
            "{\"id\":\"%s\",\"massKilograms\":%s,\"massText\":\"\",\"placeId\":\"%s\",%s}"
                .formatted(id, mass, FREEZER, stamp(0)));
    said("part", true, answer);
    double rest = ok(app.get("/api/lots/" + lot)).at("/massKilograms").asDouble();
    double parted = ok(app.get("/api/lots/" + id)).at("/massKilograms").asDouble();
    assertEquals(before, rest + parted, 1e-6);
    if (untubbed(id, id)) {
      assertEquals(there, tubs());
      return;
    }
    lots.add(id);
    becameOf(id, lot);
  }

  /** What two tubs held is in the one that they become, and nowhere else. */
  private void merge() {
    if (lots.isEmpty()) {
      return;
    }
    String one = any(lots);
    String other = any(lots);
    Map<String, Double> there = tubs();
    double first = there.getOrDefault(one, 0.0);
    double second = there.getOrDefault(other, 0.0);
    String id = UUID.randomUUID().toString();
    Answer answer =
        app.post(
            "/api/lots/mergers",
            "{\"id\":\"%s\",\"lotIds\":[\"%s\",\"%s\"],%s}".formatted(id, one, other, stamp(0)));
    boolean may = !one.equals(other) && first > 0 && second > 0 && areAlike(one, other);
    if (said("merge", may, answer)) {
      double both = ok(app.get("/api/lots/" + id)).at("/massKilograms").asDouble();
      assertEquals(first + second, both, 1e-6);
      assertEquals(0, ok(app.get("/api/lots/" + one)).at("/massKilograms").asDouble());
      assertEquals(0, ok(app.get("/api/lots/" + other)).at("/massKilograms").asDouble());
      if (untubbed(id, id)) {
        assertEquals(there, tubs());
        return;
      }
      lots.add(id);
      becameOf(id, one);
    }
  }

  /** What is not done is only joined with more of the same batch. */
  private boolean areAlike(String one, String other) {
    String first = Objects.requireNonNull(batchOf.get(one), one);
    String second = Objects.requireNonNull(batchOf.get(other), other);
    boolean bothNot = notDone.contains(one) && notDone.contains(other);
    return bothNot ? first.equals(second) : !notDone.contains(one) && !notDone.contains(other);
  }

  private void becameOf(String lot, String from) {
    batchOf.put(lot, Objects.requireNonNull(batchOf.get(from), from));
    if (notDone.contains(from)) {
      notDone.add(lot);
    }
  }

  /** Tubs that are not done are in the pot that goes on with them, and no more in the tubs. */
  private void goOn() {
    Map<String, Double> all = tubs();
    List<String> open =
        lots.stream()
            .filter(lot -> notDone.contains(lot) && all.getOrDefault(lot, 0.0) > 0.2)
            .toList();
    if (open.isEmpty()) {
      return;
    }
    String lot = any(open);
    JsonNode view = ok(app.get("/api/lots/" + lot));
    double before = view.at("/massKilograms").asDouble();
    double mass = Double.parseDouble(number(before * (0.3 + random.nextDouble())));
    String id = UUID.randomUUID().toString();
    String pot = any(pots);
    ObjectNode plan = (ObjectNode) JSON.readTree(Requests.plan(app));
    plan.put("vesselId", pot).put("heatSourceId", any(burners)).put("goesOnLotId", lot);
    plan.put("sizedBy", "STOCK").put("targetSolidsFraction", 0.2).put("targetText", "20 %");
    plan.putArray("available")
        .addObject()
        .put("ingredientId", view.at("/unfinished/tubId").asString())
        .put("massKilograms", mass)
        .put("text", "");
    Answer answer =
        app.post(
            "/api/batches",
            "{\"id\":\"%s\",\"plan\":%s,\"timeScale\":1,\"sharesHeat\":true,%s}"
                .formatted(id, plan, stamp(0)));
    if (said("go on", mass <= before + 0.005 && !potOf.containsValue(pot), answer)) {
      assertEquals(before - mass, tubs().getOrDefault(lot, 0.0), 0.0051);
      if (random.nextBoolean() && said("unlit", true, takeBack("batches", id, id))) {
        assertEquals(all, tubs());
        return;
      }
      potOf.put(id, pot);
      burnerOf.put(id, plan.at("/heatSourceId").asString());
      weighedOf.put(id, 0.0);
      live.add(id);
    }
  }

  /** Now and then somebody writes why it is more than was made. */
  private String because() {
    return random.nextInt(6) == 0 ? "\"moreBecause\":\"stretched with stock\"," : "";
  }

  /** A pot in which something is stays in the kitchen. */
  private void retire() {
    String pot = any(pots);
    JsonNode view = null;
    for (JsonNode one : ok(app.get("/api/kitchen")).at("/vessels")) {
      view = one.at("/id").asString().equals(pot) ? one : view;
    }
    if (view == null) {
      return;
    }
    int version = view.at("/version").asInt();
    String path = "/api/vessels/" + pot + "/retired?retired=";
    Answer answer = app.put(path + "true", "", "If-Match", String.valueOf(version));
    if (said("retire", !potOf.containsValue(pot), answer)) {
      ok(app.put(path + "false", "", "If-Match", String.valueOf(version + 1)));
    }
  }

  private void placesAgree() {
    Map<String, String> told = new HashMap<>();
    for (JsonNode place : ok(app.get("/api/occupancy"))) {
      if (pots.contains(place.at("/vesselId").asString())) {
        told.put(place.at("/holderId").asString(), place.at("/vesselId").asString());
      }
    }
    assertEquals(potOf, told);
    assertEquals(told.size(), new HashSet<>(told.values()).size(), "a pot holds one thing");
  }

  /** Whatever is on, held or cooling asks for something, and nothing that has ended does. */
  private void workAgrees() {
    Set<String> open = new HashSet<>(live);
    open.addAll(kept.keySet());
    seen.addAll(open);
    Set<String> told = new HashSet<>();
    for (JsonNode task : ok(app.get("/api/tasks"))) {
      if (seen.contains(task.at("/subjectId").asString())) {
        told.add(task.at("/subjectId").asString());
      }
    }
    assertEquals(open, told, "all of it is work, and nothing else");
  }

  private boolean said(String act, boolean may, Answer answer) {
    boolean did = answer.status() < 300;
    assertEquals(may, did, act + ": " + answer.status() + " " + answer.body());
    (did ? accepted : refused).add(act);
    assertTrue(did || answer.status() == 422 || answer.status() == 409, answer.body().toString());
    return did;
  }

  private <T> T any(List<T> list) {
    return list.get(random.nextInt(list.size()));
  }

  private static String number(double value) {
    return String.format(Locale.ROOT, "%.3f", value);
  }

  private static String stamp(int minutesAgo) {
    return Requests.stamp(Instant.now().minus(Duration.ofMinutes(minutesAgo)));
  }

  private static JsonNode ok(Answer answer) {
    assertTrue(answer.status() < 300, answer.status() + " " + answer.body());
    return answer.body();
  }
}
