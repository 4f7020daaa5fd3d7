package urnstew.core.reduction;

import urnstew.core.reduction.Change.Added;
import urnstew.core.reduction.Change.LadledOut;
import urnstew.core.reduction.Change.PiecesBack;
import urnstew.core.reduction.Change.PiecesOut;
import urnstew.core.reduction.Change.SetOtherwise;
import urnstew.core.sauce.PieceKind;
import urnstew.core.thermo.HeatContent;

/**
 * A pot right after a change.
 *
 * @param charge what is in it
 * @param celsius its temperature, after what went in has mixed
 * @param setting how it cooks on
 * @param broughtJoules heat carried in less carried out, from 0 °C
 */
record Fill(Charge charge, double celsius, SimmerSetting setting, double broughtJoules) {

  /** Of a pot that nothing has been done to yet. */
  Fill(Charge charge, double celsius, SimmerSetting setting) {
    this(charge, celsius, setting, 0);
  }

  /** The same pot after a change; what was brought is counted anew. */
  Fill after(Change change) {
    if (change instanceof Added added) {
      HeatContent brought = HeatContent.of(added.what().all().everything());
      return mixed(
          charge.plus(added.what()), setting, brought.joules(added.temperature().celsius()));
    }
    if (change instanceof LadledOut ladled) {
      double all = charge.in().rest().sauce().total().kilograms();
      double share = all == 0 ? 0 : Math.max(0, 1 - ladled.mass().kilograms() / all);
      return taken(charge.withSauceTimes(share));
    }
    if (change instanceof PiecesOut out) {
      return taken(charge.out(out.kind(), out.share()));
    }
    if (change instanceof PiecesBack back) {
      Charge more = charge.back(back.kind(), back.share());
      HeatContent brought =
          PieceKind.ofKind(charge.aside(), back.kind(), back.share()).stream()
              .map(kind -> HeatContent.of(kind.pieces().whole()))
              .reduce(new HeatContent(0, 0, 0), HeatContent::plus);
      return mixed(more, setting, brought.joules(back.temperature().celsius()));
    }
    return change instanceof SetOtherwise set ? set(set.setting()) : set(setting);
  }

  /** The same pot on another heat, under another lid, or its contents in another pot. */
  Fill set(SimmerSetting other) {
    boolean samePot = other.vessel().equals(setting.vessel());
    double otherPot =
        samePot
            ? 0
            : other.vessel().joulesPerKelvin() * other.surroundings().room().celsius()
                - setting.vessel().joulesPerKelvin() * celsius;
    return mixed(charge, other, otherPot);
  }

  /** Leaves at the pot's own temperature. */
  private Fill taken(Charge left) {
    double joules =
        HeatContent.of(left.all().everything()).joules(celsius)
            - HeatContent.of(charge.all().everything()).joules(celsius);
    return new Fill(left, celsius, setting, joules);
  }

  private Fill mixed(Charge more, SimmerSetting other, double joules) {
    double held = heat(charge, setting).joules(celsius);
    return new Fill(more, heat(more, other).celsius(held + joules, celsius), other, joules);
  }

  private static HeatContent heat(Charge charge, SimmerSetting setting) {
    return HeatContent.of(charge.all().everything())
        .plus(new HeatContent(setting.vessel().joulesPerKelvin(), 0, 0));
  }
}
