package urnstew.app.balance;

import urnstew.core.balance.Course;
import urnstew.core.balance.InPot;
import urnstew.core.formula.ResolvedFormula;
import urnstew.units.Mass;

/**
 * Something to be balanced.
 *
 * @param title what it is
 * @param formula of which it is made
 * @param now the pot as it is
 * @param course what is still to happen, with nothing on the plate yet
 * @param portion sauce for each
 */
record Pot(String title, ResolvedFormula formula, InPot now, Course course, Mass portion) {}
