package urnstew.app.serving;

import static urnstew.app.platform.Fields.at;

import jakarta.validation.constraints.NotNull;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import urnstew.app.task.TaskView.SpanView;
import urnstew.core.serving.part.EggDough;
import urnstew.core.serving.part.PolentaPot;
import urnstew.core.serving.part.WhiteSauce;
import urnstew.core.serving.piece.Balls;
import urnstew.core.serving.piece.Stuffed;
import urnstew.units.Area;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.Mass;

/** Parts that are solved from whatever of them is known. */
public final class Parts {
  private Parts() {}

  /** Two of the three are typed. */
  public record BallsAsk(
      @Nullable Double mixMassKilograms,
      @Nullable Integer count,
      @Nullable Double diameterMeters) {}

  /** Balls with everything known. */
  public record BallsAnswer(
      int count, double eachMassKilograms, double diameterMeters, double mixMassKilograms) {
    static BallsAnswer of(Balls balls) {
      return new BallsAnswer(
          balls.count(),
          balls.each().kilograms(),
          balls.diameter().meters(),
          balls.mix().kilograms());
    }
  }

  static BallsAnswer balls(BallsAsk ask) {
    Double mix = ask.mixMassKilograms();
    Integer count = ask.count();
    Double diameter = ask.diameterMeters();
    if (mix != null && count != null) {
      return BallsAnswer.of(
          within("mix", "mixMassKilograms", () -> Balls.of(mass("mixMassKilograms", mix), count)));
    }
    if (mix != null && diameter != null) {
      return BallsAnswer.of(
          within(
              "mix",
              "mixMassKilograms",
              () -> within("diameter", "diameterMeters", () -> ofSize(mix, diameter))));
    }
    if (count != null && diameter != null) {
      return BallsAnswer.of(
          within(
              "diameter",
              "diameterMeters",
              () -> Balls.of(count, length("diameterMeters", diameter))));
    }
    throw tooLittle("mixMassKilograms", "two of mix, number and size");
  }

  private static Balls ofSize(double mix, double diameter) {
    return Balls.of(mass("mixMassKilograms", mix), length("diameterMeters", diameter));
  }

  private static Length length(String field, double meters) {
    return at(field, () -> new Length(meters));
  }

  /** A hollow, and how many there are of it. */
  public record StuffedAsk(double insideMeters, double lengthMeters, int count, int picks) {}

  /** Filling for it. */
  public record StuffedAnswer(double eachMassKilograms, double allMassKilograms, int picks) {}

  static StuffedAnswer stuffed(StuffedAsk ask) {
    Length inside = length("insideMeters", ask.insideMeters());
    Length length = length("lengthMeters", ask.lengthMeters());
    Stuffed stuffed =
        within(
            "inside",
            "insideMeters",
            () ->
                within(
                    "length",
                    "lengthMeters",
                    () -> Stuffed.of(inside, length, ask.count(), ask.picks())));
    return new StuffedAnswer(
        stuffed.each().kilograms(), stuffed.all().kilograms(), stuffed.picks());
  }

  /** Flour, eggs or dough is typed; flour and eggs together are judged. */
  public record DoughAsk(
      @Nullable Double flourMassKilograms,
      @Nullable Integer eggCount,
      @Nullable Double doughMassKilograms,
      double eggMassKilograms,
      double thicknessMeters) {}

  /** Dough with everything known. */
  public record DoughAnswer(
      double flourMassKilograms,
      int eggCount,
      double doughMassKilograms,
      EggDough.Feel feel,
      double moreWetKilograms,
      double startFlourKilograms,
      double leastFlourKilograms,
      double mostFlourKilograms,
      double rolledSquareMeters) {}

  static DoughAnswer dough(DoughAsk ask) {
    return within(
        "eggMass",
        "eggMassKilograms",
        () ->
            within(
                "flour",
                "flourMassKilograms",
                () ->
                    within(
                        "dough",
                        "doughMassKilograms",
                        () -> within("thickness", "thicknessMeters", () -> solved(ask)))));
  }

  private static DoughAnswer solved(DoughAsk ask) {
    Mass egg = at("eggMassKilograms", () -> new Mass(ask.eggMassKilograms()));
    EggDough dough = doughOf(ask, egg);
    Length thickness = length("thicknessMeters", ask.thicknessMeters());
    Mass[] feel = dough.byFeel();
    return new DoughAnswer(
        dough.flour().kilograms(),
        (int) Math.round(dough.eggs().kilograms() / egg.kilograms()),
        dough.mass().kilograms(),
        dough.feel(),
        dough.moreWet().kilograms(),
        dough.startWith().kilograms(),
        feel[0].kilograms(),
        feel[1].kilograms(),
        dough.rolledTo(thickness).squareMeters());
  }

  private static EggDough doughOf(DoughAsk ask, Mass egg) {
    Double flour = ask.flourMassKilograms();
    Integer count = ask.eggCount();
    Double dough = ask.doughMassKilograms();
    if (flour != null && count != null) {
      if (count < 1) {
        throw new InvalidInput(
            "eggCount", "not-positive", count + " eggs.", "1 or more", "Type 1 or more.");
      }
      return new EggDough(mass("flourMassKilograms", flour), egg.times(count));
    }
    if (count != null) {
      return EggDough.forEggs(count, egg);
    }
    if (flour != null) {
      return EggDough.forFlour(mass("flourMassKilograms", flour), egg);
    }
    if (dough != null) {
      return EggDough.forDough(mass("doughMassKilograms", dough), egg);
    }
    throw tooLittle("flourMassKilograms", "flour, eggs or dough");
  }

