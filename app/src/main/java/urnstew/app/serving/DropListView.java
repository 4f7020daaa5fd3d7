package urnstew.app.serving;

import java.util.List;
import org.jspecify.annotations.Nullable;
import urnstew.app.serving.ServedBeside.Drops;
import urnstew.core.serving.piece.DropList;
import urnstew.core.serving.piece.SauceBath;

/**
 * Several kinds in one vessel, all done together.
 *
 * @param fault why they are not; absent where they are
 */
public record DropListView(
    String vesselName,
    List<DropView> drops,
    List<SaucePointView> sauce,
    long spanSeconds,
    long overWaitSeconds,
    @Nullable String fault) {

  /** When one kind goes in and comes out, before all is out. */
  public record DropView(
      String name,
      int count,
      double thicknessMeters,
      int round,
      boolean above,
      long beforeSeconds,
      long outBeforeSeconds,
      String note) {
    static DropView of(DropList.Entry entry) {
      return new DropView(
          entry.kind().piece().cut().name(),
          entry.kind().count(),
          entry.kind().piece().thickness().meters(),
          entry.round(),
          entry.above(),
          entry.before().toSeconds(),
          entry.out().toSeconds(),
          entry.note());
    }
  }

  /** The sauce at a moment after the first drop of the last round. */
  public record SaucePointView(double seconds, double celsius) {
    static SaucePointView of(SauceBath.Point point) {
      return new SaucePointView(point.seconds(), point.celsius());
    }
  }

  public static DropListView of(Drops drops) {
    String name = drops.vessel().name();
    return drops
        .list()
        .map(
            list ->
                new DropListView(
                    name,
                    list.drops().stream().map(DropView::of).toList(),
                    list.sauce().stream().map(SaucePointView::of).toList(),
                    list.span().toSeconds(),
                    list.overWait().toSeconds(),
                    null))
        .orElseGet(() -> new DropListView(name, List.of(), List.of(), 0, 0, drops.fault()));
  }
}
