package urnstew.app.platform.store;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Makes a document of one schema one of the next, in memory. */
@FunctionalInterface
public interface Raise extends UnaryOperator<JsonNode> {
  /** Does these to every object in it, at any depth. */
  @SafeVarargs
  static Raise everywhere(Consumer<ObjectNode>... of) {
    return document -> {
      walk(document, List.of(of));
      return document;
    };
  }

  private static void walk(JsonNode node, List<Consumer<ObjectNode>> of) {
    if (node instanceof ObjectNode object) {
      of.forEach(each -> each.accept(object));
    }
    node.forEach(inner -> walk(inner, of));
  }
}
