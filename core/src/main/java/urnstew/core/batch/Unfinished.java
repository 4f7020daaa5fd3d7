package urnstew.core.batch;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import urnstew.core.acidity.Solutes;
import urnstew.core.balance.InPot;
import urnstew.core.balance.InPot.Part;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.TasteContent;
import urnstew.core.sauce.Pieces;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * A batch that was stopped before it was done: what is kept of it, and what is still to come.
 * Whoever goes on with it, or with a part of it, cooks the rest as a formula of its own, of which
 * what is kept is the first line.
 *
 * @param whole the formula as it was cooked until then, and as it was meant to go on
 * @param phase of the simmer in which it was stopped
 * @param elapsedSeconds of that phase
 * @param sauce what is kept, without pieces that are still to be moved: what went in, and what it
 *     has become
 * @param lifted pieces that stand beside the pot, or are still to be lifted out
 * @param toCome what is still to go in
 */
public record Unfinished(
    ResolvedFormula whole,
    int phase,
    double elapsedSeconds,
    InPot sauce,
    List<Lifted> lifted,
    List<Portion> toCome) {
  public Unfinished {
    lifted = List.copyOf(lifted);
    toCome = List.copyOf(toCome);
  }

  private static final String IN_THE_TUB = "in what is kept";

  /**
   * Pieces that are told apart from the sauce.
   *
   * @param ingredient a kilogram of them as they are now
   * @param pieces as they are now
   * @param note their cut
   * @param beside whether they stand beside the pot until they come back, or are served
   */
  public record Lifted(Ingredient ingredient, Pieces pieces, String note, boolean beside) {
    /** Pieces that keep what these parts carry. */
    static Optional<Lifted> of(
        Ingredient raw, String note, Pieces pieces, boolean beside, List<Part> carrying) {
      double kilograms = pieces.whole().total().kilograms();
      if (kilograms <= 0) {
        return Optional.empty();
      }
      InPot carried = new InPot(carrying, PotContents.NOTHING, Solutes.NOTHING);
      Ingredient now = raw.asPieces(pieces);
      MassFraction salt = new MassFraction(Math.min(1, carried.saltKilograms() / kilograms));
      TasteContent taste = carried.taste().times(1 / kilograms);
      return Optional.of(new Lifted(now.as(now.perKilogram(), salt, taste), pieces, note, beside));
    }

    String key() {
      return ingredient.id();
    }

    Mass mass() {
      return pieces.whole().total();
    }

    PotContents contents() {
      return new PotContents(Composition.NOTHING, 0, pieces);
    }

    double saltKilograms() {
      return ingredient.salt().value() * mass().kilograms();
    }

    TasteContent taste() {
      return ingredient.taste().times(mass().kilograms());
    }

    /** Kept in the sauce, and told apart from it. */
    Lifted inTheTub() {
      String where = note.isEmpty() ? IN_THE_TUB : note + ", " + IN_THE_TUB;
      return new Lifted(ingredient, pieces, where, beside);
    }

    Lifted share(double some) {
      return new Lifted(ingredient, pieces.times(some), note, beside);
    }
  }

  /** Of a batch that was stopped; empty of any other. */
  public static Optional<Unfinished> of(BatchHistory history) {
    OptionalDouble seconds = history.stoppedSeconds();
    return seconds.isEmpty()
        ? Optional.empty()
        : Optional.of(new StoppedPot(history, seconds.getAsDouble()).kept());
  }

  /** Title of the stage in which it was stopped; empty where nothing simmers. */
  public String from() {
    return whole.phases().all().isEmpty() ? "" : whole.phases().all().get(phase).last().title();
  }

  /** Titles of the stages that are still to come, the one in which it was stopped first. */
  public List<String> stages() {
    StopPoint stop = stop();
    return IntStream.range(0, whole.formula().stages().size())
        .filter(place -> stop.isToCome(place))
        .mapToObj(place -> whole.formula().stages().get(place).title())
        .toList();
  }

  /** All that is kept, with pieces that come back. */
  public PotContents contents() {
    return lifted.stream().map(Lifted::contents).reduce(sauce.contents(), PotContents::plus);
  }

  /** Salt in all that is kept, kg. */
  public double saltKilograms() {
    return sauce.saltKilograms() + lifted.stream().mapToDouble(Lifted::saltKilograms).sum();
  }

  /** What makes all that is kept sweet, sour and savoury. */
  public TasteContent taste() {
    return lifted.stream().map(Lifted::taste).reduce(sauce.taste(), TasteContent::plus);
  }

  /** The sauce of it, without what is served apart. */
  InPot ofTheSauce() {
    return sauce.ofTheSauce();
  }

  /** What is kept. */
  public Mass mass() {
    return contents().total();
  }

  /**
   * What is still to be cooked, at the size of the batch.
   *
   * @param kept what is kept, as an ingredient
   * @param caution before the first stage, as how to warm it up again
   */
  public ResolvedFormula rest(Ingredient kept, String caution) {
    return new RestOfBatch(this).of(kept, caution);
  }

  StopPoint stop() {
    return new StopPoint(whole, phase, elapsedSeconds);
  }
}
