package urnstew.core.pantry;

import urnstew.units.Mass;

/**
 * A natural piece.
 *
 * @param name clove, egg, stalk
 * @param mass of one
 */
public record Piece(String name, Mass mass) {}
