/**
 * Plans, computed while the cook types; nothing is stored.
 *
 * <p>Purpose: turn a request into the core's inputs and its plan into a view. Neighbours: kitchen,
 * formula, platform.
 */
@NullMarked
package urnstew.app.plan;

import org.jspecify.annotations.NullMarked;
