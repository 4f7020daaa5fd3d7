package urnstew.core.reduction;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import urnstew.core.Samples;
import urnstew.core.kitchen.Vessel;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.thermo.Composition;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;

/**
 * Times that cooks give (common practice, T-06), after one boil: the span between the pot's rate
 * times and divided by 1.5 must meet them, for pots and levels that such a cook would choose.
 */
class TradeTimesTest {
  private static double minutes(Program program, double target, double factor) {
    var outcome =
        Reduction.untilThick(program, MassFraction.ofPercent(target), Unknowns.of(factor, 1, 1))
            .outcome();
    return outcome instanceof Reaches reaches ? reaches.after().toSeconds() / 60.0 : 24 * 60;
  }

  private static Program boiled(double kilograms, double solids, SimmerSetting setting) {
    Composition sauce = Samples.sauce(kilograms, solids / 100);
    Program cold = Program.of(setting, Samples.pot(sauce));
    Temperature boiling = setting.surroundings().altitude().boilingPoint();
    return cold.from(boiling);
  }

  private static Heating heating(String way) {
    return switch (way) {
      case "BARE" -> Samples.BARE;
      case "GENTLE" -> Samples.GENTLE;
      case "LIVELY" -> Samples.LIVELY;
      default -> new Heating.InOven(Temperature.ofCelsius(132), false);
    };
  }

  @ParameterizedTest
  @CsvSource({
    "cured-pork sauce,0.8,8,10,0.28,LIVELY,OFF,8,10",
    "thick passata for layers,1.0,10,12,0.28,LIVELY,OFF,10,10",
    "fresh-tomato pan sauce,0.8,5.5,8.5,0.30,LIVELY,OFF,15,15",
    "plain sauce,1.6,6.5,8.5,0.28,LIVELY,OFF,25,25",
    "mince in tomato open,2.2,7,10,0.28,LIVELY,OFF,35,50",
    "two cans partly covered,1.6,6,7,0.28,GENTLE,AJAR,60,60",
    "big meat sauce open,4.5,8,12,0.34,LIVELY,OFF,60,90",
    "pale ragu with milk and wine,2.5,8,13,0.26,GENTLE,OFF,90,180",
    "passata very gently,1.5,8,13,0.26,BARE,OFF,180,180",
    "open in the oven,3.5,7,10,0.34,OVEN,OFF,120,240"
  })
  void timesThatCooksGive(
      String what,
      double kilograms,
      double solids,
      double target,
      double diameter,
      String way,
      Lid lid,
      double least,
      double most) {
    Vessel vessel = Samples.pot(diameter, 0.2);
    SimmerSetting setting = Samples.setting(vessel, 3500, heating(way), lid, 0);
    Program program = boiled(kilograms, solids, setting);
    double early = minutes(program, target, 1.5);
    double late = minutes(program, target, 1 / 1.5);
    String span = what + ": " + Math.round(early) + " to " + Math.round(late) + " min";
    assertEquals(true, early <= most && least <= late, span);
  }
}
