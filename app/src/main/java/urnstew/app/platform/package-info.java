/**
 * Clock, problems, idempotency, security: what every capability needs.
 *
 * <p>Purpose: one error design and one way to write once. Neighbours: known by all, knows none.
 */
@NullMarked
package urnstew.app.platform;

import org.jspecify.annotations.NullMarked;
