package urnstew.core.holding;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.balance.Finish;
import urnstew.core.formula.Family;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.StageRole;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.IngredientKind;
import urnstew.core.pantry.ReferenceTable;
import urnstew.core.pantry.Trait;

/**
 * How long a sauce stays good while it is held hot: quality, and no matter of safety.
 *
 * @param asItIs how long all of it does
 * @param because what gives way first
 * @param base how long without what is better added to order
 * @param toOrder what is better left out of the held pot and added to order; empty if nothing
 */
public record HoldWindow(Duration asItIs, String because, Duration base, List<String> toOrder) {
  /** What suffers sooner than this is better finished to order (assumption). */
  private static final Duration TO_ORDER = Duration.ofMinutes(90);

  private static final String BRAISES = Trait.BRAISES.name();
  private static final Set<IngredientKind> FROM_THE_SEA =
      Set.of(IngredientKind.FISH, IngredientKind.SHELLFISH);
  private static final List<CSVRecord> ROWS = ReferenceTable.rows("hold-windows");

  public HoldWindow {
    toOrder = List.copyOf(toOrder);
  }

  private record Part(String name, Duration good, String because) {
    boolean toOrder() {
      return good.compareTo(TO_ORDER) <= 0;
    }
  }

  /** Of a sauce, by its kind, its seafood and what goes in at its end. */
  public static HoldWindow of(ResolvedFormula sauce) {
    Part kind = row(braises(sauce) ? BRAISES : family(sauce), "all of it").orElseThrow();
    List<Part> parts =
        sauce.portions().stream()
            .flatMap(portion -> part(portion).stream())
            .sorted(Comparator.comparing(Part::good))
            .toList();
    Part first =
        Stream.concat(Stream.of(kind), parts.stream())
            .min(Comparator.comparing(Part::good))
            .orElseThrow();
    Part plain = row(Family.PLAIN.name(), "the base").orElseThrow();
    Duration base =
        Stream.concat(Stream.of(kind.toOrder() ? plain : kind), parts.stream())
            .filter(part -> !part.toOrder())
            .map(Part::good)
            .min(Comparator.naturalOrder())
            .orElseThrow();
    return new HoldWindow(
        first.good(),
        first.because(),
        base,
        parts.stream().filter(Part::toOrder).map(Part::name).distinct().toList());
  }

  /** What goes in at the end keeps as a finish does; of all else only the sea is tender. */
  private static Optional<Part> part(ResolvedFormula.Portion portion) {
    String name = portion.ingredient().name();
    Optional<Part> finish =
        portion.role() == StageRole.FINISH
            ? Finish.of(portion.ingredient())
                .map(how -> new Part(name, how.hold(), name + " suffers first"))
            : Optional.empty();
    if (finish.isPresent()) {
      return finish;
    }
    boolean braises = portion.ingredient().is(Trait.BRAISES);
    return row(braises ? BRAISES : portion.ingredient().kind().name(), name);
  }

  private static String family(ResolvedFormula sauce) {
    return sauce.formula().family().name();
  }

  /** Whether all that is from the sea in it grows tender only by long cooking. */
  private static boolean braises(ResolvedFormula sauce) {
    List<Ingredient> sea =
        sauce.portions().stream()
            .map(ResolvedFormula.Portion::ingredient)
            .filter(one -> !one.is(Trait.CURED) && FROM_THE_SEA.contains(one.kind()))
            .toList();
    return sauce.formula().family() == Family.SEA
        && !sea.isEmpty()
        && sea.stream().allMatch(one -> one.is(Trait.BRAISES));
  }

  private static Optional<Part> row(String of, String name) {
    return ROWS.stream()
        .filter(row -> row.get("for").equals(of))
        .findFirst()
        .map(
            row ->
                new Part(
                    name,
                    Duration.ofMinutes(Long.parseLong(row.get("minutes"))),
                    row.get("because")));
  }
}
