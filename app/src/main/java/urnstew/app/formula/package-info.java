/**
 * The shipped formulas, resolved against the shipped pantry.
 *
 * <p>Purpose: list them and hand them to plan. Neighbours: platform.
 */
@NullMarked
package urnstew.app.formula;

import org.jspecify.annotations.NullMarked;
