package urnstew.core.formula;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import urnstew.core.explain.Caution;
import urnstew.core.formula.Stage.Line;
import urnstew.core.formula.StageHeat.Level;
import urnstew.core.pantry.Pantry;
import urnstew.core.pantry.ReferencePantry;
import urnstew.core.reduction.Lid;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/** Each remark on a formula that deserves it; the library shows that good ones get none. */
class FormulaWarningsTest {
  private static final Pantry PANTRY = ReferencePantry.load();
  private static final Stage SIMMER = simmer(Lid.OFF, 25, line("canned-whole-tomato", 1600, ""));

  private static Line line(String id, double grams, String note) {
    MassFraction all = new MassFraction(1);
    return new Line(id, Mass.ofGrams(grams), "", Duration.ZERO, note, all, Optional.empty());
  }

  private static Stage simmer(Lid lid, int minutes, Line... lines) {
    return stage(StageRole.REDUCE, Technique.SIMMER, Level.LIVELY, lid, minutes, lines);
  }

  private static Stage prepare(Technique technique, Level heat, int minutes, Line... lines) {
    return stage(StageRole.PREPARE, technique, heat, Lid.OFF, minutes, lines);
  }

  private static Stage stage(
      StageRole role, Technique technique, Level heat, Lid lid, int minutes, Line... lines) {
    return new Stage(
        "Stage",
        role,
        technique,
        StageHeat.of(heat),
        lid,
        StageCourse.PLAIN,
        Duration.ofMinutes(minutes),
        new MassFraction(0),
        List.of(lines),
        List.of(),
        Cues.NONE,
        List.of(),
        "",
        "",
        Optional.empty());
  }

  private static List<String> remarks(double targetPercent, Stage... stages) {
    Formula formula =
        new Formula(
            "made-up",
            1,
            "Made-up sauce",
            "",
            Family.PLAIN,
            Set.of(Use.DRY_PASTA),
            Optional.of(MassFraction.ofPercent(targetPercent)),
            Optional.empty(),
            List.of(),
            List.of(stages));
    return FormulaAnalysis.of(ResolvedFormula.of(formula, ReferenceFormulas.larder()))
        .warnings()
        .stream()
        .map(Caution::code)
        .toList();
  }

  @Test
  void mincedGarlicAloneBurnsUnlessOnionProtectsIt() {
    Line garlic = line("garlic", 10, "minced");
    Line oil = line("olive-oil", 30, "");
    assertEquals(
        List.of("minced-garlic-dry"),
        remarks(8, prepare(Technique.SWEAT, Level.LOW, 5, oil, garlic), SIMMER));
    Stage protectedBy =
        prepare(Technique.SWEAT, Level.LOW, 5, oil, garlic, line("onion", 150, "fine dice"));
    assertEquals(List.of(), remarks(8, protectedBy, SIMMER));
  }

  @Test
  void saltAllInBeforeAHalvingReductionIsRemarkedAndHeldBackSaltIsNot() {
    Line tomato = line("canned-whole-tomato", 1600, "");
    Line salt = line("table-salt", 8, "");
    assertEquals(List.of("all-salt-early"), remarks(13, simmer(Lid.OFF, 60, tomato, salt)));
    assertEquals(List.of(), remarks(8, simmer(Lid.OFF, 60, tomato, salt)));
    Line held =
        new Line(
            "table-salt",
            Mass.ofGrams(8),
            "",
            Duration.ZERO,
            "",
            MassFraction.ofPercent(60),
            Optional.empty());
    assertEquals(List.of(), remarks(13, simmer(Lid.OFF, 60, tomato, held)));
  }

  @Test
  void rawSeafoodCookedAnHourIsRemarkedAndSquidIsNot() {
    Line tomato = line("canned-whole-tomato", 1600, "");
    Line peeled = line("prawns", 300, "");
    Line squid = line("squid", 300, "");
    assertEquals(true, remarks(8, simmer(Lid.OFF, 60, tomato, peeled)).contains("seafood-long"));
    assertEquals(false, remarks(8, simmer(Lid.OFF, 60, tomato, squid)).contains("seafood-long"));
  }

