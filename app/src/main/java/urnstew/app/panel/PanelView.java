package urnstew.app.panel;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A panel for the one who asks.
 *
 * @param contains what tasters are told of all the cups together
 * @param cups with their codes; what they got only once it is closed
 * @param seats that phones took, with the order of their cups
 * @param voted how many have answered
 * @param result once it is closed
 */
public record PanelView(
    UUID id,
    @Nullable UUID batchId,
    String title,
    Instant openedAt,
    boolean closed,
    String contains,
    List<CupView> cups,
    List<SeatView> seats,
    int voted,
    @Nullable ResultView result) {

  /** One cup. */
  public record CupView(
      String what,
      int code,
      @Nullable Integer best,
      @Nullable Integer worst,
      @Nullable Integer rankSum) {}

  /** One seat. */
  public record SeatView(int seat, List<Integer> codes, boolean voted, String note) {}

  /** What it proves. */
  public record ResultView(double chance, boolean proves, String words) {}

  /**
   * What a taster sees: never what is in a cup.
   *
   * @param contains what eaters have to be told of all the cups together
   * @param codes in the order of tasting
   * @param ranked the codes as answered, the best first; empty where nothing was answered yet
   */
  public record TasterView(
      UUID panelId,
      String title,
      int seat,
      List<Integer> codes,
      List<Integer> ranked,
      String contains,
      boolean closed) {}
}
