/**
 * Quantities of a cook's work as types.
 *
 * <p>Purpose: a mass is never mistaken for a volume, a temperature never for a difference, and no
 * NaN gets past a constructor. Each record has one canonical SI component named by its unit; other
 * units exist only as factories and accessors. Model: NIST SP 811 conversion factors. Neighbours:
 * everything else depends on this package, it depends on nothing.
 */
@NullMarked
package urnstew.units;

import org.jspecify.annotations.NullMarked;
