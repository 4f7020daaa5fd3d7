package urnstew.app.lots;

import java.util.UUID;
import org.springframework.stereotype.Component;
import urnstew.app.keeping.PutAwaySauce;

/** Tells the hot side what is in tubs. */
@Component
class PutAwayLots implements PutAwaySauce {
  private final LotMapper mapper;

  PutAwayLots(LotMapper mapper) {
    this.mapper = mapper;
  }

  @Override
  public double kilogramsOf(UUID batchId) {
    return mapper.putAwayOf(batchId);
  }
}
