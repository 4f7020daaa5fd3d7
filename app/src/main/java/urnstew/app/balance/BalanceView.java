package urnstew.app.balance;

import java.util.List;
import org.jspecify.annotations.Nullable;
import urnstew.app.formula.TasteView;
import urnstew.core.balance.CupDose;
import urnstew.core.balance.Remedy.Kind;
import urnstew.core.explain.Caution;
import urnstew.core.explain.Working;

/**
 * A pot in balance or out of it, and what mends it.
 *
 * @param title what it is
 * @param massKilograms as it is now
 * @param toLoseKilograms water that has yet to leave
 * @param madeKilograms when all has happened
 * @param solidsFraction of the sauce then
 * @param portions of it
 * @param now as it is
 * @param reduced when the water is gone and nothing else went in
 * @param after when all has happened
 * @param tastes the five strings
 * @param ledger of the salt
 * @param remedies for the fault, in order
 * @param sources what deepens a sauce, side by side
 * @param finish what the finish does; absent where none was asked for
 * @param cups the trial measured out; empty where none was asked for
 * @param cautions that matter
 * @param workings how the figures came about
 */
public record BalanceView(
    String title,
    double massKilograms,
    double toLoseKilograms,
    double madeKilograms,
    double solidsFraction,
    double portions,
    TasteProfileView now,
    TasteProfileView reduced,
    TasteProfileView after,
    List<TasteView> tastes,
    LedgerView ledger,
    List<RemedyView> remedies,
    List<SourceView> sources,
    @Nullable FinishView finish,
    List<List<CupDoseView>> cups,
    List<Caution> cautions,
    List<Working> workings) {

  /** All figures of a pot at one moment: shares, and savoury in g of glutamate alike in 100 g. */
  public record TasteProfileView(
      double saltFraction,
      double acidFraction,
      double sourFraction,
      double sugarsFraction,
      double savoury,
      double fatFraction,
      double pH,
      boolean pHHolds,
      double sugarToAcid,
      double sharpness) {}

  /** One source of salt. */
  public record SaltView(String name, double saltKilograms, double rangeKilograms) {}

  /** Salt, and what lands in the band. */
  public record LedgerView(
      List<SaltView> in,
      List<SaltView> toCome,
      double nowFraction,
      double reducedFraction,
      double lowFraction,
      double likelyFraction,
      double highFraction,
      double saltedNowFraction,
      double firstDoseKilograms,
      double heldBackKilograms,
      double firstDoseCubicMeters,
      double heldBackCubicMeters,
      double sodiumLowKilograms,
      double sodiumKilograms,
      double sodiumHighKilograms,
      double lessSaltFraction) {}

  /**
   * What a dose does.
   *
   * @param ingredientId absent where it is a sauce
   */
  public record DoseView(
      @Nullable String ingredientId,
      String name,
      double massKilograms,
      boolean reaches,
      TasteProfileView after,
      double solidsFraction,
      double madeKilograms,
      double moreSodiumKilograms,
      @Nullable Double longerSeconds,
      List<String> allergens,
      boolean avoided) {}

  /** One remedy: a dose, a time, fat to skim, or something to do or leave. */
  public record RemedyView(
      String title,
      String tells,
      @Nullable DoseView dose,
      boolean atTheEnd,
      @Nullable TimeView time,
      @Nullable SkimView skim,
      @Nullable Kind act) {}

  /** What further boiling down would do. */
  public record TimeView(
      double waterKilograms, @Nullable Double takesSeconds, TasteProfileView reduced) {}

  /** Fat to take off. */
  public record SkimView(double fatKilograms, double fatFraction) {}

  /** What deepens a sauce, at equal sodium and at equal savour. */
  public record SourceView(DoseView atEqualSodium, DoseView atEqualSavour) {}

  /** A finish: what it does, how it goes in, how long it holds. */
  public record FinishView(
      DoseView dose,
      String how,
      @Nullable Double holdSeconds,
      @Nullable Double fromCelsius,
      @Nullable Double toCelsius,
      @Nullable LiaisonView liaison) {}

  /** A liaison by spoonfuls. */
  public record LiaisonView(
      int spoonfuls, double bowlCelsius, double potCelsius, double endCelsius) {}

  /** A dose for a cup, and the same for the pot; a fault where it cannot be measured. */
  public record CupDoseView(
      String ingredientId,
      String name,
      double count,
      CupDose.@Nullable Measure measure,
      @Nullable Double solution,
      double inCupKilograms,
      double forPotKilograms,
      @Nullable String tooSmall) {}
}
