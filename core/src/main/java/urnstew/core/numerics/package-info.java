/**
 * Small numerical kernels on bare doubles.
 *
 * <p>Purpose: stepping an ordinary differential equation to an event. Units are the caller's.
 * Neighbours: knows nothing of cooking.
 */
@NullMarked
package urnstew.core.numerics;

import org.jspecify.annotations.NullMarked;
