package urnstew.app.formula;

import java.time.Clock;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import org.springframework.stereotype.Service;
import urnstew.app.formula.FormulaMapper.ShelfRow;
import urnstew.app.formula.store.FormulaDocuments;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.Write;
import urnstew.core.formula.Formula;
import urnstew.core.formula.Larder;
import urnstew.units.InvalidInput;

/** Writes the kitchen's own formulas; shipped ones are never changed, only copied. */
@Service
public class FormulaWriter {
  private final FormulaMapper mapper;
  private final FormulaShelf shelf;
  private final ShelfGuard guard;
  private final Clock clock;

  FormulaWriter(FormulaMapper mapper, FormulaShelf shelf, ShelfGuard guard, Clock clock) {
    this.mapper = mapper;
    this.shelf = shelf;
    this.guard = guard;
    this.clock = clock;
  }

  /**
   * Writes the next version. The same sheet sent again on the same version is written once.
   *
   * @param seen the version that the cook started from; 0 for a new formula
   */
  @Write
  public Formula write(String id, FormulaSheet sheet, int seen, String note, Actor actor) {
    if (FormulaShelf.isShipped(id)) {
      throw new InvalidInput(
          "id",
          "shipped",
          "A shipped formula is not changed.",
          "a formula of your own",
          "Keep it as a formula of your own: it gets an identity of its own.");
    }
    if (seen == 0) {
      mapper.put(new ShelfRow(id, 0, false));
    }
    ShelfRow row = held(id, sheet);
    Formula next = new SheetReader(sheet, shelf.larder()).read(id, seen + 1);
    guard.requireComputable(next);
    String document = FormulaDocuments.FORMULA.write(next);
    if (row.latest() == seen + 1 && isWritten(next, row.latest())) {
      return next;
    }
    if (row.latest() != seen) {
      throw clash();
    }
    mapper.write(id, next.version(), document, note, clock.instant(), actor.name());
    mapper.change(new ShelfRow(id, next.version(), false));
    return next;
  }

  /** Begins new formulas that are written together, and holds them in the order of their ids. */
  void hold(Map<String, FormulaSheet> written) {
    SortedSet<String> ids = new TreeSet<>();
    written.forEach(
        (id, sheet) -> {
          mapper.put(new ShelfRow(id, 0, false));
          ids.addAll(taken(id, sheet));
        });
    ids.forEach(mapper::lock);
  }

  /**
   * Holds the row of the formula, and those of the kitchen's own that it would take: two that are
   * written at once, each with the other in it, come one after the other, and no circle closes.
   */
  private ShelfRow held(String id, FormulaSheet sheet) {
    Map<String, ShelfRow> rows = new HashMap<>();
    taken(id, sheet).forEach(each -> mapper.lock(each).ifPresent(row -> rows.put(each, row)));
    return Optional.ofNullable(rows.get(id)).orElseThrow(FormulaWriter::clash);
  }

  private static SortedSet<String> taken(String id, FormulaSheet sheet) {
    SortedSet<String> ids = new TreeSet<>(Set.of(id));
    sheet.stages().stream()
        .flatMap(stage -> stage.lines().stream())
        .flatMap(line -> Larder.formulaId(line.ingredientId()).stream())
        .forEach(ids::add);
    return ids;
  }

  /** Puts a formula away, or takes it out again. */
  @Write
  public void retire(String id, boolean retired, Actor actor) {
    mapper.put(new ShelfRow(id, 0, retired));
    ShelfRow row = mapper.lock(id).orElseThrow();
    mapper.change(new ShelfRow(id, row.latest(), retired));
  }

  private boolean isWritten(Formula next, int version) {
    return mapper
        .version(next.id(), version)
        .map(FormulaDocuments.FORMULA::read)
        .filter(next::equals)
        .isPresent();
  }

  private static ConflictException clash() {
    return new ConflictException(
        "Somebody else wrote a version meanwhile.",
        "Load it again and look what changed, then write yours.");
  }
}
