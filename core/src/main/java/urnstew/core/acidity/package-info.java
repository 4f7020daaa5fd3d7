/**
 * How sour a mixture is.
 *
 * <p>Purpose: the pH at which the charges of every acid and base that a cook uses balance, and what
 * a titration would take. Model: pKa at 25 °C, activities by Davies, binding of sodium and
 * potassium; to an ionic strength of 0.8 mol/kg. Neighbours: none; knows nothing of foods.
 */
@NullMarked
package urnstew.core.acidity;

import org.jspecify.annotations.NullMarked;
