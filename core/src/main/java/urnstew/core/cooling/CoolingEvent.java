package urnstew.core.cooling;

import java.time.Instant;
import urnstew.units.Temperature;

/** What happens to something that cools. */
public sealed interface CoolingEvent {
  /** When it happened. */
  Instant at();

  /**
   * It stands otherwise from now on; pans that change are poured over.
   *
   * @param setup how
   */
  record Placed(Instant at, CoolingSetup setup) implements CoolingEvent {}

  /**
   * Its warmest place was read.
   *
   * @param celsius °C
   * @param errorKelvins of the thermometer, K
   */
  record Read(Instant at, double celsius, double errorKelvins) implements CoolingEvent {}

  /** It was stirred through. */
  record Stirred(Instant at) implements CoolingEvent {}

  /**
   * It was reheated all through, and cooling begins anew; allowed once.
   *
   * @param core that it reached
   * @param setup how it stands then
   */
  record Reheated(Instant at, Temperature core, CoolingSetup setup) implements CoolingEvent {}
}
