package urnstew.app.kitchen;

import java.time.Clock;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.platform.Clash;
import urnstew.core.kitchen.KitchenWorkings;
import urnstew.core.thermo.Altitude;

/** The one kitchen of this installation. */
@Service
public class KitchenService {
  private final KitchenMapper kitchens;
  private final Clock clock;

  KitchenService(KitchenMapper kitchens, Clock clock) {
    this.kitchens = kitchens;
    this.clock = clock;
  }

  /** Settings, vessels and burners. */
  @Transactional(readOnly = true)
  public KitchenView view() {
    KitchenSettings settings = settings();
    Altitude altitude = new Altitude(settings.altitudeMeters());
    return new KitchenView(
        settings,
        altitude.boilingPoint().celsius(),
        altitude.pressure().kilopascals(),
        kitchens.vessels(),
        kitchens.heatSources(),
        clock.instant(),
        KitchenWorkings.of(altitude));
  }

  /** The settings alone. */
  @Transactional(readOnly = true)
  public KitchenSettings settings() {
    return kitchens
        .settings()
        .orElseThrow(() -> new IllegalStateException("The kitchen was never founded."));
  }

  /** Founds the kitchen on the first start; false where there is one already. */
  @Transactional
  public boolean found(KitchenSettings settings) {
    return kitchens.found(settings) == 1;
  }

  /** Changes the settings of the version that the cook saw. */
  @Transactional
  public KitchenView change(KitchenEdit to, int version) {
    if (kitchens.change(to.checked(), version) == 0) {
      throw new Clash(
          "Somebody else changed the kitchen meanwhile.", "Load it again, then change it.");
    }
    return view();
  }
}
