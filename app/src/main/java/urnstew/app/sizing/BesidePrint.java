package urnstew.app.sizing;

import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import urnstew.app.print.Printed;
import urnstew.app.serving.ServedBeside;
import urnstew.core.serving.pasta.PastaAtStove;

/**
 * What goes with a dish on paper: how much, and the hours of pasta counted back from the plates.
 */
final class BesidePrint {
  private final Printed printed;

  BesidePrint(Printed printed) {
    this.printed = printed;
  }

  /** Its name, and what to do. */
  List<String> row(ServedBeside one) {
    String much =
        one.piece().map(BesidePrint::pieces).orElse("")
            + printed.mass(one.beside().raw().kilograms())
            + one.goods().map(BesidePrint::place).orElse(" raw")
            + ", for "
            + one.beside().covers();
    return List.of(
        one.beside().name(),
        Stream.of(
                Stream.of(much),
                one.pasta().map(pasta -> boiled(pasta.stove())).stream(),
                one.piece().map(BesidePrint::core).stream(),
                one.warnings().stream())
            .flatMap(words -> words)
            .collect(Collectors.joining(". ")));
  }

  private static String pieces(ServedBeside.PieceServed piece) {
    return piece.count() + (piece.count() == 1 ? " piece, " : " pieces, ");
  }

  private static String place(ServedBeside.GoodsServed goods) {
    return goods.overSauce() ? " over the sauce" : " beside it";
  }

  private String boiled(PastaAtStove stove) {
    return printed.mass(stove.water().kilograms())
        + " of water with "
        + printed.mass(stove.salt().kilograms())
        + " of salt; before the plates: light "
        + minutes(stove.litBefore())
        + ", in "
        + minutes(stove.dropBefore())
        + ", out "
        + minutes(stove.outBefore());
  }

  private static String core(ServedBeside.PieceServed piece) {
    return String.format(
            Locale.ROOT,
            "%.0f mm; core %.0f °C by taste",
            piece.cooking().piece().thickness().millimeters(),
            piece.cooking().taste().celsius())
        + piece
            .rule()
            .map(
                rule ->
                    String.format(Locale.ROOT, ", %.0f by the code", rule.row().core().celsius())
                        + ", met after "
                        + minutes(rule.enough()))
            .orElse(", by the code never in this heat");
  }

  private static String minutes(Duration time) {
    return Math.max(1, Math.round(time.toSeconds() / 60.0)) + " min";
  }
}
