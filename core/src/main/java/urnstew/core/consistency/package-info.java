/**
 * How thick a sauce is.
 *
 * <p>Purpose: solids and thickeners into consistency, consistency into what a spoon and a plate
 * show. Models: power law of tomato concentrates, yield stress and the spread of a spoonful.
 * Assumption: what thickens without losing water counts as so much tomato solids. Neighbours: knows
 * thermo; knows nothing of heat or time.
 */
@NullMarked
package urnstew.core.consistency;

import org.jspecify.annotations.NullMarked;
