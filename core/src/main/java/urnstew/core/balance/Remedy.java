package urnstew.core.balance;

import java.time.Duration;
import java.util.Optional;
import urnstew.units.Mass;

/** One thing to do about a fault, with what it costs. */
public sealed interface Remedy {
  /** What it is called. */
  String title();

  /** What a table of figures cannot tell. */
  String tells();

  /**
   * Boil on.
   *
   * @param title what it is called
   * @param tells what figures cannot tell
   * @param water that has yet to leave
   * @param takes how long, where it is known
   * @param reduced the tastes after that alone
   */
  record Time(
      String title, String tells, Mass water, Optional<Duration> takes, TasteProfile reduced)
      implements Remedy {}

  /**
   * Put something in.
   *
   * @param title what it is called
   * @param tells what figures cannot tell
   * @param dose how much, and what it does
   * @param atTheEnd when the pot is done, and not now
   */
  record Add(String title, String tells, Dose dose, boolean atTheEnd) implements Remedy {}

  /**
   * Take fat off.
   *
   * @param title what it is called
   * @param tells what figures cannot tell
   * @param fat to take
   * @param fatPercent that is left then
   */
  record Skim(String title, String tells, Mass fat, double fatPercent) implements Remedy {}

  /**
   * Do something, or leave it.
   *
   * @param title what it is called
   * @param tells what to know
   * @param kind which of the three
   */
  record Act(String title, String tells, Kind kind) implements Remedy {}

  /** What kind of advice it is. */
  enum Kind {
    DO,
    /** What is tried in vain. */
    IN_VAIN,
    /** Here it ends. */
    STOP
  }
}
