package urnstew.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.net.URLEncoder;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;
import urnstew.app.platform.Actor;

/**
 * Requests over every operation that are almost right, wrong or nonsense: none is answered with a
 * fault of ours or after more than five seconds, and afterwards every page still stands.
 */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
class FuzzIT {
  private static final int REQUESTS = Integer.getInteger("urnstew.fuzz", 500);
  private static final Duration LONGEST = Duration.ofSeconds(5);

  private final DataSourceProperties shared;
  private final JdbcTemplate server;
  private final Random random = new Random(Long.getLong("urnstew.fuzz.seed", 17));

  @Autowired
  FuzzIT(DataSourceProperties shared, JdbcTemplate server) {
    this.shared = shared;
    this.server = server;
  }

  /** A table without a row that could be taken, a list as it was, a seat that is taken already. */
  private static final Set<String> MAY_CHANGE_NOTHING =
      Set.of(
          "/api/pantry/table",
          "/api/formulas/files",
          "/api/pantry/avoided",
          "/api/panels/{id}/seats/{device}");

  @Test
  void nothingIsAnsweredWithAFaultOfOurs() {
    try (OwnKitchen kitchen = OwnKitchen.fresh(shared, server)) {
      RunningApplication app = kitchen.app();
      JsonNode document = app.get("/api/openapi").body();
      RandomJson json = new RandomJson(random, document.at("/components/schemas"));
      List<Operation> operations = operations(document);
      List<String> faults = new ArrayList<>();
      int taken = 0;
      Set<String> strangers = new TreeSet<>();
      Set<String> silent = new TreeSet<>();
      Set<String> noted = new TreeSet<>();
      Map<Operation, Sent> accepted = new HashMap<>();
      for (int i = 0; i < REQUESTS; i++) {
        if (i % 250 == 0) {
          EveryPageStandsIT.PAGES.forEach(
              page -> app.get(page).body().findValuesAsString("id").forEach(json::know));
        }
        Operation operation = operations.get(i % operations.size());
        Sent before = accepted.get(operation);
        Sent sent =
            before != null && random.nextInt(3) == 0
                ? again(app, operation, before, json)
                : request(app, operation, json);
        Instant sentAt = Instant.now();
        long changes = changes(kitchen);
        HttpResponse<String> answer = app.send(sent.request());
        Duration took = Duration.between(sentAt, Instant.now());
        if (answer.statusCode() < 300) {
          taken++;
          accepted.put(operation, sent);
        }
        if (operation.writes() && answer.statusCode() < 300) {
          (changes(kitchen) > changes ? noted : silent).add(operation.path());
        }
        blamed(answer, sent, operation, document.at("/components/schemas")).forEach(strangers::add);
        if (answer.statusCode() >= 500 || took.compareTo(LONGEST) > 0) {
          faults.add(
              "%s %s %s -> %d in %d ms %s"
                  .formatted(
                      operation.method(),
                      sent.path(),
                      shortened(sent.body()),
                      answer.statusCode(),
                      took.toMillis(),
                      shortened(answer.body())));
        }
      }
      assertTrue(faults.isEmpty(), faults.size() + " of them:\n" + String.join("\n", faults));
      assertEquals(Set.of(), strangers, "fields are blamed by the names that the API gives them");
      assertTrue(taken > REQUESTS / 10, "only " + taken + " were right");
      for (String page : EveryPageStandsIT.PAGES) {
        assertEquals(200, app.get(page).status(), page);
      }
      assertEquals(0, app.get("/api/batches/broken").body().size());
      silent.removeAll(noted);
      silent.removeAll(MAY_CHANGE_NOTHING);
      assertEquals(Set.of(), silent, "was written and nobody was told");
      assertEquals(
          List.of(),
          kitchen
              .database()
              .queryForList("select topic from change where actor = 'by hand'", String.class),
          "nobody is said to have written it");
    }
  }

