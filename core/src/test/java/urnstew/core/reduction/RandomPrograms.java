package urnstew.core.reduction;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import urnstew.core.Samples;
import urnstew.core.kitchen.Vessel;
import urnstew.core.sauce.Filling;
import urnstew.core.sauce.Pieces;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;
import urnstew.units.Volume;

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
    SimmerSetting setting = setting();
    List<Change> changes = new ArrayList<>();
    int count = random.nextInt(6);
    for (int i = 0; i < count; i++) {
      changes.add(change(setting, Math.rint(between(300, 5400))));
    }
    return Program.of(setting, contents()).with(changes);
  }

  private SimmerSetting setting() {
    Vessel vessel = Samples.pot(between(0.26, 0.42), 0.45);
    return Samples.setting(vessel, between(2500, 6000), heating(), lid(), between(0, 3000));
  }

  /**
   * One to twelve phases with what is done in each, pieces of two kinds that come and go, and up to
   * three things done whatever phase it is.
   */
  static Program ofPhases(long seed) {
    return new RandomPrograms(seed).phased();
  }

  private Program phased() {
    SimmerSetting setting = setting();
    PotContents contents = contents();
    Filling start =
        Filling.of(contents)
            .plus(Filling.apart(steaks(), "steaks"))
            .plus(Filling.apart(steaks(), "shells"));
    double kilograms = start.all().total().kilograms();
    List<Phase> phases = new ArrayList<>();
    int count = 1 + random.nextInt(12);
    for (int i = 0; i < count; i++) {
      double left = kilograms * (1 - 0.35 * (i + 1.0) / count);
      PhaseEnd end = i == count - 1 && random.nextBoolean() ? new PhaseEnd.Thick() : end(left);
      // Nobody boils down under a lid: hours would hang on grams.
      Lid lid = end instanceof PhaseEnd.After ? lid() : open();
      phases.add(new Phase(heating(), lid, end, inPhase(setting)));
    }
    List<Change> changes = new ArrayList<>();
    for (int i = random.nextInt(4); i > 0; i--) {
      changes.add(change(setting, Math.rint(between(300, 5400))));
    }
    return Program.of(setting, contents).from(start).through(phases).with(changes);
  }

  private PotContents steaks() {
    double kilograms = between(0.1, 0.9);
    Composition fish = new Composition(0.76, 0, 0.19, 0.04, 0, 0, 0.01, 0.02);
    Pieces pieces =
        new Pieces(fish.times(kilograms), 0.15 * kilograms, 0.01 * kilograms, between(450, 1800));
    return new PotContents(Composition.NOTHING, 0, pieces);
  }

  private PhaseEnd end(double kilograms) {
    return switch (random.nextInt(6)) {
      case 0 -> new PhaseEnd.DownToMass(Mass.ofKilograms(kilograms));
      case 1 -> new PhaseEnd.DownToVolume(Volume.ofLiters(kilograms));
      case 2 -> new PhaseEnd.Warm(Temperature.ofCelsius(between(50, 75)));
      case 3 -> new PhaseEnd.ThickAs(new MassFraction(between(0.06, 0.1)));
      default -> new PhaseEnd.After(Math.rint(between(0, 1800)));
    };
  }

  private List<Change> inPhase(SimmerSetting setting) {
    List<Change> changes = new ArrayList<>();
    for (int i = random.nextInt(3); i > 0; i--) {
      double seconds = Math.rint(between(0, 900));
      String kind = random.nextBoolean() ? "steaks" : "shells";
      double share = random.nextBoolean() ? 1 : between(0.2, 0.9);
      changes.add(
          switch (random.nextInt(3)) {
            case 0 -> new Change.PiecesOut(seconds, kind, share);
            case 1 ->
                new Change.PiecesBack(seconds, kind, share, Temperature.ofCelsius(between(10, 60)));
            default -> change(setting, seconds);
          });
    }
    return changes;
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

  private Lid open() {
    return random.nextBoolean() ? Lid.OFF : Lid.AJAR;
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
      case 2 -> new Change.PiecesOut(seconds, "steaks", 1);
      case 3 -> new Change.SetOtherwise(seconds, setting.with(heating()).with(lid()));
      default ->
          new Change.SetOtherwise(
              seconds, setting.with(Samples.pot(between(0.3, 0.42), 0.45)).with(heating()));
    };
  }
}
