package urnstew.app;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** Requests against the demo kitchen. */
final class Requests {
  private Requests() {}

  /** A sensible plan: 34 covers in a free pot on a free burner. */
  static String plan(RunningApplication app) {
    return plan(freePot(app), freeBurner(app));
  }

  /** The same in this pot, on this burner. */
  static String plan(String pot, String burner) {
    return """
        {"formulaId":"plain-marinara","sizedBy":"COVERS","covers":34,"available":[],"servingMassKilograms":0.11,"servingText":"110 g","schools":[],"onTheTableFraction":0,"holdLossFraction":0,"packGoal":"LEAST_COST","targetSolidsFraction":0.105,"targetText":"10.5 %%","vesselId":"%s","heatSourceId":"%s","heating":{"way":"LIVELY","fan":false},"lid":"OFF","rounding":"EXACT","readyByLocalTime":"18:30"}"""
        .formatted(pot, burner);
  }

  /** A rondeau in which nothing is: the demo's, or another of its sizes. */
  static String freePot(RunningApplication app) {
    return free(app, "/vessels", "Rondeau", "vesselId")
        .orElseGet(
            () -> {
              String id = UUID.randomUUID().toString();
              app.post("/api/vessels", rondeau(id));
              return id;
            });
  }

  /** A vessel of the sizes of the demo's rondeau. */
  static String rondeau(String id) {
    return """
        {"id":"%s","name":"Rondeau","shape":"ROUND","firstWidthMeters":0.36,"firstWidthText":"36 cm","secondWidthMeters":0.36,"secondWidthText":"","depthMeters":0.2,"depthText":"20 cm","emptyMassKilograms":4.1,"emptyMassText":"4.1 kg","metal":"STAINLESS_STEEL","lid":true,"ovenLimitCelsius":250}"""
        .formatted(id);
  }

  private static String freeBurner(RunningApplication app) {
    return free(app, "/heatSources", "Induction", "heatSourceId")
        .orElseGet(
            () -> {
              String id = UUID.randomUUID().toString();
              String induction =
                  """
                  {"id":"%s","name":"Induction","kind":"INDUCTION","labelPowerWatts":3500,"labelPowerText":"3500 W"}"""
                      .formatted(id);
              app.post("/api/heat-sources", induction);
              return id;
            });
  }

  private static Optional<String> free(
      RunningApplication app, String list, String name, String taken) {
    List<String> used = app.get("/api/occupancy").body().findValuesAsString(taken);
    for (JsonNode one : app.get("/api/kitchen").body().at(list)) {
      String id = one.at("/id").asString();
      if (one.at("/name").asString().equals(name) && !used.contains(id)) {
        return Optional.of(id);
      }
    }
    return Optional.empty();
  }

  /** A vessel as it is entered. */
  static String vessel(String id) {
    return """
        {"id":"%s","name":"Pot","shape":"ROUND","firstWidthMeters":0.3,"firstWidthText":"30 cm","secondWidthMeters":0.3,"secondWidthText":"","depthMeters":0.2,"depthText":"20 cm","emptyMassKilograms":2,"emptyMassText":"2 kg","metal":"STAINLESS_STEEL","lid":true,"ovenLimitCelsius":250}"""
        .formatted(id);
  }

  /** When something was written. */
  static String stamp(Instant typedAt) {
    return "\"stamp\":{\"typedAt\":\"%s\",\"sentAt\":\"%s\"}".formatted(typedAt, Instant.now());
  }

  static String named(JsonNode list, String name) {
    return first(list, name).at("/id").asString();
  }

  /** The first of a list that has a name; what other tests made stands in these lists too. */
  static JsonNode first(JsonNode list, String name) {
    for (JsonNode item : list) {
      if (item.at("/name").asString().equals(name)) {
        return item;
      }
    }
    throw new AssertionError("no " + name);
  }
}
