/**
 * What a new installation starts with.
 *
 * <p>Purpose: found the kitchen on the first start, with or without the made-up demo, through the
 * same services that the screens use. Neighbours: kitchen, batch, plan.
 */
@NullMarked
package urnstew.app.demo;

import org.jspecify.annotations.NullMarked;
