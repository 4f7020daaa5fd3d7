package urnstew.app.plan;

import static urnstew.app.platform.Fields.agree;

import java.util.Objects;
import org.jspecify.annotations.Nullable;
import urnstew.core.consistency.PlateSpread;
import urnstew.core.correction.Target;
import urnstew.core.sizing.Sizing;
import urnstew.units.InvalidInput;
import urnstew.units.Length;
import urnstew.units.MassFraction;
import urnstew.units.Require;
import urnstew.units.text.QuantityKind;

/**
 * A thickness as it is asked for: by solids, or as thick as when a spoonful spread so far.
 *
 * @param solidsField name of the request's field for solids
 * @param solids share, or null
 * @param spreadField name of the request's field for the spread
 * @param spread in metres, or null
 * @param text the one that is given, as entered; empty where it was not typed
 */
public record TargetText(
    String solidsField,
    @Nullable Double solids,
    String spreadField,
    @Nullable Double spread,
    String text) {

  /** What is meant; exactly one of the two must be given. */
  public Target target() {
    if ((solids == null) == (spread == null)) {
      throw new InvalidInput(
          solidsField,
          "one-of-two",
          "A thickness is wanted either by solids or by the plate.",
          "exactly one of " + solidsField + " and " + spreadField,
          "Send one of the two.");
    }
    if (solids != null) {
      agree(solidsField, text, QuantityKind.SHARE, "%", solids);
      Require.within(solidsField, solids, 0.03, Sizing.THICKEST.value(), "");
      return new Target.Solids(new MassFraction(solids));
    }
    double meters = Objects.requireNonNull(spread);
    agree(spreadField, text, QuantityKind.LENGTH, "mm", meters);
    Require.within(spreadField, meters, 0.03, 0.2, "m");
    return new Target.Plate(new Length(meters), PlateSpread.SPOONFUL);
  }
}
