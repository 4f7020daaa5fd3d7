package urnstew.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.formula.Family;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Pantry;
import urnstew.core.pantry.ReferenceTable;
import urnstew.units.Mass;

/**
 * From what is wrong to what helps, in order, for one pot.
 *
 * @param now the pot
 * @param course what is still to happen to it
 * @param family its style, for the bands
 * @param pantry where doses come from
 * @param bases sauces without salt that there are, the best first
 * @param again the same sauce made once more without salt; empty where nobody knows it
 */
public record Rescue(
    InPot now,
    RemainingProcess course,
    Family family,
    Pantry pantry,
    List<Dosable> bases,
    Optional<Dosable> again) {
  private static final List<CSVRecord> SHIPPED = ReferenceTable.rows("remedies");

  /** A savoury change that a table notices, as a factor (assumption). */
  private static final double NOTICED_SAVOUR = 1.3;

  /** No more sauce is poured into a pot than this many times what it holds. */
  private static final double MOST_SAUCE = 2;

  /** Skimmed where it is in the band already: that share of the fat. */
  private static final double SKIMMED = 0.25;

  /** Beyond these one remedy alone makes another dish (assumption). */
  private static final double LEAST_FACTOR = 0.6;

  private static final double MOST_FACTOR = 1.6;

  public Rescue {
    bases = List.copyOf(bases);
  }

  /**
   * What to do.
   *
   * @param fault what is wrong
   * @param steps how strongly: 1 a little, 2 clearly, 3 very
   */
  public List<Remedy> from(Fault fault, int steps) {
    Goal goal = goal(fault, steps);
    List<Remedy> remedies = new ArrayList<>();
    for (CSVRecord row : SHIPPED) {
      if (row.get("fault").equals(fault.name())) {
        remedies.addAll(remedies(row, goal));
      }
    }
    return remedies;
  }

  private List<Remedy> remedies(CSVRecord row, Goal goal) {
    String title = row.get("title");
    String tells = row.get("tells");
    return switch (row.get("kind")) {
      case "TIME" -> List.of(time(title, tells));
      case "DOSE" -> List.of(add(row, goal, false));
      case "END_DOSE" -> List.of(add(row, goal, true));
      case "SALT" -> List.of(add(row, goal(Fault.WANTS_SALT, 1), false));
      case "BASE" -> bases.stream().map(base -> poured(base.name(), tells, base, goal)).toList();
      case "BATCH" -> again.map(same -> poured(title, tells, same, goal)).stream().toList();
      case "SKIM" -> List.of(skim(title, tells));
      case "NOT" -> List.of(new Remedy.Act(title, tells, Remedy.Kind.IN_VAIN));
      case "STOP" -> List.of(new Remedy.Act(title, tells, Remedy.Kind.STOP));
      default -> List.of(new Remedy.Act(title, tells, Remedy.Kind.DO));
    };
  }

  /**
   * A figure that is to come to a value.
   *
   * @param figure of the pot when all has happened
   * @param aim wanted
   * @param course in which it is judged
   */
  private record Goal(ToDoubleFunction<InPot> figure, double aim, RemainingProcess course) {}

  private Goal goal(Fault fault, int steps) {
    TasteProfile after = TasteProfile.of(course.after(now));
    Band acid = Band.of(family, Taste.ACID);
    Band salt = Band.of(family, Taste.SALT);
    double percent = after.sour().percent();
    double salty = after.salt().percent();
    double noticed = Sharpness.NOTICED * steps;
    return switch (fault) {
      case SHARP -> {
        double factor = Math.max(LEAST_FACTOR, Math.min(1 - noticed, acid.high() / percent));
        yield sharpness(after.sharpnessPercent() * factor);
      }
      case FLAT -> {
        double factor = Math.min(MOST_FACTOR, Math.max(1 + noticed, acid.low() / percent));
        yield sharpness(after.sharpnessPercent() * factor);
      }
      case TOO_SALTY -> salt(Math.min(salt.high(), salty * (1 - noticed)));
      case WANTS_SALT -> salt(Math.max(salt.middle(), salty * (1 + noticed)));
      case NOT_SAVOURY -> {
        double aim = after.savouryPercent() * Math.pow(NOTICED_SAVOUR, steps);
        double wanted = Math.max(Band.of(family, Taste.SAVOURY).low(), aim);
        yield new Goal(Savouriness::of, wanted, course);
      }
      case GREASY ->
          new Goal(
              pot -> 100 * pot.fatKilograms() / pot.mass().kilograms(),
              Math.min(Band.of(family, Taste.FAT).high(), after.fat().percent() * (1 - noticed)),
              course);
      case TOO_THICK -> equivalentSolids(Math.min(wanted(), is() * (1 - noticed)));
      default -> equivalentSolids(Math.max(wanted(), is() * (1 + noticed)));
    };
  }

  private double wanted() {
    return course.target().orElse(now.contents().equivalentSolids()).value();
  }

  private double is() {
    return now.contents().equivalentSolids().value();
  }

  private static Goal equivalentSolids(double aim) {
    return new Goal(pot -> pot.contents().equivalentSolids().value(), aim, RemainingProcess.OVER);
  }

  private Goal sharpness(double aim) {
    return new Goal(pot -> TasteProfile.of(pot).sharpnessPercent(), aim, course);
  }

  private Goal salt(double aimPercent) {
    return new Goal(pot -> 100 * pot.saltKilograms() / pot.mass().kilograms(), aimPercent, course);
  }

  private Remedy time(String title, String tells) {
    Mass water = course.toLose(now);
    return new Remedy.Time(
        title, tells, water, course.time(water), TasteProfile.of(course.reduced(now)));
  }

  private Remedy add(CSVRecord row, Goal goal, boolean atTheEnd) {
    Ingredient ingredient = pantry.ingredient(row.get("ingredient"));
    double share = Double.parseDouble(row.get("most_percent")) / 100;
    InPot then = atTheEnd ? goal.course().after(now) : now;
    RemainingProcess from = atTheEnd ? RemainingProcess.OVER : goal.course();
    Dose dose =
        Dose.reaching(
            Dosable.of(ingredient),
            then,
            from,
            goal.figure(),
            goal.aim(),
            then.mass().times(share));
    return new Remedy.Add(row.get("title"), row.get("tells"), dose, atTheEnd);
  }

  private Remedy poured(String title, String tells, Dosable sauce, Goal goal) {
    Mass most = now.mass().times(MOST_SAUCE);
    Dose dose = Dose.reaching(sauce, now, goal.course(), goal.figure(), goal.aim(), most);
    return new Remedy.Add(title, tells, dose, false);
  }

  /** So much fat off that what is left has the share wanted: (F − x) / (M − x) = w. */
  private Remedy skim(String title, String tells) {
    InPot end = course.after(now);
    double fat = end.fatKilograms();
    double all = end.mass().kilograms();
    double high = Band.of(family, Taste.FAT).high() / 100;
    double wanted = Math.min(high, fat / all * (1 - SKIMMED));
    double off = Math.max(0, (fat - wanted * all) / (1 - wanted));
    return new Remedy.Skim(title, tells, new Mass(off), 100 * wanted);
  }
}
