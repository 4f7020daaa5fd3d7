package urnstew.app.lots;

import java.time.LocalDate;
import java.util.List;

/** Something to cook from what is open or due. */
public record IdeaView(String formulaId, String name, int covers, List<TakesView> takes) {

  /** What it takes, of so much that there is. */
  public record TakesView(
      String what, double massKilograms, double thereKilograms, LocalDate by, boolean tub) {}
}
