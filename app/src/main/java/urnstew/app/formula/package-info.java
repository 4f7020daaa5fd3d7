/**
 * The formulas of this kitchen: shipped ones and its own, each version for good.
 *
 * <p>Purpose: read them with what they come to, write them, hand them to plan. Neighbours: pantry,
 * kitchen, platform.
 */
@NullMarked
package urnstew.app.formula;

import org.jspecify.annotations.NullMarked;
