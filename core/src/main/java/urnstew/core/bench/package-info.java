/**
 * The bench: what has to be done for plates at an hour, on real hands, burners, ovens and vessels.
 *
 * <p>Purpose: whether all of it can be hot at its hour, and when each work begins, by whom and
 * where. Model: resource-constrained scheduling with modes and shortest and longest time lags; a
 * solver stands behind a port, every schedule is proved here from the rules alone, and a plain
 * constructive one always comes. Source: P. Brucker, A. Drexl, R. Möhring, K. Neumann, E. Pesch,
 * Resource-constrained project scheduling: notation, classification, models, and methods, European
 * Journal of Operational Research 112 (1999) 3. Neighbours: knows units; whoever has tasks makes
 * activities of them.
 */
@NullMarked
package urnstew.core.bench;

import org.jspecify.annotations.NullMarked;
