package urnstew.core.pantry;

import urnstew.units.Mass;

/**
 * A size in which an ingredient is bought.
 *
 * @param name as on the shelf
 * @param net contents
 */
public record Pack(String name, Mass net) {}
