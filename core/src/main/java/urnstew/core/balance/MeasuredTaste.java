package urnstew.core.balance;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import urnstew.core.acidity.Acid;
import urnstew.core.acidity.ChargeBalance;
import urnstew.core.acidity.Gas;
import urnstew.core.acidity.Solutes;
import urnstew.core.balance.InPot.Part;
import urnstew.core.pantry.IngredientKind;
import urnstew.core.thermo.Composition;
import urnstew.units.MassFraction;
import urnstew.units.Require;

/**
 * What the cook measured or tasted, which shifts the tomato of the tables.
 *
 * @param pH of the pot as it is; empty where nobody measured; 3 to 7
 * @param brix dissolved solids of the tomatoes as they went in, share; empty where nobody did
 * @param sharper how much sharper than usual the tomatoes taste, -3 to 3; one step is as much acid
 *     as a table notices
 */
public record MeasuredTaste(Optional<Double> pH, Optional<MassFraction> brix, int sharper) {
  /** Nothing was measured. */
  public static final MeasuredTaste NONE = new MeasuredTaste(Optional.empty(), Optional.empty(), 0);

  private static final Set<Acid> OF_TOMATO = EnumSet.of(Acid.CITRIC, Acid.MALIC);

  public MeasuredTaste {
    pH.ifPresent(read -> Require.within("pH", read, 3, 7, ""));
    brix.ifPresent(read -> Require.within("brix", read.percent(), 2, 40, "°Brix"));
    Require.within("sharper", sharper, -3, 3, "steps");
  }

  /** The pot with its tomatoes as they were found to be. */
  public InPot shift(InPot pot) {
    double richer = brix.map(read -> read.value() / soluble(pot)).orElse(1.0);
    double sourer = Math.pow(1 + Sharpness.NOTICED, sharper);
    List<Part> parts =
        pot.parts().stream()
            .map(part -> isTomato(part) ? shifted(part, richer, sourer) : part)
            .toList();
    InPot shifted = new InPot(parts, pot.contents(), pot.unknownIons());
    return pH.map(read -> withPH(shifted, read)).orElse(shifted);
  }

  /** The same without the pH: that belongs to one moment. */
  public MeasuredTaste withoutPH() {
    return new MeasuredTaste(Optional.empty(), brix, sharper);
  }

  private static boolean isTomato(Part part) {
    return part.ingredient().kind() == IngredientKind.TOMATO;
  }

  private static Part shifted(Part part, double richer, double sourer) {
    Solutes solutes = part.solutes().times(richer);
    for (Acid acid : OF_TOMATO) {
      solutes = solutes.with(acid, solutes.moles(acid) * sourer);
    }
    return new Part(part.ingredient(), part.mass(), part.taste().times(richer), solutes);
  }

  private static double soluble(InPot pot) {
    Composition tomatoes =
        pot.parts().stream()
            .filter(MeasuredTaste::isTomato)
            .map(part -> part.ingredient().perKilogram().times(part.mass().kilograms()))
            .reduce(Composition.NOTHING, Composition::plus);
    double share = tomatoes.solubleFraction().value();
    return share == 0 ? 1 : share;
  }

  /** Ions that nobody knows make up the difference. */
  private static InPot withPH(InPot pot, double read) {
    Solutes is = pot.solutes();
    Solutes brought = ChargeBalance.broughtTo(read, is, Gas.OPEN_TO_AIR);
    double base =
        brought.cationMoles() - is.cationMoles() - (brought.anionMoles() - is.anionMoles());
    return new InPot(pot.parts(), pot.contents(), pot.unknownIons().withBase(base));
  }
}
