package urnstew.app.pantry.store;

import java.util.List;
import org.springframework.stereotype.Component;
import urnstew.app.platform.store.StoredColumn;
import urnstew.app.platform.store.StoredColumns;

/** Where ingredients are kept. */
@Component
class IngredientColumns implements StoredColumns {
  @Override
  public List<StoredColumn> all() {
    return List.of(new StoredColumn("own_ingredient", "document", IngredientDocuments.INGREDIENT));
  }
}
