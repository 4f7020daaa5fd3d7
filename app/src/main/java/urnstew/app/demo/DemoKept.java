package urnstew.app.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.springframework.stereotype.Component;
import urnstew.app.batch.Writes.Stamp;
import urnstew.app.keeping.KeepingService;
import urnstew.app.keeping.KeepingStarter;
import urnstew.app.keeping.KeepingWrites.ReadTemperature;
import urnstew.app.keeping.KeepingWrites.SetOut;
import urnstew.app.keeping.KeepingWrites.Setup;
import urnstew.app.keeping.KeepingWrites.StartCooling;
import urnstew.app.keeping.KeepingWrites.StartHold;
import urnstew.app.keeping.KeepingWrites.What;
import urnstew.app.kitchen.ColdKind;
import urnstew.app.kitchen.ColdPlaceEdit;
import urnstew.app.kitchen.EquipmentService;
import urnstew.app.lots.LotFilling;
import urnstew.app.lots.LotService;
import urnstew.app.lots.LotWrites.PutAway;
import urnstew.app.lots.LotWrites.WantedAt;
import urnstew.app.platform.Actor;
import urnstew.core.cooling.ColdPlace;
import urnstew.core.reduction.Lid;

/** What 'Hollow Lantern' holds hot and cools just now: made up, as all of it. */
@Component
class DemoKept {
  private static final Actor DEMO = Actor.itself("demo data");
  private static final UUID WALK_IN = DemoKitchen.id(0xb1);
  private static final UUID FREEZER = DemoKitchen.id(0xb2);
  private static final int DAY = 24 * 60;

  private final EquipmentService equipment;
  private final KeepingService keepings;
  private final KeepingStarter starter;
  private final LotService lots;
  private final LotFilling filling;
  private final Clock clock;

  DemoKept(
      EquipmentService equipment,
      KeepingService keepings,
      KeepingStarter starter,
      LotService lots,
      LotFilling filling,
      Clock clock) {
    this.equipment = equipment;
    this.keepings = keepings;
    this.starter = starter;
    this.lots = lots;
    this.filling = filling;
    this.clock = clock;
  }

  void places() {
    equipment.add(new ColdPlaceEdit(WALK_IN, "Walk-in", ColdKind.FAN_REFRIGERATOR, 3), DEMO);
    equipment.add(new ColdPlaceEdit(FREEZER, "Chest freezer", ColdKind.FREEZER, -20), DEMO);
  }

  /** A ragù held for the late table, a base in ice, and a broth that somebody left in its pot. */
  void begin(UUID tin, UUID tallPot, UUID holdingPot) {
    UUID ragu = DemoKitchen.id(0xc1);
    starter.hold(
        new StartHold(
            ragu, what("ridge-ragu", 4.2, "4.2 kg"), holdingPot, 68, Lid.AJAR, null, stamp(95)),
        DEMO);
    read(0xc2, ragu, 74, 80);
    read(0xc3, ragu, 68, 25);
    UUID base = DemoKitchen.id(0xc4);
    Setup ice = new Setup(tin, 2, ColdPlace.ICE_BATH, null, false, null, WALK_IN, 18.0);
    starter.cool(
        new StartCooling(base, what("larder-base", 9.4, "9.4 kg"), 88, ice, null, stamp(52)), DEMO);
    read(0xc5, base, 52, 12);
    UUID broth = DemoKitchen.id(0xc6);
    Setup pot = new Setup(tallPot, 1, ColdPlace.FAN_REFRIGERATOR, WALK_IN, false, null, null, null);
    starter.cool(
        new StartCooling(broth, what("saffron-sea", 7, "7 kg"), 85, pot, null, stamp(40)), DEMO);
    read(0xc7, broth, 78, 8);
    starter.setOut(
        new SetOut(
            DemoKitchen.id(0xc8), "Baked pasta, half a tray", false, 72, "72 °C", stamp(150)),
        DEMO);
  }

  /** Tubs of the last days, none past its date at the next midnight, one of them wanted thawed. */
  void tubs() {
    put(0xd1, "larder-base", 3.8, "3.8 kg", WALK_IN, 5 * DAY);
    put(0xd2, "garden-ragu", 1.9, "1.9 kg", WALK_IN, 4 * DAY);
    put(0xd3, "drover-ragu", 5.6, "5.6 kg", FREEZER, 5 * DAY);
    put(0xd4, "slow-passata", 2.8, "2.8 kg", FREEZER, 6 * DAY);
    lots.want(DemoKitchen.id(0xd3), new WantedAt(clock.instant().plus(Duration.ofDays(3))), DEMO);
  }

  private void put(
      int id, String formula, double kilograms, String text, UUID place, int minutesAgo) {
    filling.putAway(
        new PutAway(
            DemoKitchen.id(id),
            null,
            what(formula, kilograms, text),
            0.001,
            "1 l",
            place,
            "made up for the demo: cooled before this record began",
            null,
            stamp(minutesAgo)),
        DEMO);
  }

  private static What what(String formula, double kilograms, String text) {
    return new What(null, formula, kilograms, text, null, null);
  }

  private void read(int id, UUID keeping, double celsius, int minutesAgo) {
    keepings.record(
        keeping,
        new ReadTemperature(
            DemoKitchen.id(id), celsius, Math.round(celsius) + " °C", stamp(minutesAgo)),
        DEMO);
  }

  private Stamp stamp(int minutesAgo) {
    Instant now = clock.instant();
    return new Stamp(now.minus(Duration.ofMinutes(minutesAgo)), now, null);
  }
}
