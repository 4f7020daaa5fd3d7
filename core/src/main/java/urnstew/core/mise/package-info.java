/**
 * Mise en place: what is cut, soaked and taken out of the cold before a burner is lit.
 *
 * <p>Purpose: group the work by tool, order it so that little is washed and no allergen or raw
 * juice is carried over, and say what must be begun early. Model: notes of the formulas, read by
 * the pantry's handlings; minutes are assumptions. Neighbours: knows pantry, formula and task.
 */
@NullMarked
package urnstew.core.mise;

import org.jspecify.annotations.NullMarked;
