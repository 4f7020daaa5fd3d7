/**
 * How a computed figure explains itself.
 *
 * <p>Purpose: every figure a cook sees can open its inputs, formula, sources and confidence. The
 * explanation is made together with the figure and is part of the result; nothing is recomputed to
 * show it. Neighbours: used by every capability, uses none.
 */
@NullMarked
package urnstew.core.explain;

import org.jspecify.annotations.NullMarked;
