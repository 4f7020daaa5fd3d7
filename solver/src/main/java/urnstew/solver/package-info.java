/**
 * The bench's solver: a problem of {@code urnstew.core.bench} as a model of OR-Tools CP-SAT.
 *
 * <p>Purpose: schedules that are proven the best, or near it, and the proof that there is none.
 * Model: optional intervals for modes and hands, no two at once where a thing is held alone,
 * shelves of ovens cumulative, changes of heat pairwise. Source: L. Perron, F. Didier, CP-SAT
 * (Google OR-Tools 9.14). One worker, a seed and a limit in units of work give the same answer
 * twice. Neighbours: core, which proves what comes from here; nobody else knows the library.
 */
@NullMarked
package urnstew.solver;

import org.jspecify.annotations.NullMarked;
