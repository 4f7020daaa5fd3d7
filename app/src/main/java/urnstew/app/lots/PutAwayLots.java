package urnstew.app.lots;

import java.util.UUID;
import org.springframework.stereotype.Component;
import urnstew.app.batch.BatchUse;
import urnstew.app.keeping.PutAwaySauce;

/** Tells the hot side, and the stove, what is in tubs. */
@Component
class PutAwayLots implements PutAwaySauce, BatchUse {
  private final LotMapper mapper;

  PutAwayLots(LotMapper mapper) {
    this.mapper = mapper;
  }

  @Override
  public double kilogramsOf(UUID batchId) {
    return mapper.putAwayOf(batchId);
  }

  @Override
  public boolean areOf(UUID keepingId) {
    return mapper.isOfKeeping(keepingId);
  }

  @Override
  public boolean isUsed(UUID batchId) {
    return mapper.isPutAway(batchId);
  }
}
