package urnstew.app.keeping.store;

import java.time.Duration;
import org.jspecify.annotations.Nullable;
import urnstew.app.kitchen.store.StoredEquipment;
import urnstew.app.platform.store.StoredUnits;

/** How something stands to cool. */
public record StoredSetup(
    Pan pan,
    int count,
    Spot spot,
    boolean covered,
    @Nullable Duration stirredEvery,
    @Nullable Onward onward) {
  /** In what. */
  public record Pan(String name, StoredEquipment.Shape shape, String metal, int most) {}

  /** Where. */
  public record Spot(
      String place,
      StoredUnits.Temperature usual,
      StoredUnits.Temperature warmest,
      StoredUnits.Temperature room) {}

  /** Where to when it is colder. */
  public record Onward(StoredUnits.Temperature below, Spot spot) {}
}
