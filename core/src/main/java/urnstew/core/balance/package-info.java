/**
 * Whether a sauce is in balance, and how much of what brings it there.
 *
 * <p>Purpose: salt, acid, sweet, savoury and fat of a pot, now and when all has happened that is
 * still to come; doses with all that they do; cups that a kitchen can measure. Model: contents add
 * up, nothing but water leaves; acidity by charge balance; bands and masking are assumptions.
 * Acidity is for taste here and relaxes no limit of keeping. Neighbours: knows formula, pantry and
 * acidity.
 */
@NullMarked
package urnstew.core.balance;

import org.jspecify.annotations.NullMarked;
