package urnstew.app.batch.store;

import java.util.stream.Collectors;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import urnstew.app.batch.ForecastView;
import urnstew.app.batch.Planned;
import urnstew.app.formula.store.FormulaDocuments;
import urnstew.app.pantry.store.IngredientDocuments;
import urnstew.app.platform.store.DocumentForm;
import urnstew.app.platform.store.Raise;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchSnapshot;

/** Forms of what is stored of a batch, and what earlier releases did not have yet. */
public final class BatchDocuments {
  /** What it was planned from. */
  public static final DocumentForm<BatchSnapshot> SNAPSHOT =
      DocumentForm.of(
          StoredSnapshot.class,
          BatchMapping.MAPPING::stored,
          BatchMapping.MAPPING::snapshot,
          Raise.everywhere(IngredientDocuments::asking, FormulaDocuments::unread));

  /** Something that happened to it. */
  public static final DocumentForm<BatchEvent> EVENT =
      DocumentForm.of(
          StoredEvent.class,
          BatchMapping.MAPPING::stored,
          BatchMapping.MAPPING::event,
          Raise.everywhere(IngredientDocuments::asking, BatchDocuments::which));

  /** What was told when the burner was lit. */
  public static final DocumentForm<Planned> PLANNED =
      DocumentForm.of(
          StoredPlanned.class,
          ToldMapping.MAPPING::stored,
          ToldMapping.MAPPING::planned,
          Raise.everywhere(BatchDocuments::declared));

  /** What is told now. */
  public static final DocumentForm<ForecastView> FORECAST =
      DocumentForm.of(
          StoredForecast.class,
          ToldMapping.MAPPING::stored,
          ToldMapping.MAPPING::forecast,
          Raise.everywhere());

  private BatchDocuments() {}

  /** All pieces came out at once. */
  private static void which(ObjectNode event) {
    if (event.path("kind").asString("").equals("PiecesTakenOut") && !event.has("which")) {
      event.putArray("which");
    }
  }

  /** It stays as it was told then. */
  private static void declared(ObjectNode told) {
    if (!told.has("allergens") || !told.has("diets") || told.has("unknown")) {
      return;
    }
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
}
