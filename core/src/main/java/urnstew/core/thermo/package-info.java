/**
 * Water, steam, air and food as matter.
 *
 * <p>Purpose: boiling points, latent heat, density and specific heat. Models: Wagner and Pruss
 * (1993) for the saturation line, the US Standard Atmosphere 1976, Choi and Okos (1986) for food.
 * Assumption: food is an ideal mixture of its proximate components. Neighbours: knows units and
 * explain.
 */
@NullMarked
package urnstew.core.thermo;

import org.jspecify.annotations.NullMarked;
