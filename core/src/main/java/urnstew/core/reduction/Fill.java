package urnstew.core.reduction;

import urnstew.core.reduction.Change.Added;
import urnstew.core.reduction.Change.LadledOut;
import urnstew.core.reduction.Change.PiecesTakenOut;
import urnstew.core.reduction.Change.SetOtherwise;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.HeatContent;

/**
 * A pot right after a change.
 *
 * @param contents what is in it
 * @param celsius its temperature, after what went in has mixed
 * @param setting how it cooks on
 * @param broughtJoules heat carried in less carried out, from 0 °C
 */
record Fill(PotContents contents, double celsius, SimmerSetting setting, double broughtJoules) {

  static Fill after(Change change, PotState before) {
    if (change instanceof Added added) {
      double joules =
          HeatContent.of(added.what().everything()).joules(added.temperature().celsius());
      return mixed(before, before.contents().plus(added.what()), before.setting(), joules);
    }
    if (change instanceof LadledOut ladled) {
      PotContents was = before.contents();
      double all = was.sauce().total().kilograms();
      double share = all == 0 ? 0 : Math.max(0, 1 - ladled.mass().kilograms() / all);
      PotContents left =
          new PotContents(
              was.sauce().times(share), was.thickeningKilograms() * share, was.pieces());
      return taken(before, left);
    }
    if (change instanceof PiecesTakenOut out) {
      return taken(before, before.contents().leaving(out.stay(), out.of()));
    }
    SimmerSetting setting = ((SetOtherwise) change).setting();
    double room = setting.surroundings().room().celsius();
    boolean samePot = setting.vessel().equals(before.setting().vessel());
    double otherPot =
        samePot
            ? 0
            : setting.vessel().joulesPerKelvin() * room
                - before.setting().vessel().joulesPerKelvin() * before.celsius();
    return mixed(before, before.contents(), setting, otherPot);
  }

  /** Leaves at the pot's own temperature. */
  private static Fill taken(PotState before, PotContents left) {
    double joules =
        HeatContent.of(left.everything()).joules(before.celsius())
            - HeatContent.of(before.contents().everything()).joules(before.celsius());
    return new Fill(left, before.celsius(), before.setting(), joules);
  }

  private static Fill mixed(
      PotState before, PotContents contents, SimmerSetting setting, double joules) {
    double held = heat(before.contents(), before.setting()).joules(before.celsius());
    double celsius = heat(contents, setting).celsius(held + joules, before.celsius());
    return new Fill(contents, celsius, setting, joules);
  }

  private static HeatContent heat(PotContents contents, SimmerSetting setting) {
    return HeatContent.of(contents.everything())
        .plus(new HeatContent(setting.vessel().joulesPerKelvin(), 0, 0));
  }
}
