/**
 * Browning and frying before a sauce begins.
 *
 * <p>Purpose: how many loads, and how long they take, which is often what makes the whole pot late.
 * Model: heat that the burner gives against water that must leave, and room on the floor of the
 * pan. Neighbours: knows kitchen and thermo.
 */
@NullMarked
package urnstew.core.pan;

import org.jspecify.annotations.NullMarked;
