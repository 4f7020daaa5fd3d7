package urnstew.core.plan;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import urnstew.core.correction.Target;
import urnstew.core.sizing.FromStock;
import urnstew.core.sizing.Need;
import urnstew.core.sizing.Sizing;

/** What decides how large a batch is. */
public sealed interface SizedBy {
  /** By so many rounds thickness and size agree where each follows from the other. */
  int ROUNDS = 4;

  /** The plan for the people that follow from it; its thickness must be known. */
  PlanInputs size(PlanInputs inputs);

  /** The people who eat. */
  record Covers() implements SizedBy {
    @Override
    public PlanInputs size(PlanInputs inputs) {
      return inputs;
    }
  }

  /**
   * What there is.
   *
   * @param there at least one ingredient
   */
  record Stock(List<FromStock.There> there) implements SizedBy {
    public Stock {
      there = List.copyOf(there);
    }

    @Override
    public PlanInputs size(PlanInputs inputs) {
      double own =
          Sizing.massAtTarget(inputs.formula(), inputs.equivalentSolids()).kilograms()
              / inputs.need().massForEach().kilograms();
      return inputs.with(
          inputs.need().forCovers(FromStock.of(inputs.formula(), there).scaleFactor() * own));
    }
  }

  /** The pot, as full as bubbles allow. */
  record FullPot() implements SizedBy {
    @Override
    public PlanInputs size(PlanInputs inputs) {
      Need need = inputs.need();
      return inputs.with(need.forCovers(Planner.coversToFill(inputs)));
    }
  }

  /**
   * The same where thickness may follow from a fixed simmer.
   *
   * @param simmer empty where the thickness is chosen
   */
  default PlanInputs size(PlanInputs inputs, Optional<Duration> simmer) {
    if (simmer.isEmpty()) {
      return size(inputs);
    }
    PlanInputs sized = inputs;
    for (int round = 0; round < (this instanceof Covers ? 1 : ROUNDS); round++) {
      Target reached = new Target.Solids(FixedTime.equivalentSolids(sized, simmer.orElseThrow()));
      sized = size(sized.with(reached));
    }
    return sized;
  }
}
