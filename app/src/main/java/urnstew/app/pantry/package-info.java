/**
 * The pantry of this kitchen: shipped ingredients with the kitchen's own changes laid over them.
 *
 * <p>Purpose: add, change, price and retire ingredients; say what the kitchen avoids and what is in
 * stock. Neighbours: kitchen for its measures, platform.
 */
@NullMarked
package urnstew.app.pantry;

import org.jspecify.annotations.NullMarked;
