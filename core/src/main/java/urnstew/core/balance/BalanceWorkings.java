package urnstew.core.balance;

import java.util.ArrayList;
import java.util.List;
import urnstew.core.explain.Confidence;
import urnstew.core.explain.Term;
import urnstew.core.explain.Working;
import urnstew.core.pantry.TasteContent;

/** How the figures of a balance came about. */
public final class BalanceWorkings {
  private BalanceWorkings() {}

  /**
   * All of them.
   *
   * @param end the pot when all has happened
   * @param after its tastes
   * @param ledger its salt
   */
  public static List<Working> of(InPot end, TasteProfile after, SaltLedger ledger) {
    return List.of(
        acid(end, after), sharpness(after), savoury(end, after), salt(end, ledger), shares(end));
  }

  private static Working acid(InPot end, TasteProfile after) {
    TasteContent taste = end.taste();
    double all = end.mass().kilograms();
    List<Term> terms = new ArrayList<>();
    terms.add(new Term("citric acid", "c_cit", 1000 * taste.citricKilograms() / all, "g/kg"));
    terms.add(new Term("malic acid", "c_mal", 1000 * taste.malicKilograms() / all, "g/kg"));
    terms.add(new Term("acetic acid", "c_ac", 1000 * taste.aceticKilograms() / all, "g/kg"));
    terms.add(new Term("lactic acid", "c_lac", 1000 * taste.lacticKilograms() / all, "g/kg"));
    terms.add(new Term("potassium", "c_K", 1000 * taste.potassiumKilograms() / all, "g/kg"));
    terms.add(new Term("sodium", "c_Na", 1000 * end.sodiumKilograms() / all, "g/kg"));
    terms.add(new Term("pH at 25 °C", "pH", after.pH(), ""));
    terms.add(new Term("titratable to pH 8.1, as citric", "TA", after.acid().percent(), "%"));
    terms.add(new Term("held by organic acids, as citric", "a", after.sour().percent(), "%"));
    terms.add(new Term("sugars to acid", "S/A", after.sugarToAcidRatio(), ""));
    return new Working(
        "acid",
        "The pH at which all charges balance, and the base that a titration to pH 8.1 would take.",
        "Σ z c = 0,  log γ = −0.509 z²(√I/(1+√I) − 0.3 I);  TA = 0.06404 g/meq",
        terms,
        List.of(
            "Ions that no table gives are set so that each ingredient has its usual pH",
            "Protein takes up acid at 1.25 mol/kg; of pieces of meat more than half comes to rest"
                + " with the sauce, of fish and shells a quarter",
            "Acids stay in the pot; carbon dioxide leaves it",
            "Acidity is for taste: it relaxes no limit of keeping"),
        List.of(
            "CRC Handbook; Goldberg et al., J. Phys. Chem. Ref. Data 31 (2002) 231",
            "C. W. Davies, Ion Association (1962)",
            "US FDA, Approximate pH of Foods and Food Products (2007) (to be checked)"),
        after.pHHolds() ? Confidence.PUBLISHED : Confidence.ASSUMED);
  }

  private static Working sharpness(TasteProfile after) {
    return new Working(
        "sharpness",
        "What organic acids hold of their protons, less what sugar and fat mask: a simple index.",
        "s = a · e^(−0.10 (sugars − 4)) · e^(−0.05 (fat − 4))",
        List.of(
            new Term("acid that tastes, as citric", "a", after.sour().percent(), "%"),
            new Term("sugars", "sugars", after.sugars().percent(), "%"),
            new Term("fat", "fat", after.fat().percent(), "%"),
            new Term("felt as so much citric acid", "s", after.sharpnessPercent(), "%")),
        List.of(
            "A percent of sugar masks a tenth, a percent of fat a twentieth",
            "A step is 12 %: about what a table notices"),
        List.of("Da Conceicao Neta et al., J. Food Sci. 72 (2007) R33 (to be checked)"),
        Confidence.ASSUMED);
  }

  private static Working savoury(InPot end, TasteProfile after) {
    TasteContent taste = end.taste();
    double per100 = 100 / end.mass().kilograms();
    return new Working(
        "savoury",
        "Glutamate, and how nucleotides multiply it: the glutamate alone that would taste alike.",
        "y = u + 1218 u v,  v = IMP + 2.3 GMP",
        List.of(
            new Term("free glutamate", "u", taste.glutamateKilograms() * per100, "g/100 g"),
            new Term("inosinate", "IMP", taste.impKilograms() * per100, "g/100 g"),
            new Term("guanylate", "GMP", taste.gmpKilograms() * per100, "g/100 g"),
            new Term("tastes like", "y", after.savouryPercent(), "g/100 g")),
        List.of(
            "What browning and long cooking add or destroy is not counted",
            "Aspartate, AMP and XMP are in no table here"),
        List.of(
            "S. Yamaguchi, J. Food Sci. 32 (1967) 473",
            "S. Yamaguchi et al., J. Agric. Food Chem. 19 (1971) 1187"),
        Confidence.PUBLISHED);
  }

  private static Working salt(InPot end, SaltLedger ledger) {
    return new Working(
        "salt",
        "Salt of every ingredient over what comes to the table; the dose that brings it to the"
            + " middle of the band. First what is safe if cans and cheese are on the salty side.",
        "(S + c d) / (M + d) = w",
        List.of(
            new Term("salt when all is in", "S", 1000 * end.saltKilograms(), "g"),
            new Term("either way", "±", 1000 * end.saltRangeKilograms(), "g"),
            new Term("what comes to the table", "M", end.mass().kilograms(), "kg"),
            new Term("wanted", "w", ledger.band().middle(), "%"),
            new Term("first dose", "d₁", ledger.firstDose().grams(), "g"),
            new Term("held back", "d₂", ledger.heldBack().grams(), "g")),
        List.of(
            "Salt is sodium over 393 mg/g; none of it boils off",
            "All goods are taken to err the same way"),
        List.of("Conservation of mass", "Food composition tables (to be checked)"),
        Confidence.PUBLISHED);
  }

  private static Working shares(InPot end) {
    double all = end.mass().kilograms();
    return new Working(
        "shares",
        "Sugars and fat of every ingredient over what comes to the table.",
        "w = Σ m / M",
        List.of(
            new Term("sugars", "m_s", 1000 * end.taste().sugarsKilograms(), "g"),
            new Term("fat", "m_f", 1000 * end.fatKilograms(), "g"),
            new Term("what comes to the table", "M", all, "kg")),
        List.of("Neither boils off", "Fat that floats counts as if it were stirred in"),
        List.of("Conservation of mass", "Food composition tables (to be checked)"),
        Confidence.PUBLISHED);
  }
}
