package urnstew.app.batch;

import java.util.Optional;
import urnstew.core.pantry.Ingredient;

/** Tubs that can go into a pot; who keeps them is nothing to the stove. */
public interface TubShelf {
  /** What a key such as tub-ABCDE stands for; empty where it stands for no tub. */
  Optional<Ingredient> find(String ingredientId);
}
