package urnstew.app.logbook;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is to be learnt from finished batches. */
@Service
public class LogbookService {
  private final LogbookMapper entries;

  LogbookService(LogbookMapper entries) {
    this.entries = entries;
  }

  /** Finished batches, the newest first. */
  @Transactional(readOnly = true)
  public List<LogbookEntry> finished() {
    return entries.finished();
  }
}
