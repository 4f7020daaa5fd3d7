package urnstew.app.platform.store;

import java.util.List;
import java.util.function.Function;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * How documents of one kind are stored: in an envelope {@code {"schema": n, "document": …}}. What
 * has no envelope was written before there was one, and is of schema 0.
 *
 * @param <T> what the application works with
 */
public final class DocumentForm<T> {
  private static final JsonMapper JSON = StoreJson.mapper();
  private static final String SCHEMA = "schema";
  private static final String DOCUMENT = "document";

  private final Function<T, String> write;
  private final Function<String, T> read;

  private DocumentForm(Function<T, String> write, Function<String, T> read) {
    this.write = write;
    this.read = read;
  }

  /**
   * Documents of one kind.
   *
   * @param type as it is stored
   * @param stored to what is stored
   * @param back from what was stored
   * @param raises from each schema to the next, the oldest first: as many as there were before this
   */
  public static <S, T> DocumentForm<T> of(
      Class<S> type, Function<T, S> stored, Function<S, T> back, Raise... raises) {
    Envelope<S> envelope = new Envelope<>(type, List.of(raises));
    return new DocumentForm<>(
        value -> envelope.seal(stored.apply(value)), text -> back.apply(envelope.open(text)));
  }

  /** The JSON to be stored for a value. */
  public String write(T value) {
    return write.apply(value);
  }

  /** From whatever schema it was stored in. */
  public T read(String stored) {
    return read.apply(stored);
  }

  private record Sealed(int schema, Object document) {}

  private record Envelope<S>(Class<S> type, List<Raise> raises) {
    String seal(S document) {
      String inner = JSON.writerFor(type).writeValueAsString(document);
      return JSON.writeValueAsString(
          new Sealed(raises.size(), new tools.jackson.databind.util.RawValue(inner)));
    }

    /** PostgreSQL keeps the shorter key first, so the schema is known before the document. */
    S open(String stored) {
      try (JsonParser parser = JSON.createParser(stored)) {
        parser.nextToken();
        if (SCHEMA.equals(parser.nextName())
            && parser.nextIntValue(-1) == raises.size()
            && DOCUMENT.equals(parser.nextName())) {
          parser.nextToken();
          return JSON.readValue(parser, type);
        }
      }
      return raised(JSON.readTree(stored));
    }

    private S raised(JsonNode tree) {
      boolean sealed = tree.has(SCHEMA) && tree.has(DOCUMENT);
      int schema = sealed ? tree.get(SCHEMA).asInt() : 0;
      JsonNode document = sealed ? tree.get(DOCUMENT) : tree;
      if (schema > raises.size()) {
        throw new IllegalStateException(
            "This was written by a later release: schema "
                + schema
                + " of "
                + type.getSimpleName()
                + ".");
      }
      for (Raise raise : raises.subList(schema, raises.size())) {
        document = raise.apply(document);
      }
      return JSON.treeToValue(document, type);
    }
  }
}
