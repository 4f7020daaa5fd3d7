/**
 * The application: HTTP in front of the core, PostgreSQL behind it.
 *
 * <p>Purpose: parse, load, call the core, store. Packages carry the core's capability names.
 * Assumption: no rule and no arithmetic in a controller, a mapper or SQL.
 */
@NullMarked
package urnstew.app;

import org.jspecify.annotations.NullMarked;
