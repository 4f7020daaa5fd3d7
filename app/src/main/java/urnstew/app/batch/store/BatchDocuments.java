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
          Raise.everywhere(IngredientDocuments::asking, FormulaDocuments::unread),
          Raise.everywhere(
              FormulaDocuments::course, BatchDocuments::stages, IngredientDocuments::made));

  /** Something that happened to it. */
  public static final DocumentForm<BatchEvent> EVENT =
      DocumentForm.of(
          StoredEvent.class,
          BatchMapping.MAPPING::stored,
          BatchMapping.MAPPING::event,
          Raise.everywhere(IngredientDocuments::asking, BatchDocuments::which),
          Raise.everywhere(IngredientDocuments::made, BatchDocuments::ended));

  /** What was told when the burner was lit. */
  public static final DocumentForm<Planned> PLANNED =
      DocumentForm.of(
          StoredPlanned.class,
          ToldMapping.MAPPING::stored,
          ToldMapping.MAPPING::planned,
          Raise.everywhere(BatchDocuments::declared),
          Raise.everywhere(BatchDocuments::told, BatchDocuments::heats, BatchDocuments::parts));

  /** What is told now. */
  public static final DocumentForm<ForecastView> FORECAST =
      DocumentForm.of(
          StoredForecast.class,
          ToldMapping.MAPPING::stored,
          ToldMapping.MAPPING::forecast,
          Raise.everywhere(),
          Raise.everywhere(BatchDocuments::heats));

  private BatchDocuments() {}

  /** One heat and one lid were the plan's, for all that simmers. */
  private static void stages(ObjectNode inputs) {
    if (inputs.has("need") && inputs.has("readyBy") && !inputs.has("stages")) {
      inputs.putArray("stages");
    }
  }

  /** All pieces came out at once. */
  private static void which(ObjectNode event) {
    if (event.path("kind").asString("").equals("PiecesTakenOut") && !event.has("which")) {
      event.putArray("which");
    }
  }

  /** All that simmers was one phase; cautions and what comes out stood in the formula only. */
  private static void told(ObjectNode stage) {
    if (stage.has("readyCue") && !stage.has("how")) {
      boolean simmers = stage.path("role").asString("").equals("REDUCE");
      if (simmers) {
        stage.put("phase", 0);
      }
      stage.put("beside", false).put("answers", simmers).put("how", "");
      stage.put("caution", "").put("pause", "");
      stage.putArray("takeOuts");
    }
  }

  /** What came off the heat was done. */
  private static void ended(ObjectNode event) {
    if (event.path("kind").asString("").equals("Finished") && !event.has("stopped")) {
      event.put("stopped", false);
    }
  }

  /** No line was made by a formula of its own. */
  private static void parts(ObjectNode plan) {
    if (plan.has("amounts") && plan.has("purchases") && !plan.has("parts")) {
      plan.putArray("parts");
    }
  }

  /** Heat and lid were the pot's own throughout: none are told apart. */
  private static void heats(ObjectNode forecast) {
    if (forecast.has("stirEverySeconds") && forecast.has("reads") && !forecast.has("heats")) {
      forecast.putArray("heats");
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
