package urnstew.app.lots;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.lots.IdeaView.TakesView;
import urnstew.app.pantry.StockItem;
import urnstew.app.pantry.StockService;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.lot.UseUp;
import urnstew.core.lot.UseUp.Due;
import urnstew.core.lot.UseUp.Idea;
import urnstew.core.lot.UseUp.Pack;
import urnstew.core.lot.UseUp.Takes;
import urnstew.core.lot.UseUp.Tub;
import urnstew.core.sizing.Serving;
import urnstew.units.Mass;

/** What to cook from what is open or due. */
@Service
public class UseUpService {
  private static final int DAYS_AHEAD = 3;
  private static final int MOST = 6;

  private final LotViews lots;
  private final StockService stock;
  private final FormulaShelf shelf;

  UseUpService(LotViews lots, StockService stock, FormulaShelf shelf) {
    this.lots = lots;
    this.stock = stock;
    this.shelf = shelf;
  }

  /** Ideas for the next days, those that use most things first. */
  @Transactional(readOnly = true)
  public List<IdeaView> ideas() {
    List<Due> due = Stream.concat(packs(), tubs()).toList();
    if (due.isEmpty()) {
      return List.of();
    }
    List<ResolvedFormula> all = shelf.all().stream().map(Formula::id).map(this::resolved).toList();
    return UseUp.from(all, due, MOST).stream().map(this::view).toList();
  }

  private ResolvedFormula resolved(String id) {
    return shelf.resolved(id, List.of());
  }

  private Stream<Due> packs() {
    LocalDate today = lots.today();
    return stock.all().stream()
        .filter(item -> item.openedOn() != null && item.useBy() != null)
        .filter(item -> isDue(Objects.requireNonNull(item.useBy()), today))
        .map(UseUpService::pack);
  }

  private static boolean isDue(LocalDate by, LocalDate today) {
    return !by.isBefore(today) && !by.isAfter(today.plusDays(DAYS_AHEAD));
  }

  private static Due pack(StockItem item) {
    return new Pack(
        item.ingredientId(), new Mass(item.massKilograms()), Objects.requireNonNull(item.useBy()));
  }

  private Stream<Due> tubs() {
    LocalDate today = lots.today();
    return lots.open().stream()
        .filter(lot -> lot.unfinished() == null)
        .filter(lot -> lot.state() == LotView.State.CHILLED && lot.useBy() != null)
        .filter(lot -> isDue(Objects.requireNonNull(lot.useBy()), today))
        .map(
            lot ->
                new Tub(
                    resolved(lot.formulaId()),
                    new Mass(lot.massKilograms()),
                    Objects.requireNonNull(lot.useBy())));
  }

  private IdeaView view(Idea idea) {
    Formula formula = idea.formula().formula();
    return new IdeaView(
        formula.id(),
        formula.name(),
        idea.covers(),
        Serving.usualOf(formula).sauce().kilograms(),
        idea.takes().stream().map(this::view).toList());
  }

  private TakesView view(Takes takes) {
    Due due = takes.due();
    String what =
        due instanceof Tub tub
            ? tub.of().formula().name()
            : shelf.ingredient(((Pack) due).ingredientId()).name();
    return new TakesView(
        what,
        takes.takes().kilograms(),
        due.mass().kilograms(),
        due.by(),
        due instanceof Tub tub ? tub.of().formula().id() : null);
  }
}
