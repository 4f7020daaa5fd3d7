/**
 * What readings say about a pot.
 *
 * <p>Purpose: from weighings, dips, probe, refractometer and plate tests to what is not known about
 * a pot, to the hour with an honest band, and to the reading that would tell most now. Model:
 * maximum a posteriori with Student weights and Laplace's approximation around each mode.
 * Neighbours: knows reduction, consistency and kitchen.
 */
@NullMarked
package urnstew.core.correction;

import org.jspecify.annotations.NullMarked;
