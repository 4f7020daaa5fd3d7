package urnstew.core.formula;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import urnstew.core.pantry.Piece;
import urnstew.units.InvalidInput;
import urnstew.units.MassFraction;

/**
 * A sauce, or a part of a dish, as a definition: stages that name ingredients by id. Versions are
 * immutable.
 *
 * @param id stable key
 * @param version counts from 1
 * @param name in a cook's words
 * @param inShort what tells it from others of its name
 * @param family kind of sauce
 * @param uses what it is for, the chief one first: they are kept in their order
 * @param target non-fat solids of the fat-free sauce phase when it is thick enough; empty for a
 *     part
 * @param piece by what it is counted, where it comes in pieces: a ball, dough of one egg
 * @param choices questions on which good cooks differ
 * @param stages in the order of the work
 */
public record Formula(
    String id,
    int version,
    String name,
    String inShort,
    Family family,
    Set<Use> uses,
    Optional<MassFraction> target,
    Optional<Piece> piece,
    List<Choice> choices,
    List<Stage> stages) {
  public Formula {
    uses = Collections.unmodifiableSet(new TreeSet<>(uses));
    choices = List.copyOf(choices);
    stages = List.copyOf(stages);
  }

  /** The same with other stages. */
  public Formula with(List<Stage> other) {
    return new Formula(id, version, name, inShort, family, uses, target, piece, choices, other);
  }

  /** Lines that nobody has read yet: while there are any, it is unfinished and cannot be lit. */
  public List<String> unread() {
    return stages.stream().flatMap(stage -> stage.unread().stream()).toList();
  }

  /**
   * The formula of these schools: other ways are left out. A question without an answer takes its
   * first way.
   *
   * @throws InvalidInput if a school is not offered
   */
  public Formula choosing(List<School> wanted) {
    wanted.forEach(this::requireOffered);
    List<Choice> chosen = choices.stream().map(choice -> chosen(choice, wanted)).toList();
    Predicate<Optional<School>> taken =
        school -> school.isEmpty() || chosen.stream().anyMatch(c -> isOf(school.get(), c));
    return new Formula(
        id,
        version,
        name,
        inShort,
        family,
        uses,
        target,
        piece,
        chosen,
        stages.stream()
            .filter(stage -> taken.test(stage.school()))
            .map(
                stage ->
                    stage.with(
                        stage.lines().stream().filter(line -> taken.test(line.school())).toList()))
            .toList());
  }

  private static boolean isOf(School school, Choice chosen) {
    return chosen.question().equals(school.question())
        && chosen.options().get(0).name().equals(school.option());
  }

  private static Choice chosen(Choice choice, List<School> wanted) {
    return new Choice(
        choice.question(),
        List.of(
            choice.options().stream()
                .filter(option -> wanted.contains(choice.school(option)))
                .findFirst()
                .orElse(choice.options().get(0))));
  }

  private void requireOffered(School school) {
    boolean offered =
        choices.stream()
            .anyMatch(
                choice ->
                    choice.options().stream()
                        .anyMatch(option -> choice.school(option).equals(school)));
    if (!offered) {
      throw new InvalidInput(
          "schools",
          "unknown",
          "'" + name + "' has no way '" + school.option() + "' of '" + school.question() + "'.",
          "a way that the formula offers",
          "Choose one of the ways on the formula's page.");
    }
  }
}
