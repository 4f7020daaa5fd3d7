/**
 * A service: the work of everything that is wanted at an hour, on the hands and equipment that a
 * kitchen has.
 *
 * <p>Purpose: from tasks, which every capability says of its own things, to a problem of the bench,
 * and from its schedule back to hours. Model: a pot keeps its place from the moment that it is lit
 * until what is in it is out; what varies gets the time of its slow edge before what follows it; a
 * minute of waiting hurts the more the less time it may last. Neighbours: knows plan, serving, lot,
 * task, kitchen and bench.
 */
@NullMarked
package urnstew.core.service;

import org.jspecify.annotations.NullMarked;
