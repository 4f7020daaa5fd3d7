package urnstew.app.balance;

import static urnstew.app.platform.Fields.at;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import urnstew.app.balance.BalanceRequest.Amount;
import urnstew.app.balance.BalanceRequest.CupsSheet;
import urnstew.app.balance.BalanceView.CupDoseView;
import urnstew.app.balance.BalanceView.DoseView;
import urnstew.app.balance.BalanceView.FinishView;
import urnstew.app.balance.BalanceView.LedgerView;
import urnstew.app.balance.BalanceView.LiaisonView;
import urnstew.app.balance.BalanceView.RemedyView;
import urnstew.app.balance.BalanceView.SaltView;
import urnstew.app.balance.BalanceView.SkimView;
import urnstew.app.balance.BalanceView.SourceView;
import urnstew.app.balance.BalanceView.TasteProfileView;
import urnstew.app.balance.BalanceView.TimeView;
import urnstew.app.formula.TasteView;
import urnstew.core.balance.BalanceCautions;
import urnstew.core.balance.BalanceWorkings;
import urnstew.core.balance.Band;
import urnstew.core.balance.CupDose;
import urnstew.core.balance.Dosable;
import urnstew.core.balance.Dose;
import urnstew.core.balance.Finish;
import urnstew.core.balance.InPot;
import urnstew.core.balance.Liaison;
import urnstew.core.balance.RemainingProcess;
import urnstew.core.balance.Remedy;
import urnstew.core.balance.Rescue;
import urnstew.core.balance.SaltLedger;
import urnstew.core.balance.SavourySource;
import urnstew.core.balance.Taste;
import urnstew.core.balance.TasteProfile;
import urnstew.core.consistency.Thickener;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Ingredient;
import urnstew.core.pantry.Pantry;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Require;
import urnstew.units.Temperature;

/** The balance of one pot, for the screens. */
final class BalanceAnswer {
  /** Sodium of a fair comparison, as salt: what a table notices (assumption). */
  private static final MassFraction FAIR_SALT = new MassFraction(0.002);

  private static final double FAIR_SAVOUR = 1.3;
  private static final Temperature COLD_BOWL = Temperature.ofCelsius(10);
  private static final Temperature HOT_SAUCE = Temperature.ofCelsius(88);

  private final Pot pot;
  private final Rescue rescue;
  private final Pantry pantry;
  private final List<Avoid> avoids;

  BalanceAnswer(Pot pot, Rescue rescue, Pantry pantry, List<Avoid> avoids) {
    this.pot = pot;
    this.rescue = rescue;
    this.pantry = pantry;
    this.avoids = avoids;
  }

  BalanceView view(BalanceRequest request, double portions, Ingredient salt, int steps) {
    InPot now = rescue.now();
    RemainingProcess course = rescue.course();
    InPot end = course.after(now);
    TasteProfile is = TasteProfile.of(now);
    TasteProfile after = TasteProfile.of(end);
    SaltLedger ledger = SaltLedger.of(now, course, rescue.family(), salt);
    return new BalanceView(
        pot.title(),
        now.mass().kilograms(),
        course.toLose(now).kilograms(),
        end.mass().kilograms(),
        end.contents().equivalentSolids().value(),
        portions,
        view(is),
        view(TasteProfile.of(course.reduced(now))),
        view(after),
        TasteView.of(is, after, rescue.family()),
        view(ledger, salt, after),
        rescue.from(request.fault(), steps).stream().map(this::view).toList(),
        SavourySource.of(now, course, pantry, FAIR_SALT, FAIR_SAVOUR * after.savouryPercent())
            .stream()
            .map(one -> new SourceView(view(one.atEqualSodium()), view(one.atEqualSavour())))
            .toList(),
        finish(request.finish(), end),
        cups(request.cups()),
        BalanceCautions.of(now, course, ledger, after),
        BalanceWorkings.of(end, after, ledger));
  }

  private static TasteProfileView view(TasteProfile tastes) {
    return new TasteProfileView(
        tastes.salt().value(),
        tastes.acid().value(),
        tastes.sour().value(),
        tastes.sugars().value(),
        tastes.savouryPercent(),
        tastes.fat().value(),
        tastes.pH(),
        tastes.pHHolds(),
        tastes.sugarToAcidRatio(),
        tastes.sharpnessPercent());
  }

  private LedgerView view(SaltLedger ledger, Ingredient salt, TasteProfile after) {
    Mass portion = pot.portion();
    return new LedgerView(
        ledger.in().stream().map(BalanceAnswer::view).toList(),
        ledger.toCome().stream().map(BalanceAnswer::view).toList(),
        ledger.now().value(),
        ledger.reduced().value(),
        ledger.low().value(),
        ledger.likely().value(),
        ledger.high().value(),
        ledger.saltedNow().value(),
        ledger.firstDose().kilograms(),
        ledger.heldBack().kilograms(),
        spooned(salt, ledger.firstDose()),
        spooned(salt, ledger.heldBack()),
        SaltLedger.sodiumKilograms(ledger.low(), portion),
        SaltLedger.sodiumKilograms(ledger.likely(), portion),
        SaltLedger.sodiumKilograms(ledger.high(), portion),
        SavourySource.lessSaltShare(
            Band.of(rescue.family(), Taste.SAVOURY).low(), after.savouryPercent()));
  }

