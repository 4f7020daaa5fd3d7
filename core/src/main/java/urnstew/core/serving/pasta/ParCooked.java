package urnstew.core.serving.pasta;

import java.time.Duration;
import urnstew.units.Mass;
import urnstew.units.Require;
import urnstew.units.Temperature;

/**
 * Pasta cooked most of the way, kept, and dipped by the plate (common practice, T-14).
 *
 * <p>What it lacks it takes up in the dip and the pan. Kept cooked pasta is under the rule set's
 * time and temperature; the dip bath turns starchy and carries what the pasta carries.
 *
 * @param lift when to lift it the first time, from the drop
 * @param kept what it weighs then
 * @param oil for it
 * @param dip time in boiling water at pick-up
 * @param stillDrinks what it lacks to al dente then
 * @param bathStarchGramsPerLiter after all of it was dipped
 */
public record ParCooked(
    Duration lift,
    Mass kept,
    Mass oil,
    Duration dip,
    Mass stillDrinks,
    double bathStarchGramsPerLiter) {
  private static final double OIL_SHARE = 0.015;
  private static final Duration DIP_AT_SEA = Duration.ofSeconds(38);
  private static final double DIP_JOULES = 33_000;

  /** Of what leaches in all, so much leaves in the dip (assumption). */
  private static final double LEACHED_IN_DIP = 0.15;

  /**
   * @param share of the time to al dente, 0.7 to 0.95; 0.85 to 0.9 is common
   * @param bath water of the dip, 0.5 to 100 kg
   */
  public static ParCooked of(
      PastaBatch all, PastaMinutes minutes, double share, Mass bath, Temperature boiling) {
    Require.within("share", share, 0.7, 0.95, "");
    Require.within("bath", bath.kilograms(), 0.5, 100, "kg");
    Mass kept = all.after(share);
    double slower = PastaMinutes.slowerFactor(boiling, DIP_JOULES);
    return new ParCooked(
        Duration.ofMillis(Math.round(minutes.alDente().likely().toMillis() * share)),
        kept,
        kept.times(OIL_SHARE),
        Duration.ofMillis(Math.round(DIP_AT_SEA.toMillis() * slower)),
        new Mass(all.cooked().kilograms() - kept.kilograms()),
        1000 * LEACHED_IN_DIP * all.leached().kilograms() / bath.kilograms());
  }
}
