package urnstew.app.formula.store;

import java.util.List;
import org.springframework.stereotype.Component;
import urnstew.app.platform.store.StoredColumn;
import urnstew.app.platform.store.StoredColumns;

/** Where formulas are kept. */
@Component
class FormulaColumns implements StoredColumns {
  @Override
  public List<StoredColumn> all() {
    return List.of(new StoredColumn("formula_version", "document", FormulaDocuments.FORMULA));
  }
}
