/**
 * What goes with a dish, and the parts that are made for it.
 *
 * <p>Purpose: turns what a cook typed beside a dish into the core's pasta, pieces and trays, and
 * these into views; solves dough, white sauce, balls and polenta as they are typed. Neighbours:
 * kitchen, formula, pantry, rules, platform; sizing asks it for the dishes of a meal.
 */
@NullMarked
package urnstew.app.serving;

import org.jspecify.annotations.NullMarked;
