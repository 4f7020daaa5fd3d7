/**
 * What is stored of services: how they were set up, what was said of them, how they were planned.
 *
 * <p>Purpose: forms of their own, so that a change of the core's types never changes what is
 * stored.
 */
@NullMarked
package urnstew.app.service.store;

import org.jspecify.annotations.NullMarked;
