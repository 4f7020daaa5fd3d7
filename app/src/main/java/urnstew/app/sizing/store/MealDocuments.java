package urnstew.app.sizing.store;

import urnstew.app.platform.store.DocumentForm;
import urnstew.app.platform.store.Raise;
import urnstew.app.sizing.MealSheet;

/** The form in which meals are stored. */
public final class MealDocuments {
  /** A meal as it was written. */
  public static final DocumentForm<MealSheet> MEAL =
      DocumentForm.of(
          StoredMeal.class,
          MealMapping.MAPPING::stored,
          MealMapping.MAPPING::sheet,
          Raise.everywhere());

  private MealDocuments() {}
}
