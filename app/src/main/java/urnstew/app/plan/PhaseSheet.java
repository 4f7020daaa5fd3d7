package urnstew.app.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import urnstew.core.reduction.Lid;

/**
 * Another heat and lid for one phase of the simmer than the formula says.
 *
 * @param phase place of the phase, from 0
 * @param heating how the pot gets its heat
 * @param lid on, ajar or off
 */
public record PhaseSheet(int phase, @NotNull @Valid HeatingChoice heating, @NotNull Lid lid) {}
