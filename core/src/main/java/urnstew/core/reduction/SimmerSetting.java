package urnstew.core.reduction;

import urnstew.core.kitchen.HeatSource;
import urnstew.core.kitchen.RoundShape;
import urnstew.core.kitchen.Surroundings;

/**
 * How and where a pot simmers.
 *
 * @param shape inside of the pot
 * @param heatSource burner under it
 * @param level how it is kept
 * @param lid on, ajar or off
 * @param surroundings altitude and air
 */
public record SimmerSetting(
    RoundShape shape,
    HeatSource heatSource,
    SimmerLevel level,
    Lid lid,
    Surroundings surroundings) {}
