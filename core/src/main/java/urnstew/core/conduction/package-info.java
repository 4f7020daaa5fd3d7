/**
 * Heat that creeps through something solid or thick.
 *
 * <p>Purpose: how long the hottest point of a pan of sauce, or the core of a piece, takes to a
 * temperature. Model: transient conduction in series; uniform start, constant surroundings.
 * Neighbours: knows explain.
 */
@NullMarked
package urnstew.core.conduction;

import org.jspecify.annotations.NullMarked;
