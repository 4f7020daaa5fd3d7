/**
 * Trays: layers, what they drink, what the top loses, and the hour in the oven.
 *
 * <p>Purpose: decides, and does not believe, whether a tray has the water that its sheets drink;
 * says when its middle is there and how long it may rest. Models: a balance of water; conduction
 * through the tray. Assumptions: what sheets reach, what cheese gives, heat of the oven.
 * Neighbours: knows conduction, rules, sauce, serving.piece for the oven's coefficients.
 */
@NullMarked
package urnstew.core.serving.tray;

import org.jspecify.annotations.NullMarked;
