package urnstew.core.rules;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.pantry.ReferenceTable;
import urnstew.units.InvalidInput;
import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * The limits in force in a kitchen.
 *
 * @param id stable key
 * @param name as on the screens
 * @param provisions every limit that this code has
 * @param cooking core temperatures, hottest first for each food
 */
public record RuleSet(String id, String name, List<Provision> provisions, List<CookedTo> cooking) {
  /** Rule set of a kitchen that chose none. */
  public static final String DEFAULT_ID = "food-code-2022";

  private static final int FEWEST_LETTERS = 5;

  public RuleSet {
    provisions = List.copyOf(provisions);
    cooking = List.copyOf(cooking);
  }

  /** The shipped ones, the default first. */
  public static List<RuleSet> shipped() {
    return Shipped.ALL;
  }

  private static final class Shipped {
    private static final List<RuleSet> ALL =
        ReferenceTable.rows("rule-sets").stream()
            .map(row -> row.get("set"))
            .distinct()
            .map(Shipped::read)
            .toList();

    private static RuleSet read(String set) {
      List<CSVRecord> rows = of("rule-sets", set);
      return new RuleSet(
          set,
          rows.get(0).get("name"),
          rows.stream().map(Shipped::provision).toList(),
          of("cooking-limits", set).stream().map(Shipped::cooked).toList());
    }

    private static List<CSVRecord> of(String table, String set) {
      return ReferenceTable.rows(table).stream().filter(row -> row.get("set").equals(set)).toList();
    }

    private static Provision provision(CSVRecord row) {
      return new Provision(
          Limit.valueOf(row.get("limit")),
          Double.parseDouble(row.get("value")),
          row.get("section"),
          "");
    }

    private static CookedTo cooked(CSVRecord row) {
      return new CookedTo(
          CookedFood.valueOf(row.get("food")),
          Temperature.ofCelsius(Double.parseDouble(row.get("celsius"))),
          Duration.ofSeconds(Long.parseLong(row.get("seconds"))),
          row.get("section"));
    }
  }

  /** A shipped one by its key. */
  public static Optional<RuleSet> shipped(String id) {
    return shipped().stream().filter(set -> set.id().equals(id)).findFirst();
  }

  /** What it says of a limit; empty where this code has none. */
  public Optional<Provision> find(Limit limit) {
    return provisions.stream().filter(each -> each.limit() == limit).findFirst();
  }

  /** What it says of a limit that every code has. */
  public Provision of(Limit limit) {
    return find(limit)
        .orElseThrow(
            () ->
                new InvalidInput(
                    "ruleSet",
                    "limit-missing",
                    name + " says nothing of '" + limit.inWords() + "'.",
                    "a rule set that has this limit",
                    "Choose another rule set, or copy one that has it."));
  }

  /** A limit of temperature. */
  public Temperature temperature(Limit limit) {
    return Temperature.ofCelsius(of(limit).value());
  }

  /** A limit of time. */
  public Duration time(Limit limit) {
    return Duration.ofSeconds(Math.round(of(limit).value()));
  }

  /** A limit that is a count. */
  public int days(Limit limit) {
    return (int) of(limit).value();
  }

  /** Whether something is allowed; what a code does not speak of is not. */
  public boolean allows(Limit limit) {
    return find(limit).filter(each -> each.value() > 0).isPresent();
  }

  /** A copy of this kitchen's own. */
  public RuleSet copied(String ownId, String ownName) {
    return new RuleSet(ownId, ownName, provisions, cooking);
  }

  /**
   * The same with another value for a limit that it has.
   *
   * @param value in the unit of the limit
   * @param reason why; at least a few words
   */
  public RuleSet changed(Limit limit, double value, String reason) {
    Provision was = of(limit);
    Require.within("value", value, limit.least(), limit.most(), limit.unit().symbol());
    if (reason.strip().length() < FEWEST_LETTERS) {
      throw new InvalidInput(
          "reason",
          "no-reason",
          "A changed limit needs its reason.",
          FEWEST_LETTERS + " letters or more",
          "Write who decided it and why, such as 'county code 12 asks for 60 °C'.");
    }
    List<Provision> all = new ArrayList<>(provisions);
    all.set(provisions.indexOf(was), new Provision(limit, value, was.section(), reason.strip()));
    return new RuleSet(id, name, all, cooking).inOrder();
  }

  /** Marks of cooling must follow each other downwards and onwards. */
  private RuleSet inOrder() {
    List<CoolingMark> marks = coolingMarks();
    double above = of(Limit.COOL_FROM).value();
    Duration before = Duration.ZERO;
    for (CoolingMark mark : marks) {
      if (mark.celsius() >= above || mark.within().compareTo(before) <= 0) {
        throw new InvalidInput(
            "value",
            "marks-out-of-order",
            String.format(
                Locale.ROOT,
                "The cooling marks would not follow each other: %.0f °C after %.0f °C.",
                mark.celsius(),
                above),
            "each mark colder and later than the one before it",
            "Change the other mark first, or choose a value between them.");
      }
      above = mark.celsius();
      before = mark.within();
    }
    return this;
  }

  /** Marks that a cooling must reach, each counted from the start of the clock. */
  public List<CoolingMark> coolingMarks() {
    List<CoolingMark> marks = new ArrayList<>();
    find(Limit.COOL_FIRST).ifPresent(first -> marks.add(mark(first, time(Limit.COOL_FIRST_TIME))));
    marks.add(mark(of(Limit.COOL_LAST), time(Limit.COOL_LAST_TIME)));
    return marks;
  }

  /** The same for something that was never hot: made of goods at the warmth of the room. */
  public List<CoolingMark> coolingMarks(double startCelsius) {
    boolean neverHot =
        find(Limit.COOL_FIRST).filter(first -> startCelsius <= first.value()).isPresent();
    return neverHot && find(Limit.COOL_AMBIENT_TIME).isPresent()
        ? List.of(mark(of(Limit.COOL_LAST), time(Limit.COOL_AMBIENT_TIME)))
        : coolingMarks();
  }

  private static CoolingMark mark(Provision to, Duration within) {
    return new CoolingMark(to.value(), within, to.section());
  }
}
