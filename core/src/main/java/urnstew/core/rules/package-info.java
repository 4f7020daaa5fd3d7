/**
 * The limits of the food code that is in force in a kitchen.
 *
 * <p>Purpose: every limit that an answer leans on has one place, its section, and the reason where
 * a kitchen changed it. Local code and trained staff come first, and nothing here says otherwise.
 * Neighbours: reads the shipped tables through pantry.
 */
@NullMarked
package urnstew.core.rules;

import org.jspecify.annotations.NullMarked;
