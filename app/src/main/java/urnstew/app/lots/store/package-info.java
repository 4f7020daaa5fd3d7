/**
 * Documents of lots as the database keeps them, each with the number of its schema.
 *
 * <p>Purpose: what was told on a label stays what it was, whatever the core's types become.
 * Neighbours: read and written by {@link urnstew.app.lots} only.
 */
@NullMarked
package urnstew.app.lots.store;

import org.jspecify.annotations.NullMarked;
