package urnstew.app.keeping;

import java.util.UUID;
import urnstew.core.cooling.CoolingSetup;

/** What happens to something held or cooled, as it is stored; when it happened stands beside it. */
sealed interface KeepingEvent {
  /** A temperature was read. */
  record Read(double celsius, double error) implements KeepingEvent {}

  /** It stands otherwise from then on. */
  record Placed(CoolingSetup setup) implements KeepingEvent {}

  /** It was stirred through. */
  record Stirred() implements KeepingEvent {}

  /** It was reheated and cools again. */
  record Reheated(double celsius, CoolingSetup setup) implements KeepingEvent {}

  /** Water was put into what is held. */
  record ToppedUp(double kilograms) implements KeepingEvent {}

  /** An earlier entry was wrong. */
  record StruckOut(UUID eventId, String reason) implements KeepingEvent {}
}
