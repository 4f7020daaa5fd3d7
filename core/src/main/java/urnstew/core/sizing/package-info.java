/**
 * From plates back to cans.
 *
 * <p>Purpose: how much to put in so that enough comes out. Model: non-fat solids and fat are kept,
 * water is the unknown. Assumption: all of the sauce is one phase; pieces come with a later
 * formula. Neighbours: knows formula and pantry; knows nothing of heat.
 */
@NullMarked
package urnstew.core.sizing;

import org.jspecify.annotations.NullMarked;
