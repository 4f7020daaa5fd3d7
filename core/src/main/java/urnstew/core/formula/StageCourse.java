package urnstew.core.formula;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import urnstew.units.Require;

/**
 * How a stage goes: what it is cooked in, what ends it, what it needs, and which pieces come and
 * go.
 *
 * @param vessel what it is cooked in
 * @param end what ends it
 * @param endEntered that end as it was typed, as '1 cup'; may be empty
 * @param hands a cook's own time in it, a day at most; empty for what its technique usually takes
 * @param tools machines that it needs
 * @param moves pieces that go out or come back
 */
public record StageCourse(
    StageVessel vessel,
    StageEnd end,
    String endEntered,
    Optional<Duration> hands,
    List<Tool> tools,
    List<PieceMove> moves) {
  /** In the pot, with nothing said. */
  public static final StageCourse PLAIN =
      new StageCourse(
          StageVessel.POT, new StageEnd.Unsaid(), "", Optional.empty(), List.of(), List.of());

  public StageCourse {
    tools = List.copyOf(tools);
    moves = List.copyOf(moves);
    hands.ifPresent(time -> Require.within("hands", time.toSeconds() / 60.0, 0, 1440, "min"));
  }

  /** The same with another end. */
  public StageCourse until(StageEnd other) {
    return new StageCourse(vessel, other, "", hands, tools, moves);
  }

  /** The same with other pieces that come and go. */
  public StageCourse moving(List<PieceMove> others) {
    return new StageCourse(vessel, end, endEntered, hands, tools, others);
  }
}
