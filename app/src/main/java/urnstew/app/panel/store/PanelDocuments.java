package urnstew.app.panel.store;

import java.util.List;
import tools.jackson.databind.node.JsonNodeFactory;
import urnstew.app.platform.store.DocumentForm;
import urnstew.app.platform.store.Raise;
import urnstew.core.panel.ServingPlan;

/** The forms in which blind tastings are stored. */
public final class PanelDocuments {
  /** Who gets which cup when. */
  public static final DocumentForm<ServingPlan> SERVING =
      DocumentForm.of(
          StoredServing.class,
          ServingMapping.MAPPING::stored,
          ServingMapping.MAPPING::plan,
          Raise.everywhere());

  /** What is in the cups; a bare list of words at first. */
  public static final DocumentForm<List<String>> CUPS =
      DocumentForm.of(StoredCups.class, StoredCups::new, StoredCups::cups, wrapped("cups"));

  /** What a seat said; a bare list of numbers at first. */
  public static final DocumentForm<List<Integer>> RANKED =
      DocumentForm.of(
          StoredRanking.class, StoredRanking::new, StoredRanking::places, wrapped("places"));

  private PanelDocuments() {}

  private static Raise wrapped(String as) {
    return list -> JsonNodeFactory.instance.objectNode().set(as, list);
  }
}
