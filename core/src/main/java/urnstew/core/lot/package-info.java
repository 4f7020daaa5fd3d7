/**
 * Finished sauce in tubs: how full, how long, how it freezes, thaws and is reheated, what is used
 * first.
 *
 * <p>Purpose: dates by the rule set, freezing and thawing times, tubs and headspace, and the order
 * of use. Neighbours: knows thermo, formula and rules; nothing of storage.
 */
@NullMarked
package urnstew.core.lot;

import org.jspecify.annotations.NullMarked;
