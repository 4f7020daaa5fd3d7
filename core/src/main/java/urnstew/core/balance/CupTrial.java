package urnstew.core.balance;

import java.util.List;
import java.util.Optional;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.Require;

/**
 * Doses tried in cups, side by side.
 *
 * @param cup sauce in each, 20 to 500 g
 * @param cups two to six of them; the first is the pot as it is
 * @param tasters who tasted, 0 to 200
 * @param chosen place of the cup that was chosen, from 0; empty where none was
 */
public record CupTrial(Mass cup, List<Cup> cups, int tasters, Optional<Integer> chosen) {
  private static final int FEWEST = 2;
  private static final int MOST = 6;

  /**
   * One cup.
   *
   * @param doses what went into it; nothing where it is the pot as it is
   * @param note what was tasted
   */
  public record Cup(List<CupDose> doses, String note) {
    public Cup {
      doses = List.copyOf(doses);
    }
  }

  public CupTrial {
    cups = List.copyOf(cups);
    Require.within("cup", cup.grams(), 20, 500, "g");
    Require.within("tasters", tasters, 0, 200, "tasters");
    if (cups.size() < FEWEST || cups.size() > MOST) {
      throw new InvalidInput(
          "cups",
          "count",
          cups.size() + " cups are no comparison.",
          "2 to 6 cups",
          "Keep one as it is, and try one to five doses beside it.");
    }
    int all = cups.size();
    if (chosen.filter(place -> place < 0 || place >= all).isPresent()) {
      throw new InvalidInput(
          "chosen", "no-such-cup", "There is no such cup.", "one of the cups", "Choose again.");
    }
  }
}
