package urnstew.app.panel.store;

import java.util.List;
import org.springframework.stereotype.Component;
import urnstew.app.platform.store.StoredColumn;
import urnstew.app.platform.store.StoredColumns;

/** Where blind tastings are kept. */
@Component
class PanelColumns implements StoredColumns {
  @Override
  public List<StoredColumn> all() {
    return List.of(
        new StoredColumn("panel", "cups", PanelDocuments.CUPS),
        new StoredColumn("panel", "plan", PanelDocuments.SERVING),
        new StoredColumn("panel_seat", "ranked", PanelDocuments.RANKED));
  }
}
