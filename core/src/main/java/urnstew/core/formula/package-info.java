/**
 * A sauce written down as stages.
 *
 * <p>Purpose: definitions hold ids ({@link urnstew.core.formula.Formula}); resolved against the
 * pantry they can be computed with ({@link urnstew.core.formula.ResolvedFormula}). Neighbours:
 * knows pantry.
 */
@NullMarked
package urnstew.core.formula;

import org.jspecify.annotations.NullMarked;
