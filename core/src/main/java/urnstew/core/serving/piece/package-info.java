/**
 * Meat, fish, shell, balls and stuffed things: how long until the core is there, and all together.
 *
 * <p>Purpose: a thickness by ruler, a start and what surrounds the piece give the core by time,
 * with its band; a probe corrects it; a drop list brings several kinds to one moment. Model:
 * conduction in the piece, a coefficient outside. Assumptions: coefficients, diffusivities and the
 * spreads, as the tables say. Neighbours: knows conduction, rules, pantry, task.
 */
@NullMarked
package urnstew.core.serving.piece;

import org.jspecify.annotations.NullMarked;
