package urnstew.app.platform;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import tools.jackson.databind.json.JsonMapper;

/** Writes sealed types of the core each under its simple name, as {@code kind}. */
public final class ByKind {
  private ByKind() {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.SIMPLE_NAME, property = "kind")
  private interface Named {}

  /** A mapper that also knows these. */
  public static JsonMapper named(JsonMapper json, Class<?>... sealedTypes) {
    JsonMapper.Builder named = json.rebuild();
    for (Class<?> each : sealedTypes) {
      named.addMixIn(each, Named.class);
      named.registerSubtypes(each.getPermittedSubclasses());
    }
    return named.build();
  }
}
