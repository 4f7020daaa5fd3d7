/**
 * A service on its bench: the work of a meal on the hands, burners and ovens of this kitchen, hot
 * at its hour.
 *
 * <p>Purpose: asks every capability for its tasks, the kitchen for what it has, the solver for a
 * schedule, and answers with hours. Neighbours: sizing, plan, kitchen, occupancy, task.
 */
@NullMarked
package urnstew.app.service;

import org.jspecify.annotations.NullMarked;
