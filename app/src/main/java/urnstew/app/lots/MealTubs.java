package urnstew.app.lots;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import urnstew.app.lots.LotMapper.Kind;
import urnstew.app.lots.LotMapper.LotRow;
import urnstew.app.lots.LotView.ReadyLot;
import urnstew.app.platform.NotThere;
import urnstew.app.sizing.TubStock;
import urnstew.units.Mass;

/** Tubs as a meal counts them in, and takes them once it is cooked. */
@Component
class MealTubs implements TubStock {
  private final LotMapper mapper;
  private final LotViews views;
  private final LotLedger ledger;
  private final Clock clock;

  MealTubs(LotMapper mapper, LotViews views, LotLedger ledger, Clock clock) {
    this.mapper = mapper;
    this.views = views;
    this.ledger = ledger;
    this.clock = clock;
  }

  @Override
  public List<Share> shares(String formulaId, Mass wanted) {
    return ready(formulaId, wanted).stream()
        .map(lot -> new Share(lot.code(), new Mass(lot.massKilograms()), lot.frozen()))
        .toList();
  }

  @Override
  public void take(String formulaId, Mass mass, String dish) {
    Instant now = clock.instant();
    for (ReadyLot lot : ready(formulaId, mass)) {
      LotRow row = mapper.lock(lot.id()).orElseThrow(() -> new NotThere("lot", lot.id()));
      ledger.leave(row, lot.massKilograms(), now);
      ledger.append(row.id(), UUID.randomUUID(), Kind.USED, now, lot.massKilograms(), null, dish);
    }
  }

  private List<ReadyLot> ready(String formulaId, Mass wanted) {
    return wanted.grams() < 1 ? List.of() : views.ready(formulaId, wanted, 0).lots();
  }
}
