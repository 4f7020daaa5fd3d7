package urnstew.app.keeping.store;

import urnstew.app.keeping.KeepingEvent;
import urnstew.app.keeping.KeepingStart;
import urnstew.app.platform.store.DocumentForm;
import urnstew.app.platform.store.Raise;

/** Forms of what is stored of something held, cooled or set out. */
public final class KeepingDocuments {
  /** How it began. */
  public static final DocumentForm<KeepingStart> START =
      DocumentForm.of(
          StoredStart.class,
          KeepingMapping.MAPPING::stored,
          KeepingMapping.MAPPING::start,
          Raise.everywhere());

  /** What happened to it. */
  public static final DocumentForm<KeepingEvent> EVENT =
      DocumentForm.of(
          StoredEntry.class,
          KeepingMapping.MAPPING::stored,
          KeepingMapping.MAPPING::event,
          Raise.everywhere());

  private KeepingDocuments() {}
}