  private static Mass mass(String field, double kilograms) {
    return at(field, () -> new Mass(kilograms));
  }

  /** Milk, flour or sauce is typed; milk and flour together are judged. */
  public record WhiteSauceAsk(
      @Nullable Double milkMassKilograms,
      @Nullable Double flourMassKilograms,
      @Nullable Double sauceMassKilograms,
      WhiteSauce.@NotNull Thickness thickness,
      boolean cookedLong) {}

  /** White sauce with everything known. */
  public record WhiteSauceAnswer(
      double milkMassKilograms,
      double flourMassKilograms,
      double fatMassKilograms,
      double sauceMassKilograms,
      double flourFraction,
      WhiteSauce.Thickness hot,
      WhiteSauce.Thickness cold) {}

  static WhiteSauceAnswer whiteSauce(WhiteSauceAsk ask) {
    WhiteSauce sauce =
        within(
            "milk",
            ask.milkMassKilograms() == null ? "flourMassKilograms" : "milkMassKilograms",
            () ->
                within(
                    "flourOnMilk",
                    "flourMassKilograms",
                    () -> within("sauce", "sauceMassKilograms", () -> sauceOf(ask))));
    return new WhiteSauceAnswer(
        sauce.milk().kilograms(),
        sauce.flour().kilograms(),
        sauce.fat().kilograms(),
        sauce.mass(ask.cookedLong()).kilograms(),
        sauce.flour().kilograms() / sauce.milk().kilograms(),
        sauce.hot(ask.cookedLong()),
        sauce.cold(ask.cookedLong()));
  }

  private static WhiteSauce sauceOf(WhiteSauceAsk ask) {
    Double milk = ask.milkMassKilograms();
    Double flour = ask.flourMassKilograms();
    Double sauce = ask.sauceMassKilograms();
    if (milk != null && flour != null) {
      return WhiteSauce.of(mass("milkMassKilograms", milk), mass("flourMassKilograms", flour));
    }
    if (milk != null) {
      return WhiteSauce.ofMilk(mass("milkMassKilograms", milk), ask.thickness());
    }
    if (flour != null) {
      return WhiteSauce.ofFlour(mass("flourMassKilograms", flour), ask.thickness());
    }
    if (sauce != null) {
      return WhiteSauce.ofSauce(
          mass("sauceMassKilograms", sauce), ask.thickness(), ask.cookedLong());
    }
    throw tooLittle("milkMassKilograms", "milk, flour or sauce");
  }

  /** Grain or what it makes is typed. */
  public record PolentaAsk(
      @Nullable Double grainMassKilograms,
      @Nullable Double cookedMassKilograms,
      double waterToGrainFraction,
      PolentaPot.@NotNull Grind grind,
      @Nullable Double traySquareMeters) {}

  /** Polenta with everything known. */
  public record PolentaAnswer(
      double grainMassKilograms,
      double waterMassKilograms,
      double cookedMassKilograms,
      SpanView minutes,
      boolean cuts,
      @Nullable Double inTrayMeters) {}

  static PolentaAnswer polenta(PolentaAsk ask) {
    PolentaPot pot =
        within(
            "waterToGrain",
            "waterToGrainFraction",
            () ->
                within(
                    "grain",
                    ask.grainMassKilograms() == null ? "cookedMassKilograms" : "grainMassKilograms",
                    () -> potOf(ask)));
    Double tray = ask.traySquareMeters();
    return new PolentaAnswer(
        pot.grain().kilograms(),
        pot.water().kilograms(),
        pot.cooked().kilograms(),
        SpanView.of(pot.grind().minutes()),
        pot.cuts(),
        tray == null ? null : pot.in(area(tray)).meters());
  }

  private static Area area(double squareMeters) {
    if (!(squareMeters > 0)) {
      throw new InvalidInput(
          "traySquareMeters",
          "not-positive",
          "A tray without a floor holds nothing.",
          "more than 0",
          "Choose a tray.");
    }
    return at("traySquareMeters", () -> new Area(squareMeters));
  }

  private static PolentaPot potOf(PolentaAsk ask) {
    Double grain = ask.grainMassKilograms();
    Double cooked = ask.cookedMassKilograms();
    if (grain != null) {
      return PolentaPot.ofGrain(
          mass("grainMassKilograms", grain), ask.waterToGrainFraction(), ask.grind());
    }
    if (cooked != null) {
      return PolentaPot.ofCooked(
          mass("cookedMassKilograms", cooked), ask.waterToGrainFraction(), ask.grind());
    }
    throw tooLittle("grainMassKilograms", "grain or cooked mass");
  }

  private static InvalidInput tooLittle(String field, String what) {
    return new InvalidInput(
        field, "too-little", "That is too little to go by.", what, "Type " + what + ".");
  }

  private static <T> T within(String parameter, String field, Supplier<T> value) {
    try {
      return value.get();
    } catch (InvalidInput fault) {
      throw fault.parameter().equals(parameter) ? fault.named(field) : fault;
    }
  }
}
