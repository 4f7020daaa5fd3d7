/**
 * Cooling by the rule: before, during, after.
 *
 * <p>Purpose: whether a pan will be cold in time, which pan would, what a reading proves, and what
 * a missed mark asks for. Safe answers take the slow side of what is known; readings may make it
 * slower and never faster. Neighbours: knows conduction, kitchen, thermo and rules.
 */
@NullMarked
package urnstew.core.cooling;

import org.jspecify.annotations.NullMarked;
