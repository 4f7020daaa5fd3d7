package urnstew.core.serving.pasta;

import java.time.Duration;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.Surroundings;
import urnstew.core.kitchen.Vessel;
import urnstew.core.task.Span;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * Pasta at the stove, counted back from the plates.
 *
 * @param batch one drop of it
 * @param drops how often, one after the other, where the pot does not hold the water for all
 * @param water on the fire
 * @param salt for that water
 * @param pot on its way to the boil
 * @param fall what the drop does to it
 * @param minutes in the water
 * @param pan time in the pan before the plates
 */
public record PastaAtStove(
    PastaBatch batch,
    int drops,
    Mass water,
    Mass salt,
    WaterPot pot,
    WaterPot.Fall fall,
    PastaMinutes minutes,
    Duration pan) {
  /** Of a pot's volume, what boiling water with pasta may fill (common practice). */
  private static final double FILLS = 0.8;

  private static final int MOST_DROPS = 12;
  private static final double DRY_CUBIC_METERS_PER_KILOGRAM = 1 / 1400.0;
  private static final Duration IN_THE_PAN = Duration.ofSeconds(75);
  private static final Duration LADLED = Duration.ofSeconds(30);

  /**
   * How it is cooked.
   *
   * @param litersPerKilogram water for a kilogram, 3 to 15 l
   * @param saltGramsPerLiter 0 to 40 g/l
   * @param waterStart of the tap, °C
   * @param inThePan whether the pan finishes it
   */
  public record Way(
      double litersPerKilogram,
      double saltGramsPerLiter,
      Temperature waterStart,
      boolean inThePan) {
    public Way {
      Require.within("litersPerKilogram", litersPerKilogram, 3, 15, "l");
      Require.within("saltGramsPerLiter", saltGramsPerLiter, 0, 40, "g");
    }

    /** Water and pasta for a kilogram of it. */
    private double cubicMetersEach() {
      return litersPerKilogram / 1000 + DRY_CUBIC_METERS_PER_KILOGRAM;
    }
  }

  /**
   * The smallest pot of a kitchen that holds the water for all of it, else the largest.
   *
   * @throws InvalidInput {@code vesselId} if there is no pot
   */
  public static Vessel potFor(Mass dry, Way way, Collection<Vessel> kitchen) {
    List<Vessel> pots =
        kitchen.stream()
            .filter(vessel -> !vessel.tray())
            .sorted(Comparator.comparingDouble(PastaAtStove::fullCubicMeters))
            .toList();
    if (pots.isEmpty()) {
      throw new InvalidInput(
          "vesselId",
          "none",
          "The kitchen has no pot for the water.",
          "a pot in the kitchen",
          "Add a pot to the kitchen.");
    }
    return pots.stream()
        .filter(pot -> FILLS * fullCubicMeters(pot) >= dry.kilograms() * way.cubicMetersEach())
        .findFirst()
        .orElse(pots.get(pots.size() - 1));
  }

  private static double fullCubicMeters(Vessel vessel) {
    return vessel.shape().cubicMetersAt(vessel.shape().depth().meters());
  }

  /** How often so much goes into a pot, one drop after the other. */
  public static int drops(Mass dry, Way way, Vessel vessel) {
    double wants = dry.kilograms() * way.cubicMetersEach();
    return (int) Math.ceil(wants / (FILLS * fullCubicMeters(vessel)) - 1e-9);
  }

  /** All of it in this pot on this burner. */
  public static PastaAtStove of(
      PastaBatch all, Way way, Vessel vessel, HeatSource burner, Surroundings at) {
    double holds = FILLS * fullCubicMeters(vessel);
    double each = way.cubicMetersEach();
    int drops = drops(all.dry(), way, vessel);
    if (drops > MOST_DROPS) {
      throw new InvalidInput(
          "vesselId",
          "too-small",
          String.format(Locale.ROOT, "It would take %d drops in '%s'.", drops, vessel.name()),
          String.format(Locale.ROOT, "%.1f kg of pasta in it at once", holds / each),
          "Choose a larger pot, or two.");
    }
    Mass drop = all.dry().times(1.0 / drops);
    Mass water = new Mass(drop.kilograms() * way.litersPerKilogram());
    PastaBatch batch = new PastaBatch(all.shape(), drop, all.start());
    WaterPot pot =
        WaterPot.of(
            water, vessel, burner, way.waterStart(), at.altitude().boilingPoint(), at.room());
    WaterPot.Fall fall = pot.dropping(batch);
    return new PastaAtStove(
        batch,
        drops,
        water,
        new Mass(way.saltGramsPerLiter() / 1000 * water.kilograms()),
        pot,
        fall,
        PastaMinutes.of(batch, pot.boiling(), fall, way.inThePan()),
        way.inThePan() ? IN_THE_PAN : LADLED);
  }

  /** With what a probe in the water tells of the fire. */
  public PastaAtStove probed(Duration sinceLit, Temperature shown) {
    WaterPot told = pot.probed(sinceLit, shown);
    WaterPot.Fall less = told.dropping(batch);
    boolean inThePan = pan.equals(IN_THE_PAN);
    return new PastaAtStove(
        batch,
        drops,
        water,
        salt,
        told,
        less,
        PastaMinutes.of(batch, told.boiling(), less, inThePan),
        pan);
  }

  /** The likely time in the water, of all drops. */
  private Duration inWater() {
    Duration again = minutes.out().likely().plus(fall.back());
    return minutes.out().likely().plus(again.multipliedBy(drops - 1L));
  }

  /** When the last of it is lifted, before the plates. */
  public Duration outBefore() {
    return pan;
  }

  /** When to taste first, before the plates. */
  public Duration tasteBefore() {
    return pan.plus(minutes.out().likely()).minus(minutes.tasteFrom());
  }

  /** When the first of it goes in, before the plates. */
  public Duration dropBefore() {
    return pan.plus(inWater());
  }

  /** When the fire has to be lit at the latest, before the plates: by the slow side. */
  public Duration litBefore() {
    return dropBefore().plus(pot.toTheBoil().most());
  }

  /** When it boils, before the plates, if it was lit then. */
  public Span boilsBefore() {
    Span boil = pot.toTheBoil();
    return new Span(
        dropBefore(), litBefore().minus(boil.likely()), litBefore().minus(boil.least()));
  }

  /** Water that it still takes up after it was lifted. */
  public Mass stillDrinks() {
    double whole = batch.cooked().kilograms();
    return new Mass(drops * Math.max(0, whole - batch.after(minutes.outShare()).kilograms()));
  }

  /** Salt of the water when the last drop is out, g/l: what was drunk took less along. */
  public double saltGramsPerLiterAfter() {
    double taken = drops * batch.salt(gramsPerLiter()).kilograms();
    return 1000 * Math.max(0, salt.kilograms() - taken) / left();
  }

  /** Starch of the water when the last drop is out, g/l. */
  public double starchGramsPerLiterAfter() {
    return 1000 * drops * batch.leached().kilograms() / left();
  }

  /** Water left; an open pot is topped up for what it boils off. */
  private double left() {
    return Math.max(
        0.2 * water.kilograms(), water.kilograms() - drops * batch.drinks().kilograms());
  }

  private double gramsPerLiter() {
    return 1000 * salt.kilograms() / water.kilograms();
  }

  /** All of it, cooked. */
  public Mass cooked() {
    return batch.cooked().times(drops);
  }

  /** Salt in all of it. */
  public Mass saltTaken() {
    return batch.salt(gramsPerLiter()).times(drops);
  }
}
