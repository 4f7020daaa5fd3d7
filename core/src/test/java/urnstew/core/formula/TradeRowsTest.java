package urnstew.core.formula;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import urnstew.core.reduction.Lid;

/**
 * Every formula of the library keeps to what cooks do (common practice, by the numbers of its
 * rows): what is checked is checked wherever it occurs, so that a formula that is added is held to
 * it too.
 */
class TradeRowsTest {
  private static final Map<String, Formula> SHELF =
      ReferenceFormulas.load().stream().collect(Collectors.toMap(Formula::id, Function.identity()));

  static Stream<Formula> library() {
    return SHELF.values().stream();
  }

  private static boolean takes(Stage stage, String ingredient) {
    return stage.lines().stream().anyMatch(line -> line.ingredientId().equals(ingredient));
  }

  private static double after(Stage stage, String ingredient) {
    return stage.lines().stream()
        .filter(line -> line.ingredientId().equals(ingredient))
        .mapToDouble(line -> line.after().toSeconds() / 60.0)
        .findFirst()
        .orElse(0);
  }

  private static double minutes(Stage stage) {
    return stage.time().toSeconds() / 60.0;
  }

  private static Stage stage(String formula, String title) {
    Formula found = SHELF.get(formula);
    assertTrue(found != null, formula);
    return found.stages().stream()
        .filter(stage -> stage.title().equals(title))
        .findFirst()
        .orElseThrow();
  }

  /** T-02: onion is translucent after three minutes at the earliest, and soft within fifteen. */
  @ParameterizedTest
  @MethodSource("library")
  void onionIsSweatedThreeToFifteenMinutes(Formula formula) {
    for (Stage stage : formula.stages()) {
      if (stage.technique() == Technique.SWEAT && takes(stage, "onion")) {
        double left = minutes(stage) - after(stage, "onion");
        assertTrue(left >= 3 && left <= 15, formula.id() + ": " + left + " min");
      }
    }
  }

  /** T-03: for colour onion goes first, then celery, then carrot. */
  @ParameterizedTest
  @MethodSource("library")
  void forColourOnionGoesFirst(Formula formula) {
    for (Stage stage : formula.stages()) {
      if (stage.technique() == Technique.CARAMELISE && takes(stage, "onion")) {
        for (String later : List.of("celery", "carrot")) {
          boolean waits = !takes(stage, later) || after(stage, later) > after(stage, "onion");
          assertTrue(waits, formula.id() + ": " + later);
        }
        if (takes(stage, "celery") && takes(stage, "carrot")) {
          assertTrue(after(stage, "celery") < after(stage, "carrot"), formula.id());
        }
      }
    }
  }

  /** T-04: garlic browns in minutes: alone it has four at most, and low heat. */
  @ParameterizedTest
  @MethodSource("library")
  void garlicIsNotLeftAloneForLong(Formula formula) {
    for (Stage stage : formula.stages()) {
      boolean wet = takes(stage, "onion") || takes(stage, "shallot") || takes(stage, "celery");
      if (stage.technique() == Technique.SWEAT && takes(stage, "garlic") && !wet) {
        assertTrue(minutes(stage) - after(stage, "garlic") <= 4, formula.id());
        assertEquals(StageHeat.Level.LOW, stage.heat().level(), formula.id());
      }
    }
  }

  /** T-05: wine needs one to three minutes. */
  @ParameterizedTest
  @MethodSource("library")
  void wineCooksOneToThreeMinutes(Formula formula) {
    for (Stage stage : formula.stages()) {
      if (stage.technique() == Technique.DEGLAZE) {
        assertTrue(minutes(stage) >= 1 && minutes(stage) <= 3, formula.id());
      }
    }
  }

  /** T-07: what dry sheets drink is thin, what lies between layers is tight. */
  @Test
  void sheetsWantItThinAndLayersTight() {
    double thin = target("thin-for-sheets");
    double loose = target("rustic-pork");
    double plain = target("plain-marinara");
    double tight = target("tight-for-layers");
    assertTrue(thin < loose && loose < plain && plain < tight);
  }

  private static double target(String id) {
    Formula found = SHELF.get(id);
    assertTrue(found != null, id);
    return found.target().orElseThrow().percent();
  }

  /**
   * T-08: a minute a side, then five covered on the gentlest heat, and out before it is reduced.
   */
  @Test
  void aFishSteakIsOutBackAndOut() {
    assertEquals(2, minutes(stage("fish-steak", "Sear")));
    Stage back = stage("fish-steak", "Fish back in");
    assertEquals(5, minutes(back));
    assertEquals(Lid.ON, back.lid());
    assertEquals(StageHeat.Level.BARE, back.heat().level());
    assertEquals(
        List.of(PieceMove.Way.BACK, PieceMove.Way.OUT),
        back.course().moves().stream().map(PieceMove::way).toList());
  }

