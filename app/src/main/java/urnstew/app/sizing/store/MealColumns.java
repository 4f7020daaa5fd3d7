package urnstew.app.sizing.store;

import java.util.List;
import org.springframework.stereotype.Component;
import urnstew.app.platform.store.StoredColumn;
import urnstew.app.platform.store.StoredColumns;

/** Where meals are kept. */
@Component
class MealColumns implements StoredColumns {
  @Override
  public List<StoredColumn> all() {
    return List.of(new StoredColumn("meal", "document", MealDocuments.MEAL));
  }
}
