/**
 * How documents are stored: their envelope with its schema number, and quantities in them.
 *
 * <p>Purpose: what was written stays readable, whatever the types of the core and of the screens
 * become. Neighbours: the {@code store} package of each capability holds its own documents.
 * Assumption: rows are never rewritten; an earlier form is raised when it is read.
 */
@NullMarked
package urnstew.app.platform.store;

import org.jspecify.annotations.NullMarked;
