package urnstew.core.serving;

import urnstew.core.balance.InPot;
import urnstew.core.balance.InPot.Part;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.pantry.Ingredient;
import urnstew.core.sauce.PotContents;
import urnstew.core.serving.Beside.Goods;
import urnstew.core.serving.pasta.PanFinish;
import urnstew.units.Mass;
import urnstew.units.Require;

/**
 * A sauce in its pot and as it is eaten: thinned by juice, loosened with pasta water and dried in
 * the pan, with what is strewn over it. What is said of its taste counts all of that once.
 *
 * @param pot one serving as it leaves the pot
 * @param eaten the same on the plate
 */
public record SauceAsEaten(InPot pot, InPot eaten) {
  /**
   * A serving of what a formula makes, with nothing done to it yet.
   *
   * @param made all that comes out of it, with its pieces
   * @param serving 1 g to 5 kg
   */
  public static SauceAsEaten of(ResolvedFormula batch, PotContents made, Mass serving) {
    Require.within("serving", serving.kilograms(), 0.001, 5, "kg");
    InPot all = InPot.of(batch.portions(), made).ofTheSauce();
    InPot each = all.times(serving.kilograms() / all.mass().kilograms());
    return new SauceAsEaten(each, each);
  }

  /** With juice of pieces that cook in it, which counts as water. */
  public SauceAsEaten thinned(Mass juice, Ingredient water) {
    return new SauceAsEaten(pot, eaten.plus(Part.of(water, juice)));
  }

  /**
   * With the ladle of a pan, and without what pasta drinks and the pan dries off.
   *
   * @param eaterShare the share of one eater in what happens in the pan
   */
  public SauceAsEaten tossed(PanFinish pan, double eaterShare, Ingredient water, Ingredient salt) {
    Mass salted = pan.salt().times(eaterShare / salt.salt().value());
    Mass ladle = pan.ladle().times(eaterShare).minus(salted);
    InPot wet = eaten.plus(Part.of(water, ladle)).plus(Part.of(salt, salted));
    return new SauceAsEaten(
        pot, wet.asContents(wet.contents().dried(pan.lost().times(eaterShare))));
  }

  /** With so much of something over it. */
  public SauceAsEaten strewn(Goods over) {
    return new SauceAsEaten(pot, eaten.plus(Part.of(over.ingredient(), over.mass())));
  }
}
