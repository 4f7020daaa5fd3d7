package urnstew.app.keeping;

import java.util.UUID;
import urnstew.core.cooling.CoolingSetup;

/** What happens to something held or cooled; when it happened stands beside it. */
public sealed interface KeepingEvent {
  /** What it is called in answers. */
  String what();

  /** The visitor's answer for this kind. */
  <T> T accept(Visitor<T> visitor);

  /** One answer for each kind: a new kind does not compile until everybody has one for it. */
  interface Visitor<T> {
    T read(Read event);

    T placed(Placed event);

    T stirred(Stirred event);

    T reheated(Reheated event);

    T toppedUp(ToppedUp event);

    T struckOut(StruckOut event);
  }

  /** A temperature was read. */
  record Read(double celsius, double error) implements KeepingEvent {
    @Override
    public String what() {
      return "Read";
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.read(this);
    }
  }

  /** From now on it cools in another place, pan or depth. */
  record Placed(CoolingSetup setup) implements KeepingEvent {
    @Override
    public String what() {
      return "Placed";
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.placed(this);
    }
  }

  /** It was stirred through. */
  record Stirred() implements KeepingEvent {
    @Override
    public String what() {
      return "Stirred";
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.stirred(this);
    }
  }

  /** It was reheated and cools again. */
  record Reheated(double celsius, CoolingSetup setup) implements KeepingEvent {
    @Override
    public String what() {
      return "Reheated";
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.reheated(this);
    }
  }

  /** Water was put into what is held. */
  record ToppedUp(double kilograms) implements KeepingEvent {
    @Override
    public String what() {
      return "ToppedUp";
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.toppedUp(this);
    }
  }

  /** An earlier entry was wrong. */
  record StruckOut(UUID eventId, String reason) implements KeepingEvent {
    @Override
    public String what() {
      return "StruckOut";
    }

    @Override
    public <T> T accept(Visitor<T> visitor) {
      return visitor.struckOut(this);
    }
  }
}
