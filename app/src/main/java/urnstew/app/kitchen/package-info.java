/**
 * The kitchen's settings, vessels and burners.
 *
 * <p>Purpose: keep them, with optimistic locking. Neighbours: platform.
 */
@NullMarked
package urnstew.app.kitchen;

import org.jspecify.annotations.NullMarked;
