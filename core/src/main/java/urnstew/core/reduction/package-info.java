/**
 * Heat and water: when a pot is thick enough.
 *
 * <p>Purpose: predict the fall of a pot and correct the prediction by readings. Models: an energy
 * balance while heating and at the boil, a surface transfer rate below it, and a
 * maximum-a-posteriori fit to readings. Assumptions are listed with each prediction. Neighbours:
 * knows kitchen and thermo.
 */
@NullMarked
package urnstew.core.reduction;

import org.jspecify.annotations.NullMarked;
