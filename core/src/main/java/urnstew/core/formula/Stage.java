package urnstew.core.formula;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import urnstew.core.reduction.Lid;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/**
 * One step of a formula.
 *
 * @param title in a cook's words
 * @param role what it does to the pot
 * @param technique what is done
 * @param heat how hot
 * @param lid on, ajar or off
 * @param course what it is cooked in, what ends it, which pieces come and go
 * @param time fixed time it takes, a day at most; zero where it is computed: simmer, browning,
 *     frying
 * @param driedShare of the water in the pot's new lines, of a bake in all that is in it, that is
 *     gone when it is over; 0 for the simmer of a sauce, which is reduced to its target
 * @param lines what goes in
 * @param unread lines that nobody has read yet: open questions, as they were pasted
 * @param cues how it looks
 * @param takeOuts what must come out before serving
 * @param caution where it can hurt; empty where it cannot
 * @param pause how the work can stop safely after it, and go on; empty where it cannot
 * @param school whose way it is; empty where everybody does it
 */
public record Stage(
    String title,
    StageRole role,
    Technique technique,
    StageHeat heat,
    Lid lid,
    StageCourse course,
    Duration time,
    MassFraction driedShare,
    List<Line> lines,
    List<String> unread,
    Cues cues,
    List<String> takeOuts,
    String caution,
    String pause,
    Optional<School> school) {
  private static final Duration LONGEST = Duration.ofDays(1);

  /**
   * Heat that an oven's air gives a wet face, W/(m² K), and that face's temperature (assumptions).
   */
  private static final double OVEN_COEFFICIENT = 35;

  private static final double WET_FACE_CELSIUS = 85;
  private static final double EVAPORATION_JOULES_PER_KILOGRAM = 2.3e6;

  /** Water under a square metre of a dish five centimetres deep, kg (assumption). */
  private static final double WATER_BELOW = 40;

  private static final double MOST_BAKED_OFF = 0.6;

  public Stage {
    lines = List.copyOf(lines);
    unread = List.copyOf(unread);
    takeOuts = List.copyOf(takeOuts);
    if (time.isNegative() || time.compareTo(LONGEST) > 0) {
      throw new InvalidInput(
          "time",
          "out-of-range",
          "A stage of " + time.toMinutes() + " min cannot be planned.",
          "0 to 24 h",
          "Type the minutes it takes, or cut it into two stages.");
    }
    requireMovesWithin(course, time);
  }

  /** A stage without heat, time or lines: what happens is told elsewhere. */
  public static Stage plain(String title, StageRole role, Technique technique) {
    return new Stage(
        title,
        role,
        technique,
        StageHeat.of(StageHeat.Level.OFF),
        Lid.OFF,
        StageCourse.PLAIN,
        Duration.ZERO,
        new MassFraction(0),
        List.of(),
        List.of(),
        Cues.NONE,
        List.of(),
        "",
        "",
        Optional.empty());
  }

  private static void requireMovesWithin(StageCourse course, Duration time) {
    boolean timed =
        course.end() instanceof StageEnd.Minutes || course.end() instanceof StageEnd.Cue;
    for (PieceMove move : course.moves()) {
      if (timed && move.afterStart().compareTo(time) > 0) {
        throw new InvalidInput(
            "moves",
            "after-its-end",
            "Pieces are moved " + move.afterStart().toMinutes() + " min into a shorter stage.",
            "within " + time.toMinutes() + " min",
            "Type an earlier minute, or let the stage last longer.");
      }
    }
  }

  /**
   * Whether it dries all that is in it, and not its own lines alone: a bake of what is finished.
   */
  public boolean driesAll() {
    return technique == Technique.BAKE && role != StageRole.REDUCE;
  }

  /**
   * Share of the water that is gone when it is over: as typed, else what an open bake loses in its
   * minutes, h ΔT t / L over the water below a square metre.
   */
  public MassFraction gone() {
    boolean open = lid != Lid.ON && heat.oven().isPresent();
    if (!driesAll() || driedShare.value() > 0 || !open) {
      return driedShare;
    }
    double hotter =
        Math.max(0, heat.oven().map(Temperature::celsius).orElse(0.0) - WET_FACE_CELSIUS);
    double kilograms =
        OVEN_COEFFICIENT * hotter * time.toSeconds() / EVAPORATION_JOULES_PER_KILOGRAM;
    return new MassFraction(Math.min(MOST_BAKED_OFF, kilograms / WATER_BELOW));
  }

  /** The same where nobody is asked any more: it belongs to no school. */
  public Stage forEverybody() {
    return with(course, lines, unread, Optional.empty());
  }

  /** The same going otherwise. */
  public Stage going(StageCourse other) {
    return with(other, lines, unread, school);
  }

  /** The same for another time. */
  public Stage lasting(Duration other) {
    return with(other, driedShare, caution);
  }

  /** The same with another caution. */
  public Stage minding(String other) {
    return with(time, driedShare, other);
  }

  /** The same with another share of water gone. */
  Stage drying(MassFraction other) {
    return with(time, other, caution);
  }

  private Stage with(Duration lasts, MassFraction dried, String minds) {
    return new Stage(
        title, role, technique, heat, lid, course, lasts, dried, lines, unread, cues, takeOuts,
        minds, pause, school);
  }

  /** Whether it is cooked in a vessel of its own before the simmer, and comes over into the pot. */
  public boolean isBeside() {
    return role == StageRole.PREPARE
        && course.vessel() != StageVessel.POT
        && !lines.isEmpty()
        && !driesAll();
  }

  /** The same with other lines that nobody has read yet. */
  public Stage leavingUnread(List<String> others) {
    return with(course, lines, others, school);
  }

  /** The same with other lines. */
  public Stage with(List<Line> others) {
    return with(course, others, unread, school);
  }

  private Stage with(
      StageCourse going, List<Line> with, List<String> open, Optional<School> whose) {
    return new Stage(
        title,
        role,
        technique,
        heat,
        lid,
        going,
        time,
        driedShare,
        with,
        open,
        cues,
        takeOuts,
        caution,
        pause,
        whose);
  }

  /**
   * One ingredient of a stage.
   *
   * @param ingredientId key in the pantry
   * @param mass for one making at the formula's own size, as it goes in; above 0
   * @param entered the amount as it was typed; empty where it was not
   * @param after time from the start of its stage at which it goes in
   * @param note cut or moment
   * @param firstDose share that goes in before tasting; 1 where nothing is held back
   * @param school whose way it is; empty where everybody takes it
   */
  public record Line(
      String ingredientId,
      Mass mass,
      String entered,
      Duration after,
      String note,
      MassFraction firstDose,
      Optional<School> school) {
    public Line {
      if (mass.kilograms() <= 0) {
        throw new InvalidInput(
            "mass",
            "not-positive",
            "Nothing of it goes in.",
            "more than 0 g",
            "Type how much goes in, or take the line out.");
      }
    }

    /** So much of another ingredient in its place. */
    public Line of(String otherId, Mass otherMass) {
      return new Line(otherId, otherMass, "", after, note, firstDose, school);
    }
  }
}
