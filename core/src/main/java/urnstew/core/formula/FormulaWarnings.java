package urnstew.core.formula;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import urnstew.core.explain.Caution;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.StageHeat.Level;
import urnstew.core.pantry.IngredientKind;
import urnstew.core.pantry.Trait;
import urnstew.core.reduction.Lid;

/** What a careful colleague would remark on a formula. All limits are common practice. */
final class FormulaWarnings {
  private static final Duration GARLIC_BURNS = Duration.ofSeconds(90);
  private static final Duration SEAFOOD_TOUGHENS = Duration.ofMinutes(30);
  private static final Duration COOKS_THROUGH = Duration.ofMinutes(2);

  /** So much starch to its egg is a dough, which is boiled; a raw yolk with crumbs is eaten raw. */
  private static final double DOUGH = 1.5;

  private static final double HALVED = 1.8;
  private static final double THICKENS = 0.05;

  /** Wet enough beside minced garlic, kg water for each kg of garlic. */
  private static final double PROTECTS = 4;

  private final ResolvedFormula formula;
  private final Ribbon ribbon;
  private final List<Caution> found = new ArrayList<>();

  private FormulaWarnings(ResolvedFormula formula, Ribbon ribbon) {
    this.formula = formula;
    this.ribbon = ribbon;
  }

  static List<Caution> of(ResolvedFormula formula, Ribbon ribbon, Declaration declaration) {
    FormulaWarnings warnings = new FormulaWarnings(formula, ribbon);
    for (int place = 0; place < ribbon.steps().size(); place++) {
      warnings.stage(ribbon.steps().get(place), formula.portionsOf(place));
    }
    warnings.earlySalt();
    warnings.thinTarget();
    warnings.leftIn();
    warnings.hidden(declaration);
    return List.copyOf(warnings.found);
  }

  private void stage(Ribbon.Step step, List<Portion> portions) {
    mincedGarlic(step.stage(), portions);
    seafood(step.stage(), portions);
    coveredSimmer(step);
    goldenAllAtOnce(step.stage(), portions);
    rawEgg(step.stage(), portions);
    flames(step.stage(), portions);
    barelyCooked(step.stage(), portions);
  }

  private void mincedGarlic(Stage stage, List<Portion> portions) {
    double garlic =
        portions.stream()
            .filter(p -> p.ingredient().is(Trait.GARLIC) && p.note().contains("minced"))
            .filter(p -> p.after().isZero())
            .mapToDouble(p -> p.mass().kilograms())
            .sum();
    double water =
        portions.stream()
            .filter(p -> !p.ingredient().is(Trait.GARLIC))
            .mapToDouble(p -> p.contents().everything().waterKilograms())
            .sum();
    boolean dry = stage.role() == StageRole.PREPARE && stage.heat().level() != Level.OFF;
    if (garlic > 0
        && dry
        && water < garlic * PROTECTS
        && stage.time().compareTo(GARLIC_BURNS) > 0) {
      add(
          "minced-garlic-dry",
          "Minced garlic stands alone in '%s' for %d min and will turn bitter: slice it, put it in"
              + " after the onion, or let liquid follow within a minute.",
          stage.title(),
          stage.time().toMinutes());
    }
  }

  private void seafood(Stage stage, List<Portion> portions) {
    boolean hot = stage.heat().level() != Level.OFF;
    portions.stream()
        .filter(p -> isRawSeafood(p) && hot)
        .filter(p -> stage.time().minus(p.after()).compareTo(SEAFOOD_TOUGHENS) >= 0)
        .forEach(
            p ->
                add(
                    "seafood-long",
                    "%s cooks %d min in '%s' and goes tough: let it in for the last minutes.",
                    p.ingredient().name(),
                    stage.time().minus(p.after()).toMinutes(),
                    stage.title()));
  }

  private static boolean isRawSeafood(Portion portion) {
    return portion.ingredient().comesRawFromTheSea() && !portion.ingredient().is(Trait.BRAISES);
  }

  private void coveredSimmer(Ribbon.Step step) {
    Stage stage = step.stage();
    double share = step.gone().kilograms() / Math.max(1e-9, step.atStart().total().kilograms());
    if (stage.role() == StageRole.REDUCE && stage.lid() == Lid.ON && share > THICKENS) {
      add(
          "covered-reduction",
          "'%s' is to lose %.0f %% under a lid, which keeps nearly all of it in: take the lid off,"
              + " or thicken it otherwise.",
          stage.title(),
          share * 100);
    }
  }

  private void goldenAllAtOnce(Stage stage, List<Portion> portions) {
    List<String> together =
        portions.stream()
            .filter(p -> p.ingredient().kind() == IngredientKind.VEGETABLE && p.after().isZero())
            .map(p -> p.ingredient().name().toLowerCase(Locale.ROOT))
            .distinct()
            .toList();
    if (stage.technique() == Technique.CARAMELISE && together.size() > 1) {
      add(
          "golden-at-once",
          "For colour the onion goes first: with %s all at once in '%s' they steam each other.",
          String.join(", ", together),
          stage.title());
    }
  }

