package urnstew.core.kitchen;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import urnstew.units.InvalidInput;

/**
 * What stands where just now. A pot holds one thing and no more; a burner, or an oven, can bear
 * two, but somebody has to say so, since the heat of each pot is then not the one it was planned
 * with. Trays come in stacks, so that a row of them is never full: what is in trays has no place
 * here.
 *
 * @param stands all that stands somewhere, each in a pot of its own
 */
public record Occupancy(List<Stand> stands) {
  public Occupancy {
    stands = List.copyOf(stands);
  }

  /**
   * Something in a pot.
   *
   * @param holder the batch, hold or cooling that it is
   * @param name what it is called
   * @param vessel in which it is
   * @param heatSource on which that stands; empty off the heat, or in an oven
   * @param oven in which that stands
   */
  public record Stand(
      UUID holder, String name, UUID vessel, Optional<UUID> heatSource, Optional<UUID> oven) {}

  /** What is in a vessel. */
  public Optional<Stand> in(UUID vessel) {
    return stands.stream().filter(stand -> stand.vessel().equals(vessel)).findFirst();
  }

  /**
   * The same when something takes its place; where it stood before is free.
   *
   * @param next a newcomer, or what is here already and is moved
   * @param shares whether somebody said that it stands beside others on its burner or in its oven
   * @throws InvalidInput {@code vessel}, {@code heatSource} or {@code oven}, each {@code in-use}
   */
  public Occupancy with(Stand next, boolean shares) {
    Occupancy others = without(next.holder());
    others.in(next.vessel()).ifPresent(Occupancy::refuse);
    if (!shares) {
      Optional<Stand> before =
          stands.stream().filter(one -> one.holder().equals(next.holder())).findFirst();
      others.ask(next, before, Stand::heatSource, "heatSource", "on that burner");
      others.ask(next, before, Stand::oven, "oven", "in that oven");
    }
    return new Occupancy(Stream.concat(others.stands.stream(), Stream.of(next)).toList());
  }

  /** The same when something is over. */
  public Occupancy without(UUID holder) {
    return new Occupancy(stands.stream().filter(one -> !one.holder().equals(holder)).toList());
  }

  private static void refuse(Stand there) {
    throw new InvalidInput(
        "vessel",
        "in-use",
        "'" + there.name() + "' is in that pot.",
        "a pot that is free",
        "Choose another pot, or end what is in it first.");
  }

  /** A place that it had before is not asked about again. */
  private void ask(
      Stand next,
      Optional<Stand> before,
      Function<Stand, Optional<UUID>> place,
      String parameter,
      String where) {
    Optional<UUID> wanted = place.apply(next);
    if (wanted.isEmpty() || before.flatMap(place).equals(wanted)) {
      return;
    }
    List<String> there =
        stands.stream().filter(one -> place.apply(one).equals(wanted)).map(Stand::name).toList();
    if (!there.isEmpty()) {
      throw new InvalidInput(
          parameter,
          "in-use",
          "'" + String.join("', '", there) + "' stands " + where + ".",
          "a free one, or both said to stand there",
          "Choose another, or say that both stand there.");
    }
  }
}
