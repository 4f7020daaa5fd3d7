package urnstew.core.mise;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import urnstew.core.formula.Formula;
import urnstew.core.formula.ReferenceFormulas;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.mise.MiseEnPlace.Prep;
import urnstew.core.mise.MiseEnPlace.Tool;
import urnstew.core.pantry.Pantry;
import urnstew.core.pantry.ReferencePantry;

class MiseEnPlaceTest {
  private static final Pantry PANTRY = ReferencePantry.load();
  private static final Map<String, Formula> SHELF =
      ReferenceFormulas.load().stream().collect(Collectors.toMap(Formula::id, f -> f));

  private static MiseEnPlace of(String... ids) {
    Map<String, ResolvedFormula> dishes = new LinkedHashMap<>();
    for (String id : ids) {
      Formula formula = SHELF.get(id);
      assertTrue(formula != null, id);
      dishes.put(formula.name(), ResolvedFormula.of(formula, ReferenceFormulas.larder()));
    }
    return MiseEnPlace.of(dishes);
  }

  @Test
  void whatTwoDishesCutAlikeIsCutOnce() {
    Tool board = tool(of("ridge-ragu", "larder-base"), "board");
    List<Prep> onions = tasks(board, "onion");
    assertEquals(1, onions.size());
    assertEquals(Set.of("Ridge ragù", "Larder base"), onions.get(0).dishes());
    // 120 g and 130 g as they go in, 88 % of what is bought.
    assertEquals(250 / 0.88, onions.get(0).mass().grams(), 0.1);
  }

  @Test
  void whatCarriesNothingOverComesFirstAndTheBoardIsWashedOnlyWhereItMust() {
    Tool board = tool(of("ridge-ragu", "larder-base", "cream-shell"), "board");
    List<String> order = board.preps().stream().map(task -> task.ingredient().id()).toList();
    assertTrue(order.indexOf("celery") > order.indexOf("onion"), order.toString());
    assertTrue(order.indexOf("celery") > order.indexOf("carrot"), order.toString());
    long marked = board.preps().stream().filter(Prep::washBefore).count();
    assertEquals(board.washes(), marked);
    assertEquals(1, board.washes(), "once, before the celery");
  }

  @Test
  void rawFishAndShellfishAreDoneLastOnTheirTool() {
    for (Tool tool : of("saffron-sea", "stuffed-squid", "ridge-ragu").tools()) {
      List<Rank> ranks = tool.preps().stream().map(task -> Rank.of(task.ingredient())).toList();
      assertEquals(ranks.stream().sorted().toList(), ranks, tool.name());
    }
  }

  @Test
  void whatMustBeBegunEarlyIsSaidTheEarliestFirst() {
    MiseEnPlace mise = of("drover-ragu", "herb-butter");
    assertEquals(
        List.of("butter", "mushroom-dried"),
        mise.early().stream().map(early -> early.ingredient().id()).toList());
    assertEquals(Duration.ofMinutes(20), mise.early().get(1).before());
    assertTrue(mise.hands().compareTo(Duration.ZERO) > 0);
  }

  private static Tool tool(MiseEnPlace mise, String name) {
    return mise.tools().stream().filter(t -> t.name().equals(name)).findFirst().orElseThrow();
  }

  private static List<Prep> tasks(Tool tool, String id) {
    return tool.preps().stream().filter(task -> task.ingredient().id().equals(id)).toList();
  }
}
