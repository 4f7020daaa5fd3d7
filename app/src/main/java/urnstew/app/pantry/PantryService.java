package urnstew.app.pantry;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.pantry.IngredientView.Content;
import urnstew.app.pantry.PantryMapper.OwnRow;
import urnstew.app.pantry.store.IngredientDocuments;
import urnstew.app.platform.Clash;
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

  private final PantryMapper mapper;
  private final KitchenService kitchens;
  private final List<PantryGuard> guards;
  private final Clock clock;

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
    return SHIPPED.with(mapper.own().stream().map(this::read).toList());
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
  @Transactional
  public IngredientView put(String id, Content content, int version) {
    if (!id.matches("[a-z0-9-]{1,60}")) {
      throw new InvalidInput(
          "id",
          "not-a-key",
          "'" + id + "' cannot be a key.",
          "small letters and digits",
          "Try another name.");
    }
    Ingredient before = pantry().byId().get(id);
    Ingredient written = new IngredientEdit(id, content, before).ingredient();
    guards.forEach(guard -> guard.requireComputable(pantry().with(List.of(written)), id));
    boolean priced = written.buying().packs().stream().anyMatch(pack -> pack.price().isPresent());
    store(written, priced ? today() : null, false, version);
    return view(mapper.find(id).orElseThrow());
  }

  /** Puts an ingredient away, or takes it out again. */
  @Transactional
  public IngredientView retire(String id, boolean retired, int version) {
    Ingredient ingredient = pantry().ingredient(id);
    LocalDate priced = mapper.find(id).map(OwnRow::pricedOn).orElse(null);
    store(ingredient, priced, retired, version);
    return view(mapper.find(id).orElseThrow());
  }

  /** What stands in for an ingredient, and what that changes in 100 g of it; the best first. */
  @Transactional(readOnly = true)
  public List<SwapView> substitutes(String id) {
    Pantry all = pantry();
    Ingredient was = all.ingredient(id);
    return Substitute.of(id).stream()
        .map(one -> SwapView.of(Swap.of(was, Mass.ofGrams(100), one, all)))
        .toList();
  }

  /** What this kitchen leaves out. */
  @Transactional(readOnly = true)
  public List<Avoid> avoided() {
    return mapper.avoided();
  }

  /** Replaces the avoid list. */
  @Transactional
  public List<Avoid> avoid(List<Avoid> wanted) {
    Pantry pantry = pantry();
    wanted.forEach(avoid -> avoid.words(pantry));
    new ArrayList<>(mapper.avoided()).forEach(mapper::allow);
    wanted.forEach(mapper::avoid);
    return mapper.avoided();
  }

  private void store(
      Ingredient ingredient, @Nullable LocalDate pricedOn, boolean retired, int version) {
    String document = IngredientDocuments.INGREDIENT.write(ingredient);
    int stored =
        version == 0
            ? mapper.add(ingredient.id(), document, pricedOn, retired)
            : mapper.change(ingredient.id(), document, pricedOn, retired, version);
    if (stored == 0) {
      throw new Clash(
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
