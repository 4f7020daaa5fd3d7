/**
 * What is in a pot.
 *
 * <p>Purpose: the sauce that flows, what thickens it, and pieces that stay whole and give juice and
 * fat. Assumption: the sauce is one phase, well stirred. Neighbours: knows thermo; knows nothing of
 * heat.
 */
@NullMarked
package urnstew.core.sauce;

import org.jspecify.annotations.NullMarked;
