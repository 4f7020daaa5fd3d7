package urnstew.app.lots.store;

import java.util.List;
import org.springframework.stereotype.Component;
import urnstew.app.pantry.store.IngredientDocuments;
import urnstew.app.platform.store.StoredColumn;
import urnstew.app.platform.store.StoredColumns;

/** Where documents of lots are kept. */
@Component
class LotColumns implements StoredColumns {
  @Override
  public List<StoredColumn> all() {
    return List.of(
        new StoredColumn("lot", "kind", IngredientDocuments.COMPOSITION),
        new StoredColumn("lot", "declaration", LotDocuments.DECLARATION));
  }
}
