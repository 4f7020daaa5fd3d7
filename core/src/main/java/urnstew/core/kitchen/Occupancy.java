package urnstew.core.kitchen;

import java.time.Instant;
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
      UUID holder, String name, UUID vessel, Optional<UUID> heatSource, Optional<UUID> oven) {
    private boolean shares(Stand other) {
      return vessel.equals(other.vessel())
          || heatSource.isPresent() && heatSource.equals(other.heatSource())
          || oven.isPresent() && oven.equals(other.oven());
    }
  }

  /**
   * When something is likely done and leaves its place.
   *
   * @param likely moment
   * @param latest edge of the band
   */
  public record Leaves(Instant likely, Instant latest) {}

  /**
   * What may still stand where something else is wanted.
   *
   * @param there what stands there
   * @param leaves when it is likely gone; empty where nobody knows
   */
  public record InTheWay(Stand there, Optional<Leaves> leaves) {}

  /**
   * What may still be in the pot, on the burner or in the oven that is wanted from a moment on.
   *
   * @param wanted the place, and who wants it
   * @param from when
   * @param leaves when a holder is likely done; nothing for one that nobody knows it of
   */
  public List<InTheWay> inTheWay(
      Stand wanted, Instant from, Function<UUID, Optional<Leaves>> leaves) {
    return stands.stream()
        .filter(one -> !one.holder().equals(wanted.holder()) && one.shares(wanted))
        .map(one -> new InTheWay(one, leaves.apply(one.holder())))
        .filter(one -> one.leaves().filter(end -> !end.latest().isAfter(from)).isEmpty())
        .toList();
  }

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
