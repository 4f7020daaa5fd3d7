package urnstew.core.kitchen;

import java.util.UUID;
import urnstew.units.Mass;

/**
 * A pot of this kitchen with its real sizes.
 *
 * @param id identity
 * @param name what the cooks call it
 * @param shape inside sizes
 * @param emptyMass what it weighs empty, for weighings with the pot; zero if never weighed
 */
public record Vessel(UUID id, String name, RoundShape shape, Mass emptyMass) {}
