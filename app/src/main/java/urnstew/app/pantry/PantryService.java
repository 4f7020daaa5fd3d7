package urnstew.app.pantry;

import static urnstew.app.platform.Fields.at;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.pantry.IngredientView.Content;
import urnstew.app.pantry.PantryMapper.OwnRow;
import urnstew.app.pantry.store.IngredientDocuments;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.Remembered;
import urnstew.app.platform.Write;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Pantry;
import urnstew.core.pantry.ReferencePantry;
import urnstew.core.pantry.Substitute;
import urnstew.core.pantry.Swap;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;

/** The pantry of this kitchen. */
@Service
public class PantryService {
  private static final Pantry SHIPPED = ReferencePantry.load();

  /** Rows of one statement. */
  private static final int LOT = 500;

  private final PantryMapper mapper;
  private final KitchenService kitchens;
  private final List<PantryGuard> guards;
  private final Clock clock;
  private final Remembered<Pantry> known = new Remembered<>();

  PantryService(
      PantryMapper mapper, KitchenService kitchens, List<PantryGuard> guards, Clock clock) {
    this.mapper = mapper;
    this.kitchens = kitchens;
    this.guards = guards;
    this.clock = clock;
  }

  /** Everything, retired or not: formulas may still name it. */
  @Transactional(readOnly = true)
  public Pantry pantry() {
    return known.at(
        mapper.mark(), () -> SHIPPED.with(mapper.own().stream().map(this::read).toList()));
  }

  /** Everything with what the kitchen changed, by name. */
  @Transactional(readOnly = true)
  public List<IngredientView> all() {
    Map<String, IngredientView> views = new HashMap<>();
    SHIPPED
        .all()
        .forEach(one -> views.put(one.id(), IngredientView.of(one, false, false, 0, null)));
    mapper.own().forEach(row -> views.put(row.id(), view(row)));
    return views.values().stream()
        .sorted(Comparator.comparing(view -> view.content().name()))
        .toList();
  }

  /**
   * Adds an ingredient, or changes the version that the cook saw.
   *
   * @param version 0 for one that the kitchen has not touched
   */
  @Write
  public IngredientView put(String id, Content content, int version, Actor actor) {
    Ingredient written = new Intake(pantry(), watches()).take(id, content);
    store(written, pricedOn(written), false, version);
    return view(mapper.find(id).orElseThrow());
  }

  /** Many at once. */
  record Draft(String id, Content content) {}

  /**
   * Takes many at once, each judged by itself; what is refused stops nobody.
   *
   * @return why, for each that was refused, by its place
   */
  @Write
  Map<Integer, InvalidInput> putAll(List<Draft> drafts, Actor actor) {
    mapper.lockAll();
    Intake intake = new Intake(pantry(), watches());
    Map<Integer, InvalidInput> refused = new TreeMap<>();
    for (int place = 0; place < drafts.size(); place++) {
      try {
        intake.take(drafts.get(place).id(), drafts.get(place).content());
      } catch (InvalidInput fault) {
        refused.put(place, fault);
      }
    }
    List<OwnRow> rows =
        intake.taken.values().stream()
            .map(
                one ->
                    new OwnRow(
                        one.id(),
                        IngredientDocuments.INGREDIENT.write(one),
                        pricedOn(one),
                        false,
                        1))
            .toList();
    for (int from = 0; from < rows.size(); from += LOT) {
      mapper.put(rows.subList(from, Math.min(rows.size(), from + LOT)));
    }
    return refused;
  }

  private List<PantryGuard.Watch> watches() {
    return guards.stream().map(PantryGuard::watch).toList();
  }

  private @Nullable LocalDate pricedOn(Ingredient written) {
    return written.buying().packs().stream().anyMatch(pack -> pack.price().isPresent())
        ? today()
        : null;
  }

