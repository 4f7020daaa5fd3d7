/**
 * Meals of several formulas: what is to be bought, cut and told for all of them together.
 *
 * <p>Purpose: keep meals, compute their shopping list less what is in stock, their mise en place
 * and the parting of their pots, and print them; views of purchases and costs for plans too.
 * Neighbours: formula, pantry, kitchen, print, platform.
 */
@NullMarked
package urnstew.app.sizing;

import org.jspecify.annotations.NullMarked;
