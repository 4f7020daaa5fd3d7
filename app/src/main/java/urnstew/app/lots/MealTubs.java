package urnstew.app.lots;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import urnstew.app.lots.LotMapper.Kind;
import urnstew.app.lots.LotMapper.LotRow;
import urnstew.app.lots.LotView.ReadyLot;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.sizing.TubStock;
import urnstew.units.Mass;

/** Tubs as a meal counts them in, and takes them once it is cooked. */
@Component
class MealTubs implements TubStock {
  private final LotMapper mapper;
  private final LotViews views;
  private final LotLedger ledger;
  private final Tubs tubs;
  private final Clock clock;

  MealTubs(LotMapper mapper, LotViews views, LotLedger ledger, Tubs tubs, Clock clock) {
    this.mapper = mapper;
    this.views = views;
    this.ledger = ledger;
    this.tubs = tubs;
    this.clock = clock;
  }

  @Override
  public List<Share> shares(String formulaId, Mass wanted) {
    return ready(formulaId, wanted).stream()
        .map(
            lot ->
                new Share(
                    lot.code(),
                    new Mass(lot.massKilograms()),
                    lot.frozen(),
                    tubs.of(ledger.row(lot.id()))))
        .toList();
  }

  @Override
  public void take(String formulaId, Mass mass, String dish, Actor actor) {
    if (mass.grams() < 1) {
      return;
    }
    Instant now = clock.instant();
    List<LotRow> held = mapper.lockOpen(formulaId);
    double left = mass.kilograms();
    for (ReadyLot lot : views.ready(held, mass, 0).lots()) {
      LotRow row = held.stream().filter(one -> one.id().equals(lot.id())).findFirst().orElseThrow();
      ledger.leave(row, lot.massKilograms(), now);
      ledger.append(
          row.id(), UUID.randomUUID(), Kind.USED, now, lot.massKilograms(), null, dish, actor);
      left -= lot.massKilograms();
    }
    if (left > LotLedger.CRUMB_KILOGRAMS) {
      throw new ConflictException(
          "Somebody else took of the tubs meanwhile: they are not enough any more.",
          "Look at the meal again, then say that it is cooked.");
    }
  }

  private List<ReadyLot> ready(String formulaId, Mass wanted) {
    return wanted.grams() < 1 ? List.of() : views.ready(formulaId, wanted, 0).lots();
  }
}
