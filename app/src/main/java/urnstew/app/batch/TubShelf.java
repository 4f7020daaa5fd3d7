package urnstew.app.batch;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import urnstew.app.platform.Actor;
import urnstew.core.pantry.Ingredient;
import urnstew.units.Mass;

/** Tubs that can go into a pot; who keeps them is nothing to the stove. */
public interface TubShelf {
  /** What a key such as tub-ABCDE stands for; empty where it stands for no tub. */
  Optional<Ingredient> find(String ingredientId);

  /** Holds tubs that are to be gone on with until the write ends: tubs are locked before places. */
  void hold(UUID lotId);

  /** Goes on with tubs that are held and not done: so much of them is in this pot now. */
  void goOn(UUID lotId, UUID batchId, Mass mass, Instant at, Actor actor);

  /** A pot that was lit by mistake: whatever tubs it went on with have it again. */
  void unlit(UUID batchId, Instant at, Actor actor);

  /**
   * What went into a pot did not: where it came out of a tub, the tub has it again.
   *
   * @param eventId the entry of the pot
   */
  void putBack(UUID batchId, UUID eventId, Instant at, Actor actor);

  /** Refuses that something went in after all which a tub has again. */
  void requireTaken(UUID batchId, UUID eventId);
}
