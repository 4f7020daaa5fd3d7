package urnstew.core.serving.piece;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.conduction.BodyGrid.Side;
import urnstew.core.pantry.ReferenceTable;
import urnstew.units.Require;
import urnstew.units.Temperature;

/** What surrounds a piece while it cooks or rests; coefficients stand in the table of media. */
public enum Medium {
  /** Under a sauce that simmers or is kept just below. */
  POACH(40, 105),
  /** Above it, under a lid. */
  STEAM(80, 105),
  /** Still air of an oven. */
  OVEN(60, 300),
  /** Moved air of an oven. */
  FAN_OVEN(60, 300),
  /** On the floor of a hot pan, turned every minute. */
  PAN(100, 280),
  /** Out of the heat. */
  REST(0, 90);

  private record Coefficients(double[] watts, double[] wettest) {
    static Coefficients of(CSVRecord row) {
      return new Coefficients(three(row, ""), three(row, "wettest_"));
    }

    private static double[] three(CSVRecord row, String prefix) {
      return new double[] {
        number(row.get(prefix + "least")),
        number(row.get(prefix + "likely")),
        number(row.get(prefix + "most"))
      };
    }

    private static double number(String text) {
      return text.isEmpty() ? Double.POSITIVE_INFINITY : Double.parseDouble(text);
    }
  }

  private static final Map<Medium, Coefficients> SHIPPED = read();

  private final double coldest;
  private final double hottest;

  Medium(double coldest, double hottest) {
    this.coldest = coldest;
    this.hottest = hottest;
  }

  /** Whether it is the air of an oven. */
  public boolean isOven() {
    return this == OVEN || this == FAN_OVEN;
  }

  private static Map<Medium, Coefficients> read() {
    Map<Medium, Coefficients> all = new EnumMap<>(Medium.class);
    for (CSVRecord row : ReferenceTable.rows("media")) {
      all.put(valueOf(row.get("medium")), Coefficients.of(row));
    }
    return all;
  }

  /** Heat transfer at its surface, W/(m² K). */
  public double wattsPerSquareMeterKelvin(Pace pace) {
    return at(coefficients().watts(), pace);
  }

  /** Hottest that a wet surface gets in it, °C; infinite where it does not dry. */
  public double wettestCelsius(Pace pace) {
    return at(coefficients().wettest(), pace);
  }

  private Coefficients coefficients() {
    return Objects.requireNonNull(SHIPPED.get(this));
  }

  private static double at(double[] three, Pace pace) {
    return three[1 - pace.later()];
  }

  /** What a face meets in it. */
  Side side(Pace pace, double celsius) {
    return new Side(wattsPerSquareMeterKelvin(pace), celsius, wettestCelsius(pace));
  }

  /** The hottest that a core can become in it, °C. */
  double reachesCelsius(Pace pace, double celsius) {
    return Math.min(celsius, wettestCelsius(pace));
  }

  /** Checks that it can be so hot; the field is {@code medium}. */
  void require(Temperature celsius) {
    Require.within("mediumCelsius", celsius.celsius(), coldest, hottest, "°C");
  }

  /** As a cook says it, with its temperature before it. */
  public String inWords() {
    return switch (this) {
      case POACH -> "sauce";
      case FAN_OVEN -> "oven, fan on";
      case REST -> "rest";
      default -> name().toLowerCase(Locale.ROOT);
    };
  }
}
