package urnstew.app.pantry;

import static urnstew.app.platform.Fields.at;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.IdempotencyStore;
import urnstew.app.platform.NotFoundException;
import urnstew.app.platform.Write;
import urnstew.app.task.TaskSource;
import urnstew.core.pantry.Care;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.PackTasks;
import urnstew.core.pantry.Pantry;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.units.Mass;

/** What is on the shelf, and opened packs with their dates. */
@Service
public class StockService implements TaskSource {
  private static final double LEAST_KILOGRAMS = 0.0005;

  private final PantryMapper mapper;
  private final PantryService pantry;
  private final KitchenService kitchens;
  private final IdempotencyStore writes;

  StockService(
      PantryMapper mapper, PantryService pantry, KitchenService kitchens, IdempotencyStore writes) {
    this.mapper = mapper;
    this.pantry = pantry;
    this.kitchens = kitchens;
    this.writes = writes;
  }

  /** All of it, the first to be used first. */
  @Transactional(readOnly = true)
  public List<StockItem> all() {
    return mapper.stock();
  }

  /** What opened packs ask for. */
  @Override
  @Transactional(readOnly = true)
  public List<Task> tasks(Instant now) {
    Pantry goods = pantry.pantry();
    ZoneId zone = kitchens.settings().zoneId();
    return mapper.stock().stream().flatMap(item -> task(item, goods, now, zone).stream()).toList();
  }

  private static Optional<Task> task(StockItem item, Pantry goods, Instant now, ZoneId zone) {
    LocalDate useBy = item.useBy();
    return useBy == null
        ? Optional.empty()
        : PackTasks.of(
            new Subject(
                Subject.Place.PACK,
                item.id().toString(),
                goods.has(item.ingredientId())
                    ? goods.ingredient(item.ingredientId()).name()
                    : item.ingredientId()),
            useBy,
            now,
            zone);
  }

  /** How much of each ingredient there is. */
  @Transactional(readOnly = true)
  public Map<String, Mass> masses() {
    return mapper.stock().stream()
        .collect(
            Collectors.groupingBy(
                StockItem::ingredientId,
                Collectors.reducing(
                    Mass.ZERO, item -> new Mass(item.massKilograms()), Mass::plus)));
  }

  /** One of them. */
  @Transactional(readOnly = true)
  public StockItem item(UUID id) {
    return found(id);
  }

  /** Puts something in, once; an opened pack without a date gets one. */
  @Write
  public StockItem store(StockItem item, Actor actor) {
    StockItem dated = dated(item.checked(kitchens.massText("g", item.ingredientId())));
    writes.once(item.id(), "stock", dated, () -> mapper.store(dated));
    return found(item.id());
  }

  /** Changes the version that the cook saw. */
  @Write
  public StockItem change(StockItem item, int version, Actor actor) {
    requireChanged(
        mapper.changeStock(
            dated(item.checked(kitchens.massText("g", item.ingredientId()))), version));
    return found(item.id());
  }

  /** Uses something up or throws it away, or puts it back. */
  @Write
  public StockItem take(UUID id, int version, boolean gone, Actor actor) {
    requireChanged(mapper.take(id, version, gone));
    return found(id);
  }

  /**
   * Takes so much of an ingredient off the shelf, of what is to be used first.
   *
   * @param day on which packs are opened for it
   * @return what is left in the packs that were opened
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public List<StockItem> use(String ingredientId, Mass mass, LocalDate day) {
    double open = mass.kilograms();
    List<StockItem> opened = new ArrayList<>();
    for (StockItem item : mapper.stock()) {
      if (open < LEAST_KILOGRAMS || !item.ingredientId().equals(ingredientId)) {
        continue;
      }
      if (item.massKilograms() - open < LEAST_KILOGRAMS) {
        requireChanged(mapper.take(item.id(), item.version(), true));
      } else {
        useInPart(item, new Mass(open), day).ifPresent(opened::add);
      }
      open = Math.max(0, open - item.massKilograms());
    }
    return opened;
  }

  /** Shut packs of a lot stay shut; what is left in the one that was opened gets its date. */
  private Optional<StockItem> useInPart(StockItem item, Mass taken, LocalDate day) {
    Mass lot = new Mass(item.massKilograms());
    Mass left = lot.minus(taken);
    Mass shut =
        item.openedOn() != null
            ? left
            : pantry.pantry().ingredient(item.ingredientId()).buying().staysShut(lot, taken);
    double opened = left.kilograms() - shut.kilograms();
    requireChanged(
        shut.kilograms() < LEAST_KILOGRAMS
            ? mapper.take(item.id(), item.version(), true)
            : mapper.changeStock(item.less(shut), item.version()));
    return opened < LEAST_KILOGRAMS
        ? Optional.empty()
        : Optional.of(
            stored(
                dated(
                    StockItem.opened(
                        UUID.randomUUID(),
                        item.ingredientId(),
                        new Mass(opened),
                        day,
                        item.note(),
                        item.code()))));
  }

  /** What is left in an opened pack goes on the shelf with its date. */
  @Transactional(propagation = Propagation.MANDATORY)
  public StockItem leaveOver(UUID id, String ingredientId, Mass left, LocalDate day, String note) {
    return stored(dated(StockItem.opened(id, ingredientId, left, day, note, null)));
  }

  private StockItem stored(StockItem item) {
    mapper.store(item);
    return found(item.id());
  }

  private StockItem found(UUID id) {
    return mapper.stockItem(id).orElseThrow(() -> new NotFoundException("stock item", id));
  }

  private StockItem dated(StockItem item) {
    Ingredient ingredient =
        at("ingredientId", () -> pantry.pantry().ingredient(item.ingredientId()));
    LocalDate opened = item.openedOn();
    if (opened == null || item.useBy() != null) {
      return item;
    }
    return item.usedBy(Care.of(ingredient).useBy(opened).orElse(opened.plusDays(1)));
  }

  private static void requireChanged(int rows) {
    if (rows == 0) {
      throw new ConflictException(
          "Somebody else changed it meanwhile.", "Load it again, then change it.");
    }
  }
}
