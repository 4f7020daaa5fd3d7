package urnstew.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import urnstew.core.explain.Caution;
import urnstew.units.Mass;

/** What a balance warns of before it is too late. */
public final class BalanceCautions {
  /** Less of the pot than that may leave without a word, as a share. */
  private static final double HARDLY = 0.03;

  private BalanceCautions() {}

  /** All that matter. */
  public static List<Caution> of(
      InPot now, RemainingProcess course, SaltLedger ledger, TasteProfile after) {
    List<Caution> cautions = new ArrayList<>();
    Mass toLose = course.toLose(now);
    boolean shrinks = toLose.kilograms() > HARDLY * now.mass().kilograms();
    boolean comes = !ledger.toCome().isEmpty();
    if (ledger.likely().percent() > ledger.band().high()) {
      cautions.add(
          new Caution(
              "too-salty-then",
              String.format(
                  Locale.ROOT,
                  "It will be %.2f %% salt on the table, past the %.2f %% that this style likes:"
                      + " leave out what is still to come, or stretch it.",
                  ledger.likely().percent(),
                  ledger.band().high())));
    } else if ((shrinks || comes) && ledger.saltedNow().percent() > ledger.band().high()) {
      cautions.add(
          new Caution(
              "salted-too-early",
              String.format(
                  Locale.ROOT,
                  "Salted to taste now it would be %.2f %% on the table: %s. Salt late.",
                  ledger.saltedNow().percent(),
                  stillComes(toLose, shrinks, comes))));
    }
    if (!after.pHHolds()) {
      cautions.add(
          new Caution(
              "past-the-model",
              "So much salt and acid in so little water is past the model: the pH shows a"
                  + " direction and no more."));
    }
    return cautions;
  }

  private static String stillComes(Mass toLose, boolean shrinks, boolean comes) {
    String water =
        String.format(Locale.ROOT, "%.1f kg of water is still to leave", toLose.kilograms());
    if (shrinks && comes) {
      return water + ", and salt still comes with what follows";
    }
    return shrinks ? water : "salt still comes with what follows";
  }
}
