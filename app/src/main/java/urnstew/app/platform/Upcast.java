package urnstew.app.platform;

import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Labelling;
import urnstew.core.pantry.ReferencePantry;

/**
 * Reads documents of earlier releases: what they did not have yet is filled in on reading, never in
 * the stored row. A label of a shipped kind asks what it asks by now; of a kitchen's own ingredient
 * without any allergen nobody can say whether its label was read.
 */
public final class Upcast {
  private static final String PIECES_OUT = "PiecesTakenOut";
  private static final String NOT_SAID = "nobody noted whether its label was read";
  private static final Map<String, Labelling> SHIPPED =
      ReferencePantry.load().all().stream()
          .collect(Collectors.toUnmodifiableMap(Ingredient::id, Ingredient::labelling));

  private Upcast() {}

  /** One document as this release has it. */
  public static <T> T read(JsonMapper json, String document, Class<T> type) {
    boolean old =
        lacks(document, "labelling", "asks")
            || lacks(document, "takeOuts", "unread")
            || lacks(document, "brokenBy", "doubts")
            || lacks(document, PIECES_OUT, "which");
    if (!old) {
      return json.readValue(document, type);
    }
    JsonNode tree = json.readTree(document);
    fill(tree);
    return json.treeToValue(tree, type);
  }

  private static boolean lacks(String document, String has, String lacks) {
    return document.contains('"' + has + '"') && !document.contains('"' + lacks + '"');
  }

  private static void fill(JsonNode node) {
    if (node instanceof ObjectNode object) {
      if (object.get("labelling") instanceof ObjectNode labelling && !labelling.has("asks")) {
        label(object.path("id").asString(""), labelling);
      }
      if (object.path("kind").asString("").equals(PIECES_OUT) && !object.has("which")) {
        object.putArray("which");
      }
      if (object.has("takeOuts") && object.has("lines") && !object.has("unread")) {
        object.putArray("unread");
      }
      if (object.has("allergens") && object.has("diets") && !object.has("unknown")) {
        declaration(object);
      }
    }
    node.forEach(Upcast::fill);
  }

  private static void label(String id, ObjectNode labelling) {
    Labelling shipped = SHIPPED.get(id);
    ArrayNode asks = labelling.putArray("asks");
    if (shipped != null) {
      shipped.asks().forEach(allergen -> asks.add(allergen.name()));
    }
    boolean said = shipped != null || !labelling.path("allergens").isEmpty();
    labelling.put("unknown", said ? "" : NOT_SAID);
  }

  /** It stays as it was told then. */
  private static void declaration(ObjectNode told) {
    told.putArray("asked");
    told.putArray("unknown");
    ArrayNode words = told.putArray("inWords");
    String carried =
        told.path("allergens")
            .valueStream()
            .map(each -> each.path("words").asString(""))
            .collect(Collectors.joining(", "));
    words.add(carried.isEmpty() ? "no declared allergen" : "contains " + carried);
    told.path("diets").forEach(diet -> ((ObjectNode) diet).putArray("doubts"));
  }

  /** For reading many rows alike. */
  public static <T> Function<String, T> reader(JsonMapper json, Class<T> type) {
    return document -> read(json, document, type);
  }
}