  private static SaltView view(SaltLedger.Entry entry) {
    return new SaltView(entry.name(), entry.salt().kilograms(), entry.range().kilograms());
  }

  private static double spooned(Ingredient salt, Mass mass) {
    return salt.measuring()
        .spoonDensity()
        .map(density -> mass.kilograms() / density.kilogramsPerCubicMeter())
        .orElse(0.0);
  }

  private RemedyView view(Remedy remedy) {
    if (remedy instanceof Remedy.Add add) {
      return new RemedyView(
          add.title(), add.tells(), view(add.dose()), add.atTheEnd(), null, null, null);
    }
    if (remedy instanceof Remedy.Time time) {
      TimeView view =
          new TimeView(time.water().kilograms(), seconds(time.takes()), view(time.reduced()));
      return new RemedyView(time.title(), time.tells(), null, false, view, null, null);
    }
    if (remedy instanceof Remedy.Skim skim) {
      SkimView view = new SkimView(skim.fat().kilograms(), skim.fatPercent() / 100);
      return new RemedyView(skim.title(), skim.tells(), null, false, null, view, null);
    }
    Remedy.Act act = (Remedy.Act) remedy;
    return new RemedyView(act.title(), act.tells(), null, false, null, null, act.kind());
  }

  private DoseView view(Dose dose) {
    Optional<Ingredient> known = dose.what().ingredient();
    return new DoseView(
        known.map(Ingredient::id).orElse(null),
        dose.what().name(),
        dose.mass().kilograms(),
        dose.reaches(),
        view(dose.after()),
        dose.equivalentSolids().value(),
        dose.made().kilograms(),
        dose.moreSodiumKilograms(),
        seconds(dose.longer()),
        known.stream()
            .flatMap(one -> one.labelling().allergens().stream())
            .map(allergen -> allergen.words())
            .toList(),
        known.filter(one -> avoids.stream().anyMatch(avoid -> avoid.hits(one))).isPresent());
  }

  private static @Nullable Double seconds(Optional<Duration> time) {
    return time.map(known -> (double) known.toSeconds()).orElse(null);
  }

  private @Nullable FinishView finish(@Nullable Amount wanted, InPot end) {
    if (wanted == null) {
      return null;
    }
    Ingredient what = at("finish.ingredientId", () -> pantry.ingredient(wanted.ingredientId()));
    double most = end.mass().kilograms();
    Mass mass =
        at(
            "finish.massKilograms",
            () -> new Mass(Require.within("mass", wanted.massKilograms(), 0, most, "kg")));
    Optional<Finish> how = Finish.of(what);
    Optional<Finish.Window> window = how.flatMap(Finish::window);
    return new FinishView(
        view(Dose.of(Dosable.of(what), mass, end, RemainingProcess.OVER)),
        how.map(Finish::how).orElse("stirred in at the end"),
        seconds(how.map(Finish::hold)),
        window.map(span -> span.from().celsius()).orElse(null),
        window.map(span -> span.to().celsius()).orElse(null),
        what.thickener() == Thickener.LIAISON && mass.grams() > 0
            ? liaison(what, mass, end)
            : null);
  }

  private static LiaisonView liaison(Ingredient what, Mass mass, InPot end) {
    Liaison liaison =
        at(
            "finish.massKilograms",
            () ->
                Liaison.of(
                    end.contents().everything(),
                    what.perKilogram().times(mass.kilograms()),
                    COLD_BOWL,
                    HOT_SAUCE));
    return new LiaisonView(
        liaison.spoonfuls(),
        liaison.bowl().celsius(),
        liaison.pot().celsius(),
        liaison.end().celsius());
  }

  private List<List<CupDoseView>> cups(@Nullable CupsSheet sheet) {
    if (sheet == null) {
      return List.of();
    }
    Mass cup =
        at(
            "cups.cupKilograms",
            () -> new Mass(Require.within("cup", sheet.cupKilograms(), 0.02, 0.5, "kg")));
    return IntStream.range(0, sheet.cups().size())
        .mapToObj(
            place ->
                IntStream.range(0, sheet.cups().get(place).size())
                    .mapToObj(i -> cupDose(sheet, place, i, cup))
                    .toList())
        .toList();
  }

  private CupDoseView cupDose(CupsSheet sheet, int place, int i, Mass cup) {
    Amount wanted = sheet.cups().get(place).get(i);
    String field = "cups.cups." + place + "." + i + ".";
    Ingredient what = at(field + "ingredientId", () -> pantry.ingredient(wanted.ingredientId()));
    Mass mass =
        at(
            field + "massKilograms",
            () -> new Mass(Require.within("mass", wanted.massKilograms(), 0.00001, 50, "kg")));
    try {
      return view(CupDose.of(what, mass, rescue.now().mass(), cup));
    } catch (InvalidInput fault) {
      return new CupDoseView(
          what.id(), what.name(), 0, null, null, 0, mass.kilograms(), fault.getMessage());
    }
  }

  static CupDoseView view(CupDose dose) {
    return new CupDoseView(
        dose.ingredient().id(),
        dose.ingredient().name(),
        dose.count(),
        dose.measure(),
        dose.solution().orElse(null),
        dose.inCup().kilograms(),
        dose.forPot().kilograms(),
        null);
  }
}
