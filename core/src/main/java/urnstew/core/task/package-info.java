/**
 * Work that waits for somebody: what, of what, when, how long, with what, and after what.
 *
 * <p>Purpose: one form for all that a kitchen has to do, so that every screen, alarm and schedule
 * reads one list. Model: a task has a moment with a band, hands and unattended time with theirs,
 * what it holds while it lasts, and gaps to what comes before. Each capability says its own tasks;
 * here is only their form. Neighbours: knows units alone; batch, cooling, holding, lot, mise,
 * pantry and plan know it.
 */
@NullMarked
package urnstew.core.task;

import org.jspecify.annotations.NullMarked;
