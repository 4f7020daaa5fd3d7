/**
 * Pasta for a sauce: how much, the water, the hour, and what pan and plate make of both.
 *
 * <p>Purpose: litres and salt, when to light, drop, taste and take it out, what it still drinks in
 * the pan, and the ladle of its water that brings the sauce to its band. Models: heat and water
 * balances; cooking follows the temperature of the water by an activation energy (assumption).
 * Neighbours: knows kitchen, pantry, reduction, sauce, task.
 */
@NullMarked
package urnstew.core.serving.pasta;

import org.jspecify.annotations.NullMarked;
