package urnstew.app.batch.store;

import java.util.List;
import org.springframework.stereotype.Component;
import urnstew.app.platform.store.StoredColumn;
import urnstew.app.platform.store.StoredColumns;

/** Where documents of batches are kept. */
@Component
class BatchColumns implements StoredColumns {
  @Override
  public List<StoredColumn> all() {
    return List.of(
        new StoredColumn("batch", "snapshot", BatchDocuments.SNAPSHOT),
        new StoredColumn("batch", "planned", BatchDocuments.PLANNED),
        new StoredColumn("batch", "forecast", BatchDocuments.FORECAST),
        new StoredColumn("batch_event", "payload", BatchDocuments.EVENT));
  }
}
