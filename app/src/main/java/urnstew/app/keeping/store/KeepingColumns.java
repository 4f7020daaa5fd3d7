package urnstew.app.keeping.store;

import java.util.List;
import org.springframework.stereotype.Component;
import urnstew.app.platform.store.StoredColumn;
import urnstew.app.platform.store.StoredColumns;

/** Where it is kept how something is held or cooled. */
@Component
class KeepingColumns implements StoredColumns {
  @Override
  public List<StoredColumn> all() {
    return List.of(
        new StoredColumn("keeping", "start", KeepingDocuments.START),
        new StoredColumn("keeping_event", "payload", KeepingDocuments.EVENT));
  }
}
