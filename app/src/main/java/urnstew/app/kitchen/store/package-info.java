/**
 * Documents of equipment, as part of other documents, as the database keeps them.
 *
 * <p>Purpose: they stay readable, whatever the types of the core and of the screens become. A form
 * that changes gets a new schema and a raise from the one before; {@link
 * urnstew.app.platform.store.DocumentForm} says how.
 */
@NullMarked
package urnstew.app.kitchen.store;

import org.jspecify.annotations.NullMarked;
