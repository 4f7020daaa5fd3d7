/**
 * What stands on the plate beside a sauce.
 *
 * <p>Purpose: what goes with a dish is bought, cut, declared and counted with it; what it gives to
 * the sauce or takes from it decides how tight the sauce has to be. Parts: {@code pasta}, {@code
 * piece}, {@code tray}, {@code part}. Neighbours: knows formula, pantry, sauce, sizing.
 */
@NullMarked
package urnstew.core.serving;

import org.jspecify.annotations.NullMarked;
