package urnstew.app.keeping;

import java.util.Optional;
import urnstew.core.cooling.CoolingSauce;
import urnstew.core.cooling.CoolingSetup;
import urnstew.core.holding.HoldWindow;
import urnstew.core.holding.HotHold;
import urnstew.core.holding.Loosening;
import urnstew.core.rules.RuleSet;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/** How something began to be kept, frozen with the rule set of that moment. */
public sealed interface KeepingStart {
  /** The rule set by which it is judged. */
  RuleSet rules();

  /** Start of a cooling. */
  record ToCool(CoolingSauce sauce, Temperature start, CoolingSetup setup, RuleSet rules)
      implements KeepingStart {}

  /** Start of a hot hold, in which it stays as thick as it was. */
  record ToHold(
      HotHold hold,
      String vessel,
      MassFraction wanted,
      HoldWindow window,
      Optional<Loosening> sets,
      RuleSet rules)
      implements KeepingStart {}

  /** Start of standing out to be served, by time alone. */
  record ToSetOut(double celsius, boolean fromCold, RuleSet rules) implements KeepingStart {}
}
