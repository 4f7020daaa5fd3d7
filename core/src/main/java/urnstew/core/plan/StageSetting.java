package urnstew.core.plan;

import urnstew.core.reduction.Heating;
import urnstew.core.reduction.Lid;

/**
 * Heat and lid of one phase of the simmer, where the plan says them otherwise than the formula.
 *
 * @param phase place of the phase, from 0
 * @param heating how the pot gets its heat
 * @param lid on, ajar or off
 */
public record StageSetting(int phase, Heating heating, Lid lid) {}
