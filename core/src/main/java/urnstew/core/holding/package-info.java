/**
 * Holding hot: what it loses, whether it is hot enough, how long it stays good; and what stands out
 * by time alone.
 *
 * <p>Purpose: when to top up and by how much, what a temperature asks for by the rule, and which
 * sauces are better held as a base and finished to order. Neighbours: knows reduction (what a
 * surface loses), formula, balance (how finishes keep) and rules.
 */
@NullMarked
package urnstew.core.holding;

import org.jspecify.annotations.NullMarked;
