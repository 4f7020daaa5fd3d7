/**
 * What a kitchen has: vessels, heat sources, altitude, instruments.
 *
 * <p>Purpose: real sizes and real powers, so that everything drawn and computed is to scale.
 * Assumptions: vessels are round or rectangular; the share of a burner's label power that enters
 * the pot is a range by kind. Neighbours: knows thermo.
 */
@NullMarked
package urnstew.core.kitchen;

import org.jspecify.annotations.NullMarked;
