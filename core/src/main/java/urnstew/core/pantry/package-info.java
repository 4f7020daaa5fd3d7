/**
 * Ingredients and what they are made of.
 *
 * <p>Purpose: composition, spoon densities and packs, each row with its source. Assumption: rows of
 * food tables that do not close exactly are scaled to a whole. Neighbours: knows thermo, sauce and
 * consistency.
 */
@NullMarked
package urnstew.core.pantry;

import org.jspecify.annotations.NullMarked;
