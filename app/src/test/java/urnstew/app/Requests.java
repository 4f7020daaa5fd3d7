package urnstew.app;

import java.time.Instant;
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
        {"formulaId":"plain-marinara","sizedBy":"COVERS","covers":34,"available":[],"servingMassKilograms":0.11,"servingText":"110 g","schools":[],"onTheTableFraction":0,"holdLossFraction":0,"packGoal":"LEAST_COST","targetSolidsFraction":0.105,"targetText":"10.5 %%","vesselId":"%s","heatSourceId":"%s","heating":{"way":"LIVELY","fan":false},"lid":"OFF","rounding":"EXACT","readyByLocalTime":"18:30"}"""
        .formatted(vessel, burner);
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
    for (JsonNode item : list) {
      if (item.at("/name").asString().equals(name)) {
        return item.at("/id").asString();
      }
    }
    throw new AssertionError("no " + name);
  }
}
