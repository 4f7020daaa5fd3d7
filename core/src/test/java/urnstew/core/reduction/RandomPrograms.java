package urnstew.core.reduction;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import urnstew.core.Samples;
import urnstew.core.kitchen.Vessel;
import urnstew.core.sauce.Pieces;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/** Made-up pots and what is done to them, drawn from a seed: a generator for property tests. */
final class RandomPrograms {
  private final Random random;

  private RandomPrograms(long seed) {
    this.random = new Random(seed);
  }

  /** A pot of 2 to 7 kg with up to five changes in the first hour and a half. */
  static Program of(long seed) {
    return new RandomPrograms(seed).program();
  }

  private double between(double least, double most) {
    return least + (most - least) * random.nextDouble();
  }

  private Program program() {
    Vessel vessel = Samples.pot(between(0.26, 0.42), 0.45);
    SimmerSetting setting =
        Samples.setting(vessel, between(2500, 6000), heating(), lid(), between(0, 3000));
    List<Change> changes = new ArrayList<>();
    int count = random.nextInt(6);
    for (int i = 0; i < count; i++) {
      changes.add(change(setting, Math.rint(between(300, 5400))));
    }
    return Program.of(setting, contents()).with(changes);
  }

  private PotContents contents() {
    double kilograms = between(2, 7);
    double solids = between(0.05, 0.075);
    Composition sauce = Samples.sauce(kilograms, solids);
    Composition wine = new Composition(0.25, 0.03, 0, 0, 0.008, 0, 0, 0.008);
    Composition fat = new Composition(0, 0, 0, between(0, 0.15), 0, 0, 0, 0);
    return new PotContents(sauce.plus(wine).plus(fat), between(0, 0.02), pieces(between(0, 1.2)));
  }

  private static Pieces pieces(double kilograms) {
    Composition meat = new Composition(0.66, 0, 0.185, 0.15, 0, 0, 0.005, 0.02);
    return new Pieces(meat.times(kilograms), 0.25 * kilograms, 0.07 * kilograms, 500);
  }

  private Heating heating() {
    return switch (random.nextInt(6)) {
      case 0 -> Samples.BARE;
      case 1 -> Samples.GENTLE;
      case 2 -> Samples.LIVELY;
      case 3 -> Heating.BurnerSet.FULL;
      case 4 -> new Heating.BurnerSet(new MassFraction(between(0.2, 0.9)));
      default -> new Heating.InOven(Temperature.ofCelsius(between(130, 200)), random.nextBoolean());
    };
  }

  private Lid lid() {
    return Lid.values()[random.nextInt(3)];
  }

  private Change change(SimmerSetting setting, double seconds) {
    return switch (random.nextInt(5)) {
      case 0 ->
          new Change.Added(
              seconds,
              PotContents.of(Samples.sauce(between(0.1, 0.8), between(0.02, 0.1))),
              Temperature.ofCelsius(between(4, 60)));
      case 1 -> new Change.LadledOut(seconds, Mass.ofKilograms(between(0.1, 0.5)));
      case 2 -> new Change.PiecesTakenOut(seconds, Pieces.NONE, Pieces.NONE);
      case 3 -> new Change.SetOtherwise(seconds, setting.with(heating()).with(lid()));
      default ->
          new Change.SetOtherwise(
              seconds, setting.with(Samples.pot(between(0.3, 0.42), 0.45)).with(heating()));
    };
  }
}
