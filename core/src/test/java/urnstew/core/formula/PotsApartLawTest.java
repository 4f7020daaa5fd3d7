package urnstew.core.formula;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.Split.Branch;
import urnstew.core.formula.Split.Group;
import urnstew.core.pantry.Avoid;
import urnstew.core.pantry.Avoid.Kind;

/**
 * Whatever some of its eaters leave out: what goes into the pots of a dish is what is bought for
 * it, each thing once, and no pot apart gets what it is apart for.
 */
class PotsApartLawTest {
  private static final double COVERS = 12;

  @Test
  void whatIsBoughtGoesIntoOnePotAndIntoTheRightOne() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(21);
    int parted = 0;
    int own = 0;
    for (Formula formula : ReferenceFormulas.load()) {
      ResolvedFormula batch = ResolvedFormula.of(formula, ReferenceFormulas.larder());
      for (int round = 0; round < 6; round++) {
        Split split =
            Split.of(
                batch,
                Ribbon.of(batch, formula.target()),
                (int) COVERS,
                groups(batch, random),
                ReferenceFormulas.larder().pantryOf(batch.formula()));
        apart(split, batch);
        parted += (int) split.branches().stream().filter(one -> isParted(one)).count();
        own += own(split).size();
      }
    }
    assertTrue(parted > 50 && own > 10, parted + " parted, " + own + " of their own");
  }

  private static void apart(Split split, ResolvedFormula batch) {
    List<ResolvedFormula> pots = new ArrayList<>();
    pots.add(split.inPot(batch, COVERS, own(split)));
    for (Branch branch : split.branches()) {
      if (branch.leavesAt().isPresent()) {
        Moment from = isParted(branch) ? branch.leavesAt().get() : new Moment(0, "", Duration.ZERO);
        ResolvedFormula pot = Split.goesOn(branch, batch, COVERS, from);
        for (Portion portion : pot.portions()) {
          assertFalse(
              branch.group().avoids().stream().anyMatch(a -> a.hits(portion.ingredient())),
              portion.ingredient().name());
          assertFalse(isParted(branch) && from.isAfter(portion), "it is in it already");
        }
        pots.add(pot);
      }
    }
    Map<String, Double> bought = masses(Stream.of(split.cooked(batch, COVERS)));
    Map<String, Double> cooked = masses(pots.stream());
    assertEquals(bought.keySet(), cooked.keySet());
    bought.forEach(
        (id, mass) -> assertEquals(mass, cooked.getOrDefault(id, 0.0), 1e-9 * mass + 1e-12, id));
  }

  private static boolean isParted(Branch branch) {
    return branch.leavesAt().filter(moment -> !moment.isFirst()).isPresent();
  }

  private static Set<Group> own(Split split) {
    return split.branches().stream()
        .filter(one -> one.leavesAt().filter(Moment::isFirst).isPresent())
        .map(Branch::group)
        .collect(Collectors.toSet());
  }

  private static Map<String, Double> masses(Stream<ResolvedFormula> of) {
    return of.flatMap(one -> one.portions().stream())
        .collect(
            Collectors.groupingBy(
                portion -> portion.ingredient().id(),
                TreeMap::new,
                Collectors.summingDouble(portion -> portion.mass().kilograms())));
  }

  /** One or two, each leaving out one or two of its allergens. */
  private static List<Group> groups(ResolvedFormula batch, RandomGenerator random) {
    Set<String> allergens =
        batch.portions().stream()
            .flatMap(portion -> portion.ingredient().labelling().allergens().stream())
            .map(Enum::name)
            .collect(Collectors.toCollection(TreeSet::new));
    List<String> all = List.copyOf(allergens);
    List<Group> groups = new ArrayList<>();
    for (int i = 0; i < random.nextInt(1, 3) && !all.isEmpty(); i++) {
      List<Avoid> avoids =
          Stream.generate(() -> all.get(random.nextInt(all.size())))
              .limit(random.nextInt(1, 3))
              .distinct()
              .map(key -> new Avoid(Kind.ALLERGEN, key))
              .toList();
      groups.add(new Group("group " + i, random.nextInt(1, 6), avoids));
    }
    return groups;
  }
}
