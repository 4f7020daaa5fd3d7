/**
 * Batches on the stove.
 *
 * <p>Purpose: append events under a row lock and keep the forecast with them. Assumption: an answer
 * means that it is on disk. Neighbours: kitchen, plan, platform.
 */
@NullMarked
package urnstew.app.batch;

import org.jspecify.annotations.NullMarked;
