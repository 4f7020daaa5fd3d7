package urnstew.app.lots;

import java.util.UUID;
import org.springframework.stereotype.Component;
import urnstew.app.batch.BatchUse;

/** What is in tubs is used. */
@Component
class PutAwayOfBatch implements BatchUse {
  private final LotMapper mapper;

  PutAwayOfBatch(LotMapper mapper) {
    this.mapper = mapper;
  }

  @Override
  public boolean isUsed(UUID batchId) {
    return mapper.isPutAway(batchId);
  }
}
