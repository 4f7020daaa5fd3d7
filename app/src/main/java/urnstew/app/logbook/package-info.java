/**
 * Finished batches, plan against outcome.
 *
 * <p>Purpose: read what is to be learnt. Neighbours: platform.
 */
@NullMarked
package urnstew.app.logbook;

import org.jspecify.annotations.NullMarked;
