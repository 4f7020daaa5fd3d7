/**
 * Finished batches, plan against outcome, and how each stage looked when it was done.
 *
 * <p>Purpose: read what is to be learnt. Neighbours: batch, kitchen, platform.
 */
@NullMarked
package urnstew.app.logbook;

import org.jspecify.annotations.NullMarked;
