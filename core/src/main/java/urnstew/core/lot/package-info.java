/**
 * Finished sauce in tubs: how full, how long, how it freezes, thaws and is reheated, what is used
 * first, and what to cook from what is due.
 *
 * <p>Purpose: dates by the rule set, freezing and thawing times, tubs and headspace, the order of
 * use, and ideas for what must go. Neighbours: knows thermo, formula, sizing and rules; nothing of
 * storage.
 */
@NullMarked
package urnstew.core.lot;

import org.jspecify.annotations.NullMarked;
