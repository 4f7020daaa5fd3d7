package urnstew.core.acidity;

import java.util.Set;

/** A mixture at rest. */
public final class Equilibrium {
  /** End of a titration of tomato products (AOAC 942.15 style). */
  public static final double TITRATED_TO_PH = 8.1;

  private final Forms forms;
  private final double pH;
  private final double strength;

  Equilibrium(Forms forms, double pH, double strength) {
    this.forms = forms;
    this.pH = pH;
    this.strength = strength;
  }

  /** Negative logarithm of the activity of hydrogen ions, 25 °C. */
  public double pH() {
    return pH;
  }

  /** Ionic strength, mol/kg of water. */
  public double ionicStrengthMolesPerKilogram() {
    return strength;
  }

  /** Whether the activity model holds: past 0.8 mol/kg the pH is no more than a direction. */
  public boolean holds() {
    return strength <= Activity.HOLDS_TO;
  }

  /** Charge that is left over, mol/kg of water; nothing but rounding. */
  public double residualMolesPerKilogram() {
    return forms.chargeAt(pH);
  }

  /** Strong base that brings it to another pH, mol/kg of water; negative: strong acid. */
  public double baseMolesPerKilogramTo(double otherPH) {
    return forms.chargeAt(pH) - forms.chargeAt(otherPH);
  }

  /** Base that a titration takes, mol/kg of water; none where it is past the end already. */
  public double titratableMolesPerKilogram() {
    return Math.max(0, baseMolesPerKilogramTo(TITRATED_TO_PH));
  }

  /** Protons that some acids still hold, of those that a titration to the end takes, mol/kg. */
  public double molesPerKilogramHeldBy(Set<Acid> acids) {
    return acids.stream().mapToDouble(acid -> forms.heldBy(acid, pH)).sum();
  }
}
