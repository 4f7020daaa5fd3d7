package urnstew.core.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import urnstew.core.Samples;
import urnstew.core.kitchen.Vessel;
import urnstew.core.pantry.Pantry;
import urnstew.core.pantry.ReferencePantry;
import urnstew.core.plan.Alternative.Kind;
import urnstew.core.plan.Timing.Scheduled;
import urnstew.core.reduction.Lid;
import urnstew.core.reduction.Outcome.Reaches;
import urnstew.core.reduction.Program;
import urnstew.core.reduction.Reduction;
import urnstew.core.reduction.Unknowns;
import urnstew.core.sauce.PotContents;
import urnstew.units.Mass;

class AlternativesTest {
  private static final PlanInputs INPUTS =
      Samples.planInputs(34, Samples.pot(0.32, 0.28), Samples.GENTLE, Lid.OFF);
  private static final Plan PLAN = Planner.plan(INPUTS);
  private static final Pantry PANTRY = ReferencePantry.load();

  private static PotContents kilogram(String id) {
    return PANTRY.ingredient(id).contents(Mass.ofKilograms(1));
  }

  private static Alternatives ways() {
    Vessel wide = named(Samples.pot(0.45, 0.2), 7, "wide");
    Vessel tiny = named(Samples.pot(0.12, 0.1), 8, "tiny");
    return new Alternatives(
        INPUTS,
        PLAN,
        List.of(INPUTS.vessel(), wide, tiny),
        kilogram("tomato-paste"),
        kilogram("water"));
  }

  private static Vessel named(Vessel v, int id, String name) {
    return new Vessel(
        new UUID(0, id), name, v.shape(), v.emptyMass(), v.metal(), v.lid(), v.ovenLimit());
  }

  private static long planned() {
    Scheduled hours = (Scheduled) PLAN.timing();
    return java.time.Duration.between(hours.simmerAt(), hours.thickAt()).toSeconds();
  }

  @Test
  void soonerWaysAreSoonerAndOfEveryKind() {
    List<Alternative> sooner = ways().sooner();
    Set<Kind> kinds = EnumSet.noneOf(Kind.class);
    for (Alternative way : sooner) {
      assertTrue(way.simmer().toSeconds() < planned(), way.toString());
      assertTrue(!way.cost().isBlank(), "each says what it costs");
      kinds.add(way.kind());
    }
    assertEquals(EnumSet.of(Kind.LEVEL, Kind.POT, Kind.SPLIT, Kind.PASTE), kinds);
    assertTrue(sooner.stream().noneMatch(way -> way.what().contains("tiny")), "it must fit");
  }

  @Test
  void laterWaysAreLater() {
    List<Alternative> later = ways().later();
    assertTrue(later.stream().allMatch(way -> way.simmer().toSeconds() > planned()));
    assertTrue(later.stream().anyMatch(way -> way.kind() == Kind.LID));
    assertTrue(later.stream().anyMatch(way -> way.kind() == Kind.WATER));
  }

  /** The inverse, run forwards: the paste that was named gives the hour that was named. */
  @Test
  void theNamedPasteGivesTheNamedHour() {
    Alternative paste =
        ways().sooner().stream().filter(w -> w.kind() == Kind.PASTE).findFirst().orElseThrow();
    PotContents more = kilogram("tomato-paste").times(paste.amount().kilograms());
    Program program = Program.of(INPUTS.setting(), PLAN.size().start().plus(more));
    var outcome =
        Reduction.untilThick(program, INPUTS.equivalentSolids(), Unknowns.NOMINAL).outcome();
    assertEquals(paste.simmer().toSeconds(), ((Reaches) outcome).after().toSeconds(), 2);
    assertEquals(0.75 * planned(), paste.simmer().toSeconds(), 0.01 * planned());
  }
}
