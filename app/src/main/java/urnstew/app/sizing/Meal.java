package urnstew.app.sizing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.Split;
import urnstew.core.mise.MiseEnPlace;
import urnstew.core.sizing.Dish;
import urnstew.core.sizing.ShoppingList;

/**
 * A meal, computed.
 *
 * @param name what the cook calls it
 * @param dishes sized, with how each pot is parted
 * @param shopping one list for all
 * @param mise one for all
 */
record Meal(String name, List<Served> dishes, ShoppingList shopping, MiseEnPlace mise) {

  /**
   * One dish.
   *
   * @param dish sized
   * @param split how its pot is parted
   * @param fryingLoads by stage
   */
  record Served(Dish dish, Split split, Map<String, Integer> fryingLoads) {}

  static Meal of(String name, List<Served> dishes, ShoppingList shopping) {
    Map<String, ResolvedFormula> named = new LinkedHashMap<>();
    for (Served served : dishes) {
      String dish = served.dish().batch().formula().name();
      named.put(named.containsKey(dish) ? dish + " again" : dish, served.dish().batch());
    }
    return new Meal(name, dishes, shopping, MiseEnPlace.of(named));
  }
}
