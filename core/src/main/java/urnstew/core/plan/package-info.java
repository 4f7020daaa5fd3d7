/**
 * One batch before the burner is lit.
 *
 * <p>Purpose: join sizing, vessel and reduction into hours on a clock, and say what moves a figure
 * most. Neighbours: knows formula, sizing, kitchen and reduction.
 */
@NullMarked
package urnstew.core.plan;

import org.jspecify.annotations.NullMarked;
