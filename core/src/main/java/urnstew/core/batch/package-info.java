/**
 * One batch on the stove.
 *
 * <p>Purpose: an append-only record of what happened, and the forecast that follows from it.
 * Assumption: the snapshot taken at the start is the whole truth about formula and kitchen; later
 * edits elsewhere change nothing here. Neighbours: knows plan and reduction.
 */
@NullMarked
package urnstew.core.batch;

import org.jspecify.annotations.NullMarked;
