package urnstew.app.service.store;

import java.util.List;
import org.springframework.stereotype.Component;
import urnstew.app.platform.store.StoredColumn;
import urnstew.app.platform.store.StoredColumns;

/** Where services are kept. */
@Component
class ServiceColumns implements StoredColumns {
  @Override
  public List<StoredColumn> all() {
    return List.of(
        new StoredColumn("service", "setup", ServiceDocuments.SETUP),
        new StoredColumn("service_event", "payload", ServiceDocuments.EVENT),
        new StoredColumn("service_plan", "plan", ServiceDocuments.PLAN));
  }
}