  /** Fields that an answer blames, and that no request of this operation has. */
  private static List<String> blamed(
      HttpResponse<String> answer, Sent sent, Operation operation, JsonNode schemas) {
    String type = answer.headers().firstValue("content-type").orElse("");
    if (!type.startsWith("application/problem+json")) {
      return List.of();
    }
    List<String> unknown = new ArrayList<>();
    for (JsonNode error : RunningApplication.JSON.readTree(answer.body()).at("/errors")) {
      String pointer = error.at("/pointer").asString();
      boolean parameter =
          operation.parameters().findValuesAsString("name").stream()
              .anyMatch(name -> pointer.equals("/" + name));
      // What no field of ours is called is blamed by the name that it was sent with.
      boolean sentSo =
          sent.body().contains("\"" + pointer.substring(pointer.lastIndexOf("/") + 1) + "\"");
      if (!pointer.isEmpty() && !parameter && !sentSo && !has(operation.body(), pointer, schemas)) {
        unknown.add(operation.method() + " " + operation.path() + " blames " + pointer);
      }
    }
    return unknown;
  }

  private static boolean has(JsonNode schema, String pointer, JsonNode schemas) {
    JsonNode here = schema;
    for (String part : pointer.substring(1).split("/")) {
      while (here.has("$ref")) {
        here = schemas.at(here.at("/$ref").asString().replace("#/components/schemas", ""));
      }
      JsonNode next =
          part.matches("\\d+") && here.has("items")
              ? here.at("/items")
              : here.at("/properties/" + part);
      here = next.isMissingNode() ? here.at("/additionalProperties") : next;
      if (here.isMissingNode()) {
        return false;
      }
    }
    return true;
  }

  private static long changes(OwnKitchen kitchen) {
    return Objects.requireNonNull(
        kitchen.database().queryForObject("select count(*) from change", Long.class));
  }

  private static String shortened(String text) {
    return text.substring(0, Math.min(400, text.length()));
  }

  private record Operation(String method, String path, JsonNode parameters, JsonNode body) {
    boolean writes() {
      return parameters.findValuesAsString("name").contains(Actor.DEVICE);
    }
  }

  private record Sent(
      HttpRequest.Builder request, String path, List<String> headers, String body) {}

  private static List<Operation> operations(JsonNode document) {
    List<Operation> operations = new ArrayList<>();
    document.at("/paths").properties().stream()
        .filter(path -> !path.getKey().equals("/api/changes")) // never ends
        .forEach(
            path ->
                path.getValue()
                    .properties()
                    .forEach(
                        of ->
                            operations.add(
                                new Operation(
                                    of.getKey().toUpperCase(java.util.Locale.ROOT),
                                    path.getKey(),
                                    of.getValue().at("/parameters"),
                                    of.getValue()
                                        .at("/requestBody/content/application~1json/schema")))));
    return operations;
  }

  private Sent request(RunningApplication app, Operation operation, RandomJson json) {
    String path = operation.path();
    StringBuilder query = new StringBuilder();
    List<String> headers = new ArrayList<>();
    for (JsonNode parameter : operation.parameters()) {
      String name = parameter.at("/name").asString();
      String value = json.word(parameter.at("/schema"));
      switch (parameter.at("/in").asString()) {
        case "path" ->
            path = path.replace("{" + name + "}", encoded(value.isEmpty() ? "x" : value));
        case "query" ->
            query
                .append(query.isEmpty() ? '?' : '&')
                .append(name)
                .append('=')
                .append(encoded(value));
        default -> headers.addAll(List.of(name, value.replaceAll("[^ -~]", "")));
      }
    }
    boolean reads = operation.method().equals("GET");
    String body = reads ? "" : json.body(operation.body());
    String type = random.nextInt(30) == 0 ? json.type() : "application/json";
    headers.addAll(List.of("content-type", type));
    return sent(app, operation, path + query, headers, body);
  }

  /** What was taken once, all but one thing of it. */
  private static Sent again(
      RunningApplication app, Operation operation, Sent before, RandomJson json) {
    String body = before.body().isEmpty() ? "" : json.allButOne(before.body());
    return sent(app, operation, before.path(), before.headers(), body);
  }

  private static Sent sent(
      RunningApplication app, Operation operation, String path, List<String> headers, String body) {
    HttpRequest.Builder request = app.request(path);
    for (int i = 0; i < headers.size(); i += 2) {
      if (!headers.get(i + 1).isBlank()) {
        request.header(headers.get(i), headers.get(i + 1));
      }
    }
    request
        .timeout(Duration.ofSeconds(30))
        .method(
            operation.method(),
            operation.method().equals("GET")
                ? BodyPublishers.noBody()
                : BodyPublishers.ofString(body));
    return new Sent(request, path, headers, body);
  }

  private static String encoded(String value) {
    return URLEncoder.encode(value, StandardCharsets.UTF_8).replace("+", "%20");
  }
}
