package urnstew.app.demo;

import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;
import urnstew.app.kitchen.DecimalMark;
import urnstew.app.kitchen.Hours;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.kitchen.KitchenSettings;
import urnstew.app.kitchen.Units;
import urnstew.app.platform.Actor;
import urnstew.core.consistency.ConsistencyBand;
import urnstew.core.kitchen.Instruments;
import urnstew.units.MassFraction;
import urnstew.units.text.Pint;

/** Founds the kitchen once; later starts change nothing. */
@Component
class FirstStart implements ApplicationRunner {
  private static final Logger LOG = LoggerFactory.getLogger(FirstStart.class);
  private static final UUID KITCHEN = UUID.fromString("0d3f1c52-0001-4000-8000-000000000001");

  private final KitchenService kitchens;
  private final DemoKitchen demo;
  private final DemoService service;
  private final TransactionOperations transactions;
  private final boolean withDemo;

  FirstStart(
      KitchenService kitchens,
      DemoKitchen demo,
      DemoService service,
      TransactionOperations transactions,
      @Value("${urnstew.demo}") boolean withDemo) {
    this.kitchens = kitchens;
    this.demo = demo;
    this.service = service;
    this.transactions = transactions;
    this.withDemo = withDemo;
  }

  @Override
  public void run(ApplicationArguments arguments) {
    KitchenSettings settings =
        withDemo
            ? settings("Hollow Lantern", 2350, "Europe/Zurich", "EUR", true)
            : settings("Our kitchen", 0, ZoneId.systemDefault().getId(), "EUR", false);
    // All or nothing: a start that is cut off here leaves no half kitchen behind.
    boolean equipped =
        Boolean.TRUE.equals(
            transactions.execute(
                status -> {
                  boolean first = kitchens.found(settings, Actor.itself("first start")) && withDemo;
                  if (first) {
                    demo.equip();
                    LOG.info("Loaded the made-up demo kitchen 'Hollow Lantern'.");
                  }
                  return first;
                }));
    if (equipped) {
      service.start(DemoKitchen.TONIGHT, Actor.itself("demo"));
    }
  }

  private static KitchenSettings settings(
      String name, double altitudeMeters, String zone, String currency, boolean demo) {
    Instruments assumed = Instruments.ASSUMED;
    List<MassFraction> bands = ConsistencyBand.ASSUMED_ENDS;
    return new KitchenSettings(
        KITCHEN,
        name,
        altitudeMeters,
        "",
        20,
        0.5,
        zone,
        currency,
        Units.METRIC,
        Pint.US,
        Hours.H24,
        DecimalMark.POINT,
        0.02,
        "20 g",
        0.002,
        "2 mm",
        assumed.probeError().kelvins(),
        assumed.brixError().value(),
        assumed.plateError().meters(),
        bands.get(0).value(),
        bands.get(1).value(),
        bands.get(2).value(),
        bands.get(3).value(),
        bands.get(4).value(),
        demo,
        1);
  }
}
