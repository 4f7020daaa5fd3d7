package urnstew.core.pantry;

import urnstew.units.Mass;

/**
 * So much of an ingredient that somebody is going to eat.
 *
 * @param ingredient what, as it goes in
 * @param mass how much of it went in
 */
public record Intake(Ingredient ingredient, Mass mass) {}
