package urnstew.core.serving.piece;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.hipparchus.analysis.solvers.BrentSolver;
import urnstew.core.rules.CookedTo;
import urnstew.core.rules.RuleSet;
import urnstew.core.task.Span;
import urnstew.units.InvalidInput;
import urnstew.units.Temperature;

/**
 * One piece from the board to its core: by the rule set, and by taste.
 *
 * <p>Source: the series of F. P. Incropera, D. P. DeWitt, Fundamentals of Heat and Mass Transfer,
 * section 5.5, by finite volumes. Range: constant properties, a piece that is much wider than
 * thick. Worked number: a steak of 25 mm from 8 °C in sauce of 88 °C has 60 °C in its middle after
 * 11.3 min (check-values m01).
 *
 * @param piece as it lies on the board
 * @param before spells that are over when the last one begins
 * @param medium in which it is finished
 * @param celsius how hot that is
 * @param taste core that is wanted
 * @param courses of the core by time, from the first spell on, for each pace
 */
public record Cooking(
    Piece piece,
    List<Spell> before,
    Medium medium,
    Temperature celsius,
    Temperature taste,
    Map<Pace, CoreCourse> courses) {
  private static final double LONGEST_SECONDS = 6 * 3600;

  /** Nearer than that to what surrounds it, a core creeps. */
  private static final double CREEPS_KELVINS = 0.5;

  private static final double ROOM_CELSIUS = 22;
  private static final Duration REST = Duration.ofMinutes(25);
  private static final double FOUND_SECONDS = 2;

  public Cooking {
    before = List.copyOf(before);
    courses = Map.copyOf(courses);
  }

  /**
   * Reckons it.
   *
   * @param taste core that is wanted; 30 °C to what surrounds it
   * @throws InvalidInput {@code core} if the medium never brings it there
   */
  public static Cooking of(
      Piece piece, List<Spell> before, Medium medium, Temperature celsius, Temperature taste) {
    medium.require(celsius);
    double reaches = medium.reachesCelsius(Pace.SLOW, celsius.celsius()) - CREEPS_KELVINS;
    if (taste.celsius() > reaches) {
      throw neverThere(medium, celsius, taste, reaches);
    }
    Map<Pace, CoreCourse> courses = new EnumMap<>(Pace.class);
    Spell last = new Spell(medium, celsius, Duration.ZERO);
    for (Pace pace : Pace.values()) {
      courses.put(pace, CoreCourse.until(piece, before, last, reaches, LONGEST_SECONDS, pace));
    }
    return new Cooking(piece, before, medium, celsius, taste, courses);
  }

  private static InvalidInput neverThere(
      Medium medium, Temperature celsius, Temperature taste, double reaches) {
    return new InvalidInput(
        "core",
        "never-gets-there",
        String.format(
            Locale.ROOT,
            "Never gets there: %.0f °C %s, %.0f wanted.",
            celsius.celsius(),
            medium.inWords(),
            taste.celsius()),
        String.format(Locale.ROOT, "at most %.0f °C", Math.floor(reaches)),
        "Make it hotter around it, or be content with less in the middle.");
  }

  private CoreCourse course(Pace pace) {
    return Objects.requireNonNull(courses.get(pace));
  }

  /** The core at a moment, at a pace, °C. */
  public double celsiusAt(Pace pace, double seconds) {
    return course(pace).celsiusAt(seconds);
  }

  /** As it likely goes. */
  public CoreCourse likely() {
    return course(Pace.LIKELY);
  }

  /** When its core is so hot, from the first spell on; empty where it never is. */
  public Optional<Span> reaches(double coreCelsius) {
    double slow = course(Pace.SLOW).secondsTo(coreCelsius);
    if (Double.isInfinite(slow)) {
      return Optional.empty();
    }
    double likely = Math.min(slow, likely().secondsTo(coreCelsius));
    double fast = Math.min(likely, course(Pace.FAST).secondsTo(coreCelsius));
    return Optional.of(new Span(time(fast), time(likely), time(slow)));
  }

  static Duration time(double seconds) {
    return Duration.ofMillis((long) Math.ceil(seconds * 1000));
  }

  /**
   * What a code asks for, and when that is met.
   *
   * @param row of the code: a core and how long it must be held
   * @param from when the slowest piece has that core
   * @param enough when it has had it for long enough
   */
  public record RuleCore(CookedTo row, Duration from, Duration enough) {}

  /**
   * The row of a code that is met first, counted from the slow side; empty where the medium meets
   * none.
   */
  public Optional<RuleCore> rule(RuleSet rules) {
    return rows(rules)
        .flatMap(row -> reaches(row.core().celsius()).stream().map(at -> ruled(row, at.most())))
        .min(Comparator.comparing(RuleCore::enough));
  }

  private Stream<CookedTo> rows(RuleSet rules) {
    return rules.cooking().stream().filter(row -> row.food() == piece.cut().food());
  }

  static RuleCore ruled(CookedTo row, Duration from) {
    return new RuleCore(row, from, from.plus(row.heldFor()));
  }

  /**
   * When to take it out by taste: it goes on warming.
   *
   * @param at when the core would be there in the heat
   * @param out when to take it out, so that it rests to that core
   * @param rests how long after that it is hottest
   * @param gainsKelvins by how much the core still warms, K
   */
  public record TasteCore(Span at, Duration out, Duration rests, double gainsKelvins) {}

  /** By taste, out of the heat to rest in warm air. */
  public TasteCore tasted() {
    Span at = reaches(taste.celsius()).orElseThrow();
    double there = likely().secondsTo(taste.celsius());
    double begun = before.stream().mapToDouble(Spell::seconds).sum();
    double early = begun + 0.3 * Math.max(0, there - begun);
    double out = there;
    if (there > begun && over(early) < 0 && over(there) > 0) {
      out = new BrentSolver(FOUND_SECONDS).solve(40, this::over, early, there);
    }
    CoreCourse rested = restedFrom(out);
    double core = likely().celsiusAt(out);
    return new TasteCore(
        at,
        time(out),
        time(Math.max(0, rested.peak().seconds() - out)),
        Math.max(0, rested.peak().celsius() - core));
  }

  private double over(double outSeconds) {
    return restedFrom(outSeconds).peak().celsius() - taste.celsius();
  }

  private CoreCourse restedFrom(double outSeconds) {
    double begun = before.stream().mapToDouble(Spell::seconds).sum();
    List<Spell> all = new ArrayList<>(before);
    all.add(new Spell(medium, celsius, time(Math.max(0, outSeconds - begun))));
    all.add(new Spell(Medium.REST, Temperature.ofCelsius(ROOM_CELSIUS), REST));
    return CoreCourse.of(piece, all, Pace.LIKELY);
  }

  /** When it begins to suffer, likely; empty where it never does in this medium. */
  public Optional<Duration> suffers() {
    double at = likely().secondsTo(piece.cut().taste().suffersCelsius());
    return Double.isInfinite(at) ? Optional.empty() : Optional.of(time(at));
  }
}
