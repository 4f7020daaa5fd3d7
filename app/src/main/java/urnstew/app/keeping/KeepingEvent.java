package urnstew.app.keeping;

import java.util.UUID;
import urnstew.core.cooling.CoolingSetup;

/** What happens to something held or cooled; when it happened stands beside it. */
public sealed interface KeepingEvent {
  /** What it is called in answers. */
  String what();

  /** A temperature was read. */
  record Read(double celsius, double error) implements KeepingEvent {
    @Override
    public String what() {
      return "Read";
    }
  }

  /** It stands otherwise from then on. */
  record Placed(CoolingSetup setup) implements KeepingEvent {
    @Override
    public String what() {
      return "Placed";
    }
  }

  /** It was stirred through. */
  record Stirred() implements KeepingEvent {
    @Override
    public String what() {
      return "Stirred";
    }
  }

  /** It was reheated and cools again. */
  record Reheated(double celsius, CoolingSetup setup) implements KeepingEvent {
    @Override
    public String what() {
      return "Reheated";
    }
  }

  /** Water was put into what is held. */
  record ToppedUp(double kilograms) implements KeepingEvent {
    @Override
    public String what() {
      return "ToppedUp";
    }
  }

  /** An earlier entry was wrong. */
  record StruckOut(UUID eventId, String reason) implements KeepingEvent {
    @Override
    public String what() {
      return "StruckOut";
    }
  }
}
