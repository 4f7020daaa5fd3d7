package urnstew.app.keeping;

import java.util.UUID;
import org.springframework.stereotype.Component;
import urnstew.app.batch.BatchUse;

/** What is held or cools is used. */
@Component
class KeptOfBatch implements BatchUse {
  private final KeepingMapper mapper;

  KeptOfBatch(KeepingMapper mapper) {
    this.mapper = mapper;
  }

  @Override
  public boolean isUsed(UUID batchId) {
    return mapper.isKept(batchId);
  }
}