  private void rawEgg(Stage stage, List<Portion> portions) {
    double egg = kilograms(portions, p -> p.ingredient().is(Trait.EGG));
    double starch = kilograms(portions, p -> p.ingredient().kind() == IngredientKind.STARCH);
    boolean raw = stage.heat().level() == Level.OFF && egg > 0 && starch < DOUGH * egg;
    if (raw && !cookedLater(stage)) {
      add(
          "raw-egg",
          "The egg in '%s' stays raw: pasteurised egg for groups at risk, cold until served, and"
              + " guests are told.",
          stage.title());
    }
  }

  private static double kilograms(List<Portion> portions, Predicate<Portion> which) {
    return portions.stream().filter(which).mapToDouble(p -> p.mass().kilograms()).sum();
  }

  private boolean cookedLater(Stage stage) {
    return ribbon.steps().stream()
        .map(Ribbon.Step::stage)
        .skip(1L + formula.formula().stages().indexOf(stage))
        .anyMatch(later -> later.heat().level() != Level.OFF);
  }

  /** A spirit on a hot pan, whatever the stage is called; a stage that says so itself is enough. */
  private void flames(Stage stage, List<Portion> portions) {
    boolean hot = stage.heat().level() != Level.OFF || stage.technique() == Technique.FLAME;
    if (!hot || !stage.caution().isBlank()) {
      return;
    }
    portions.stream()
        .filter(p -> p.ingredient().burns())
        .findFirst()
        .ifPresent(
            p ->
                add(
                    "flames",
                    "%s in '%s' can catch fire: hood off, lid at hand, poured from a cup and never"
                        + " from the bottle.",
                    p.ingredient().name(),
                    stage.title()));
  }

  /** Consumer advisory, Food Code 3-603.11; 63 °C all through, 3-401.11. */
  private void barelyCooked(Stage stage, List<Portion> portions) {
    boolean cold = stage.heat().level() == Level.OFF;
    portions.stream()
        .filter(p -> p.ingredient().comesRawFromTheSea())
        .filter(p -> cold || stage.time().minus(p.after()).compareTo(COOKS_THROUGH) < 0)
        .filter(p -> !cookedLater(stage))
        .forEach(
            p ->
                add(
                    "barely-cooked",
                    "%s in '%s' stays raw or nearly so: to 63 °C all through, or guests are told"
                        + " and groups at risk get none.",
                    p.ingredient().name(),
                    stage.title()));
  }

  /** Salt that is all in before the pot loses nearly half of itself. */
  private void earlySalt() {
    double early =
        formula.portions().stream()
            .filter(p -> p.role() != StageRole.FINISH && isSalt(p))
            .mapToDouble(p -> p.mass().kilograms() * p.firstDose().value())
            .sum();
    double all =
        formula.portions().stream()
            .filter(FormulaWarnings::isSalt)
            .mapToDouble(p -> p.mass().kilograms())
            .sum();
    double before = formula.mass().kilograms();
    double factor = before / Math.max(1e-9, ribbon.end().total().kilograms());
    if (all > 0 && early > 0.99 * all && factor >= HALVED) {
      add(
          "all-salt-early",
          "All salt goes in before the pot shrinks to %.0f %%, which makes it %.1f times as salty:"
              + " hold half of it back until it is thick.",
          100 / factor,
          factor);
    }
  }

  private static boolean isSalt(Portion portion) {
    return portion.ingredient().salt().percent() > 90;
  }

  private void thinTarget() {
    boolean simmers =
        formula.formula().stages().stream().anyMatch(s -> s.role() == StageRole.REDUCE);
    double start = formula.beforeTheFinish().cooked().equivalentSolids().percent();
    formula
        .formula()
        .target()
        .filter(target -> simmers && target.percent() <= start)
        .ifPresent(
            target ->
                add(
                    "thin-target",
                    "It is meant to end at %.1f %% solids, but has %.1f %% when all is in: aim"
                        + " higher, or pour water in.",
                    target.percent(),
                    start));
  }

  private void leftIn() {
    List<String> out =
        formula.formula().stages().stream().flatMap(s -> s.takeOuts().stream()).toList();
    boolean bay = formula.portions().stream().anyMatch(p -> p.ingredient().id().equals("bay-leaf"));
    if (bay && out.stream().noneMatch(what -> what.contains("bay"))) {
      add("left-in", "No stage takes the bay leaf out again before serving.");
    }
  }

  private void hidden(Declaration declaration) {
    String title = formula.formula().name() + " " + formula.formula().inShort();
    String hidden =
        declaration.allergens().stream()
            .filter(carried -> !carried.hidden().isEmpty())
            .filter(carried -> carried.hidden().size() == carried.causes().size())
            .filter(carried -> !carried.allergen().isPlainIn(title))
            .map(
                carried ->
                    carried.allergen().words() + " (" + String.join(", ", carried.hidden()) + ")")
            .collect(Collectors.joining(", "));
    if (!hidden.isEmpty()) {
      add("hidden-allergen", "Names do not tell that it carries %s: say so on the label.", hidden);
    }
  }

  private void add(String code, String text, Object... figures) {
    found.add(new Caution(code, String.format(Locale.ROOT, text, figures)));
  }
}