  @Test
  void aCoveredStageIsNotExpectedToThicken() {
    Line tomato = line("canned-whole-tomato", 1600, "");
    assertEquals(List.of("covered-reduction"), remarks(9, simmer(Lid.ON, 40, tomato)));
  }

  @Test
  void goldenSoffrittoAllAtOnceIsRemarked() {
    Stage golden =
        prepare(
            Technique.CARAMELISE, Level.MEDIUM, 20, line("onion", 120, ""), line("carrot", 60, ""));
    assertEquals(List.of("golden-at-once"), remarks(8, golden, SIMMER));
  }

  @Test
  void anAllergenThatNoNameTellsABayLeafLeftInAndAThinTargetAreRemarked() {
    Stage soy = prepare(Technique.MIX, Level.OFF, 1, line("soy-sauce", 20, ""));
    assertEquals(List.of("hidden-allergen"), remarks(8, soy, SIMMER));
    Stage bay = prepare(Technique.MIX, Level.OFF, 1, line("bay-leaf", 0.4, ""));
    assertEquals(List.of("left-in"), remarks(8, bay, SIMMER));
    assertEquals(List.of("thin-target"), remarks(4, SIMMER));
  }

  @Test
  void eggThatNoLaterHeatReachesStaysRawAndIsRemarked() {
    Line yolk = line("egg-yolk", 34, "");
    Stage cold = stage(StageRole.FINISH, Technique.FINISH, Level.OFF, Lid.OFF, 1, yolk);
    assertEquals(List.of("raw-egg"), remarks(8, SIMMER, cold));
    assertEquals(
        List.of(), remarks(8, prepare(Technique.MIX, Level.OFF, 1, yolk), SIMMER), "cooked later");
    Stage dough =
        prepare(Technique.KNEAD, Level.OFF, 10, line("egg", 200, ""), line("wheat-flour", 400, ""));
    assertFalse(
        remarks(8, SIMMER, dough).contains("raw-egg"), "a dough is boiled before it is eaten");
  }

  /** Cautions follow what goes in and what happens to it, not the rows of the shelf. */
  @Test
  void spiritsOnHeatAndOystersAtTheEndAreRemarkedInAnyFormula() {
    Line tomato = line("canned-whole-tomato", 800, "");
    Line brandy = line("brandy", 60, "");
    Line oysters = line("oysters", 200, "");
    Stage poured = prepare(Technique.DEGLAZE, Level.HIGH, 2, brandy);
    assertTrue(remarks(8, poured, simmer(Lid.OFF, 30, tomato)).contains("flames"));
    Stage cold = prepare(Technique.MIX, Level.OFF, 2, line("white-wine", 60, ""));
    assertFalse(remarks(8, cold, simmer(Lid.OFF, 30, tomato)).contains("flames"));
    Stage last = stage(StageRole.FINISH, Technique.FINISH, Level.OFF, Lid.OFF, 1, oysters);
    assertTrue(remarks(8, simmer(Lid.OFF, 30, tomato), last).contains("barely-cooked"));
    assertFalse(remarks(8, simmer(Lid.OFF, 10, tomato, oysters)).contains("barely-cooked"));
    Stage yolk =
        stage(StageRole.FINISH, Technique.FINISH, Level.OFF, Lid.OFF, 1, line("egg-yolk", 34, ""));
    assertTrue(remarks(8, simmer(Lid.OFF, 30, tomato), yolk).contains("raw-egg"));
  }

  @Test
  void aYolkWithCrumbsStaysRawAndADoughIsBoiled() {
    Line egg = line("egg", 200, "");
    Stage dough = prepare(Technique.MIX, Level.OFF, 10, line("wheat-flour", 400, ""), egg);
    assertFalse(remarks(8, dough).contains("raw-egg"));
    Stage pounded = prepare(Technique.MIX, Level.OFF, 10, line("bread-fresh", 240, ""), egg);
    assertTrue(remarks(8, pounded).contains("raw-egg"));
  }
}
