package urnstew.core.formula;

import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;
import urnstew.units.Length;
import urnstew.units.Mass;
import urnstew.units.MassFraction;
import urnstew.units.Temperature;
import urnstew.units.Volume;

/** How the stages of shipped formulas go, as their table writes it. */
final class ReferenceCourses {
  private ReferenceCourses() {}

  static StageCourse read(CSVRecord row) {
    String vessel = row.get("vessel");
    return new StageCourse(
        vessel.isEmpty() ? StageVessel.POT : StageVessel.valueOf(vessel),
        end(row.get("end")),
        "",
        ReferenceFormulas.number(row, "hands_minutes")
            .map(minutes -> Duration.ofSeconds(Math.round(60 * minutes))),
        ReferenceFormulas.words(row, "tools", ";").map(Tool::of).toList(),
        ReferenceFormulas.words(row, "moves", ";").map(ReferenceCourses::move).toList());
  }

  private static StageEnd end(String text) {
    String[] parts = text.split(" ");
    return switch (parts[0]) {
      case "" -> new StageEnd.Unsaid();
      case "MINUTES" -> new StageEnd.Minutes();
      case "CUE" -> new StageEnd.Cue();
      case "ALL_IN" -> new StageEnd.AllIn();
      case "THICK" -> new StageEnd.Thick();
      case "SOLIDS" -> new StageEnd.ThickAs(MassFraction.ofPercent(number(parts)));
      case "MASS" -> new StageEnd.DownToMass(Mass.ofGrams(number(parts)));
      case "VOLUME" -> new StageEnd.DownToVolume(Volume.ofLiters(number(parts) / 1000));
      case "DEPTH" -> new StageEnd.DownToDepth(Length.ofMillimeters(number(parts)));
      case "WARM" -> new StageEnd.Warm(Temperature.ofCelsius(number(parts)));
      default -> throw new IllegalStateException("No such end of a stage: " + text);
    };
  }

  private static double number(String[] parts) {
    return Double.parseDouble(parts[1]);
  }

  /** As 'OUT swordfish' or 'BACK cod @3 *50'. */
  private static PieceMove move(String text) {
    String[] parts = text.strip().split(" ");
    return new PieceMove(
        PieceMove.Way.valueOf(parts[0]),
        parts[1],
        MassFraction.ofPercent(after(parts, '*').orElse(100.0)),
        after(parts, '@').map(minutes -> Duration.ofSeconds(Math.round(60 * minutes))));
  }

  private static Optional<Double> after(String[] parts, char sign) {
    return Arrays.stream(parts)
        .filter(part -> part.charAt(0) == sign)
        .map(part -> Double.valueOf(part.substring(1)))
        .findFirst();
  }
}