  /** T-09: shells are covered, out, the sauce is reduced; what binds comes after that. */
  @Test
  void crustaceansAreCookedInTwoActs() {
    Formula shells = SHELF.get("flamed-shells");
    assertTrue(shells != null);
    List<String> titles = shells.stages().stream().map(Stage::title).toList();
    assertTrue(titles.indexOf("Covered") < titles.indexOf("Reduce"));
    assertTrue(titles.indexOf("Reduce") < titles.indexOf("Liaison"));
    assertEquals(Lid.ON, stage("flamed-shells", "Covered").lid());
    assertTrue(stage("flamed-shells", "Covered").course().moves().stream().anyMatch(this::isOut));
    assertTrue(takes(stage("flamed-shells", "Liaison"), "coral"));
  }

  private boolean isOut(PieceMove move) {
    return move.way() == PieceMove.Way.OUT;
  }

  /** T-10: in one pot by cooking time: firm fish, then flaky, shells last. */
  @Test
  void seafoodIsDroppedByItsCookingTime() {
    Stage fish = stage("saffron-sea", "The fish");
    assertTrue(after(fish, "monkfish") < after(fish, "cod"));
    assertTrue(after(fish, "cod") < after(fish, "mussels"));
  }

  /** T-11: squid is tender under two minutes or after thirty, and rubber between. */
  @ParameterizedTest
  @MethodSource("library")
  void squidIsNeverRubber(Formula formula) {
    double minutes = 0;
    for (Stage stage : formula.stages()) {
      boolean seared = stage.technique() == Technique.SEAR || stage.technique() == Technique.MIX;
      minutes += takes(stage, "squid") && !seared || minutes > 0 ? minutes(stage) : 0;
      boolean braised = stage.course().moves().stream().anyMatch(this::isOut);
      minutes += minutes == 0 && braised && formula.id().contains("squid") ? minutes(stage) : 0;
    }
    assertTrue(minutes == 0 || minutes >= 30, formula.id() + ": " + minutes + " min");
  }

  /** T-12: balls bake fifteen to twenty minutes at 220 °C. */
  @Test
  void ballsAreBakedAndFinishedInSauce() {
    Stage bake = stage("meatballs", "Bake");
    assertTrue(minutes(bake) >= 15 && minutes(bake) <= 20);
    assertEquals(220, bake.heat().oven().orElseThrow().celsius(), 1e-9);
    assertTrue(takes(stage("balls-in-sauce", "Simmer"), "formula:meatballs"));
  }

  /** T-15: 175 to 190 °C, covered, open for the last quarter, and rested half an hour or more. */
  @Test
  void aLayeredBakeIsCoveredOpenedAndRested() {
    Stage covered = stage("tray-of-sheets", "Bake covered");
    Stage open = stage("tray-of-sheets", "Bake open");
    for (Stage bake : List.of(covered, open)) {
      double celsius = bake.heat().oven().orElseThrow().celsius();
      assertTrue(celsius >= 175 && celsius <= 190);
    }
    assertEquals(Lid.ON, covered.lid());
    assertEquals(Lid.OFF, open.lid());
    assertEquals(0.25, minutes(open) / (minutes(open) + minutes(covered)), 1e-9);
    assertTrue(minutes(stage("tray-of-sheets", "Rest")) >= 30);
  }

  /** T-17: slices are salted and weighted ten to fifteen minutes before they are fried. */
  @Test
  void slicesAreSaltedBeforeTheyAreFried() {
    double minutes = minutes(stage("fried-slices", "Salt and weight"));
    assertTrue(minutes >= 10 && minutes <= 15);
  }

  /** T-18: mushrooms are ready when their water is gone; T-01: dried ones soak twenty minutes. */
  @ParameterizedTest
  @MethodSource("library")
  void mushroomsLoseTheirWaterFirst(Formula formula) {
    for (Stage stage : formula.stages()) {
      if (takes(stage, "mushroom-dried")) {
        assertEquals(20, minutes(stage), formula.id());
      }
      if (takes(stage, "mushroom") || takes(stage, "mushroom-brown")) {
        assertEquals(Technique.BROWN, stage.technique(), formula.id());
        assertTrue(stage.cues().ready().matches(".*(water is gone|dry and brown).*"));
      }
    }
  }

  /** T-19: mince and sausage brown for as long as this pot and burner need, in loads. */
  @ParameterizedTest
  @MethodSource("library")
  void minceIsBrownedByTheLoad(Formula formula) {
    boolean part = formula.family() == Family.PART;
    for (Stage stage : formula.stages()) {
      boolean mince =
          stage.lines().stream()
              .map(line -> line.ingredientId().toLowerCase(Locale.ROOT))
              .anyMatch(id -> id.endsWith("-mince") || id.endsWith("-sausage"));
      if (mince && !part) {
        assertEquals(Technique.BROWN, stage.technique(), formula.id());
        assertTrue(stage.time().isZero(), formula.id() + ": its minutes are computed");
      }
    }
  }

  /** T-20: butter that is beaten is soft, and cream and eggs are not cold. */
  @ParameterizedTest
  @MethodSource("library")
  void creamAndEggsAreNotCold(Formula formula) {
    for (Stage stage : formula.stages()) {
      for (Stage.Line line : stage.lines()) {
        boolean dough = stage.technique() == Technique.KNEAD && line.ingredientId().equals("egg");
        if (line.ingredientId().equals("cream") || dough) {
          assertEquals("at room warmth", line.note(), formula.id());
        }
      }
    }
  }
}
