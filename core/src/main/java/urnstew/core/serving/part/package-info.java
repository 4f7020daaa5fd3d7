/**
 * Parts that are made for a dish: dough, white sauce, polenta, and what shares the oven.
 *
 * <p>Purpose: each is solved both ways, number against size against mass. Models: shares by weight
 * (common practice) and volumes. Neighbours: knows pantry, kitchen.
 */
@NullMarked
package urnstew.core.serving.part;

import org.jspecify.annotations.NullMarked;
