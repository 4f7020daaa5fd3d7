package urnstew.app.platform.store;

import java.util.List;

/** The columns in which a capability keeps documents, so that a restore can read them all. */
public interface StoredColumns {
  List<StoredColumn> all();
}