  /** Ingredients that are written together; each sees those before it. */
  private record Intake(
      Pantry before, List<PantryGuard.Watch> watches, Map<String, Ingredient> taken) {
    Intake(Pantry before, List<PantryGuard.Watch> watches) {
      this(before, watches, new LinkedHashMap<>());
    }

    Ingredient take(String id, Content content) {
      requireKey(id);
      if (taken.containsKey(id)) {
        throw new InvalidInput(
            "id",
            "twice",
            "'" + id + "' stands there twice.",
            "each key once",
            "Leave one of the two out.");
      }
      Ingredient written = new IngredientEdit(id, content, before.byId().get(id)).ingredient();
      for (PantryGuard.Watch watch : watches) {
        if (watch.names(id)) {
          List<Ingredient> changed = new ArrayList<>(taken.values());
          changed.add(written);
          watch.requireComputable(before.with(changed), id);
        }
      }
      taken.put(id, written);
      return written;
    }

    private static void requireKey(String id) {
      if (!id.matches("[a-z0-9-]{1,60}")) {
        throw new InvalidInput(
            "id",
            "not-a-key",
            "'" + id + "' cannot be a key.",
            "small letters and digits",
            "Try another name.");
      }
    }
  }

  /** Puts an ingredient away, or takes it out again. */
  @Write
  public IngredientView retire(String id, boolean retired, int version, Actor actor) {
    Ingredient ingredient = at("id", () -> pantry().ingredient(id));
    LocalDate priced = mapper.find(id).map(OwnRow::pricedOn).orElse(null);
    store(ingredient, priced, retired, version);
    return view(mapper.find(id).orElseThrow());
  }

  /** What stands in for an ingredient, and what that changes in 100 g of it; the best first. */
  @Transactional(readOnly = true)
  public List<SwapView> substitutes(String id) {
    Pantry all = pantry();
    Ingredient was = at("id", () -> all.ingredient(id));
    return Substitute.of(id).stream()
        .map(one -> SwapView.of(Swap.of(was, Mass.ofGrams(100), one, all)))
        .toList();
  }

  /** What this kitchen leaves out. */
  @Transactional(readOnly = true)
  public List<Avoid> avoided() {
    return mapper.avoided();
  }

  /** The same, to be changed. */
  @Transactional(readOnly = true)
  public AvoidList avoidList() {
    return new AvoidList(mapper.avoidVersion(), mapper.avoided());
  }

  /** Replaces the version of the list that the cook saw; the same list twice is written once. */
  @Write
  public AvoidList avoid(List<Avoid> wanted, int version, Actor actor) {
    Pantry pantry = pantry();
    for (int place = 0; place < wanted.size(); place++) {
      Avoid avoid = wanted.get(place);
      at(place + ".key", () -> avoid.words(pantry));
    }
    if (Set.copyOf(wanted).equals(Set.copyOf(mapper.avoided()))) {
      return avoidList();
    }
    if (mapper.nextAvoidVersion(version) == 0) {
      throw new ConflictException(
          "Somebody else changed what this kitchen avoids meanwhile.",
          "Look at what it holds now, then change that.");
    }
    mapper.avoided().forEach(mapper::allow);
    wanted.forEach(mapper::avoid);
    return avoidList();
  }

  private void store(
      Ingredient ingredient, @Nullable LocalDate pricedOn, boolean retired, int version) {
    String document = IngredientDocuments.INGREDIENT.write(ingredient);
    int stored =
        version == 0
            ? mapper.add(ingredient.id(), document, pricedOn, retired)
            : mapper.change(ingredient.id(), document, pricedOn, retired, version);
    if (stored == 0) {
      throw new ConflictException(
          "Somebody else changed " + ingredient.name() + " meanwhile.",
          "Load it again, then change it.");
    }
  }

  private LocalDate today() {
    return LocalDate.ofInstant(clock.instant(), kitchens.settings().zoneId());
  }

  private IngredientView view(OwnRow row) {
    return IngredientView.of(read(row), true, row.retired(), row.version(), row.pricedOn());
  }

  private Ingredient read(OwnRow row) {
    return IngredientDocuments.INGREDIENT.read(row.document());
  }
}
