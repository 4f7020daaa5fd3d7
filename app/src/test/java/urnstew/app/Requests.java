package urnstew.app;

import tools.jackson.databind.JsonNode;

/** Requests against the demo kitchen. */
final class Requests {
  private Requests() {}

  /** A sensible plan: 34 covers in the rondeau. */
  static String plan(RunningApplication app) {
    JsonNode kitchen = app.get("/api/kitchen").body();
    String vessel = named(kitchen.at("/vessels"), "Rondeau");
    String burner = named(kitchen.at("/heatSources"), "Induction");
    return """
        {"formulaId":"plain-marinara","covers":34,"servingMassKilograms":0.11,"servingText":"110 g","targetSolidsFraction":0.105,"vesselId":"%s","heatSourceId":"%s","level":"LIVELY","lid":"OFF","wholePacks":false,"readyByLocalTime":"18:30"}"""
        .formatted(vessel, burner);
  }

  static String named(JsonNode list, String name) {
    for (JsonNode item : list) {
      if (item.at("/name").asString().equals(name)) {
        return item.at("/id").asString();
      }
    }
    throw new AssertionError("no " + name);
  }
}
