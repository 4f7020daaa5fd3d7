package urnstew.app;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Values for a schema of the API document: mostly right, now and then as wrong as can be. */
final class RandomJson {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
  private static final int WRONG_ONE_IN = 25;
  private static final List<String> TYPES =
      List.of("*/*", "text/plain", "application/xml", "application/json;charset=klingon", "x");
  private static final List<String> STRANGE =
      List.of(
          "",
          " ",
          "\0",
          "a\0b",
          "null",
          "-1",
          "1e309",
          "NaN",
          "%s%n",
          "'; drop table batch; --",
          "../../etc/passwd",
          "\uD83C\uDF45 sugo \u202E",
          "\uD800",
          "x".repeat(9_000),
          "+1000000-01-01T00:00:00Z",
          "-9999-12-31T23:59:59Z",
          "2026-02-30",
          "99:99");

  private final Random random;
  private final JsonNode schemas;
  private final List<String> known = new ArrayList<>();

  RandomJson(Random random, JsonNode schemas) {
    this.random = random;
    this.schemas = schemas;
  }

  /** An id that there is. */
  void know(String id) {
    if (known.size() < 5_000) {
      known.add(id);
    }
  }

  String type() {
    return TYPES.get(random.nextInt(TYPES.size()));
  }

  /** For a place in a path, a query or a header. */
  String word(JsonNode schema) {
    JsonNode value = value(schema, 0);
    return value.isValueNode() ? value.asString("") : value.toString();
  }

  String body(JsonNode schema) {
    String right = value(schema, 0).toString();
    return switch (random.nextInt(60)) {
      case 0 -> right.substring(0, random.nextInt(right.length()));
      case 1 -> "";
      case 2 -> "null";
      case 3 -> "[".repeat(5_000);
      case 4 -> "\"" + "x".repeat(3_000_000) + "\"";
      case 5 -> "{\"id\":" + "9".repeat(2_000) + "}";
      default -> right;
    };
  }

  /** One that was taken, as a new one and with one thing in it otherwise. */
  String allButOne(String taken) {
    JsonNode body = RunningApplication.JSON.readTree(taken);
    if (body instanceof ObjectNode object && object.has("id")) {
      object.put("id", UUID.randomUUID().toString());
    }
    List<ObjectNode> objects = new ArrayList<>();
    collect(body, objects);
    if (!objects.isEmpty()) {
      ObjectNode object = objects.get(random.nextInt(objects.size()));
      List<String> names = List.copyOf(object.propertyNames());
      if (!names.isEmpty()) {
        String name = names.get(random.nextInt(names.size()));
        object.set(name, otherwise(object.get(name)));
      }
    }
    return body.toString();
  }

  private static void collect(JsonNode node, List<ObjectNode> objects) {
    if (node instanceof ObjectNode object) {
      objects.add(object);
    }
    node.forEach(child -> collect(child, objects));
  }

  private JsonNode otherwise(JsonNode was) {
    if (random.nextInt(6) == 0) {
      return wrong();
    }
    if (was.isNumber()) {
      return NODES.numberNode(number());
    }
    return was.isString() ? NODES.stringNode(text("")) : wrong();
  }

  private JsonNode value(JsonNode schema, int depth) {
    if (random.nextInt(WRONG_ONE_IN) == 0) {
      return wrong();
    }
    String reference = schema.at("/$ref").asString("");
    if (!reference.isEmpty()) {
      return value(schemas.at("/" + reference.substring(reference.lastIndexOf('/') + 1)), depth);
    }
    if (schema.has("enum")) {
      return schema.at("/enum").get(random.nextInt(schema.at("/enum").size()));
    }
    if (schema.has("oneOf") || schema.has("anyOf")) {
      JsonNode choices = schema.has("oneOf") ? schema.at("/oneOf") : schema.at("/anyOf");
      return value(choices.get(random.nextInt(choices.size())), depth);
    }
    return switch (schema.at("/type").asString(schema.has("properties") ? "object" : "string")) {
      case "object" -> object(schema, depth);
      case "array" -> array(schema, depth);
      case "integer" ->
          NODES.numberNode(random.nextInt(5) == 0 ? random.nextInt() : random.nextInt(40));
      case "number" -> NODES.numberNode(number());
      case "boolean" -> NODES.booleanNode(random.nextBoolean());
      default -> NODES.stringNode(text(schema.at("/format").asString("")));
    };
  }

  private double number() {
    return switch (random.nextInt(12)) {
      case 0 -> 0;
      case 1 -> -random.nextDouble();
      case 2 -> 1e300 * random.nextDouble();
      case 3 -> Double.MIN_VALUE;
      default -> Math.exp(2 * random.nextGaussian() - 1);
    };
  }

  private String text(String format) {
    boolean odd = random.nextInt(12) == 0;
    return switch (format) {
      case "uuid" -> odd || known.isEmpty() ? UUID.randomUUID().toString() : anyKnown();
      case "date-time" -> Instant.now().plusSeconds(random.nextInt(20_000) - 10_000).toString();
      case "date" -> "2026-1%d-1%d".formatted(random.nextInt(3), random.nextInt(10));
      default -> odd ? strange() : random.nextBoolean() && !known.isEmpty() ? anyKnown() : plain();
    };
  }

  private String plain() {
    return List.of("", "18:30", "1 kg", "12", "a word", "EXACT").get(random.nextInt(6));
  }

  private String anyKnown() {
    return known.get(random.nextInt(known.size()));
  }

  private String strange() {
    return STRANGE.get(random.nextInt(STRANGE.size()));
  }

  private ObjectNode object(JsonNode schema, int depth) {
    ObjectNode object = NODES.objectNode();
    schema
        .at("/properties")
        .properties()
        .forEach(
            property -> {
              boolean required =
                  schema
                      .at("/required")
                      .valueStream()
                      .anyMatch(name -> name.asString().equals(property.getKey()));
              if (depth < 8 && (required ? random.nextInt(60) > 0 : random.nextInt(3) == 0)) {
                object.set(property.getKey(), value(property.getValue(), depth + 1));
              }
            });
    return object;
  }

  private ArrayNode array(JsonNode schema, int depth) {
    ArrayNode array = NODES.arrayNode();
    int size = random.nextInt(40) == 0 ? 300 : random.nextInt(4);
    for (int i = 0; i < size && depth < 8; i++) {
      array.add(value(schema.at("/items"), depth + 1));
    }
    return array;
  }

  private JsonNode wrong() {
    return switch (random.nextInt(7)) {
      case 0 -> NODES.nullNode();
      case 1 -> NODES.arrayNode().add(NODES.nullNode());
      case 2 -> NODES.objectNode().put("a", 1);
      case 3 -> NODES.numberNode(1e300);
      case 4 -> NODES.numberNode(-7);
      case 5 -> NODES.booleanNode(true);
      default -> NODES.stringNode(strange());
    };
  }
}
