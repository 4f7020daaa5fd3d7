package urnstew.core.pantry;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVRecord;
import urnstew.units.MassFraction;

/** The words that are understood in a note beside an ingredient, longest first. */
public final class Handlings {
  private static final Handlings SHIPPED =
      new Handlings(ReferenceTable.rows("handlings").stream().map(Handlings::handling).toList());

  private final List<Word> words;

  private record Word(Handling handling, Pattern pattern) {
    Word(Handling handling) {
      this(handling, Pattern.compile("\\b" + Pattern.quote(handling.word()) + "\\b"));
    }
  }

  private Handlings(List<Handling> all) {
    words =
        all.stream()
            .sorted(Comparator.comparing(handling -> -handling.word().length()))
            .map(Word::new)
            .toList();
  }

  /** The shipped words. */
  public static Handlings shipped() {
    return SHIPPED;
  }

  /** What a note says of an ingredient; each stretch of the note is read once. */
  public List<Handling> in(String note, Ingredient ingredient) {
    if (note.isEmpty()) {
      return List.of();
    }
    String rest = note.toLowerCase(Locale.ROOT);
    List<Handling> found = new ArrayList<>();
    for (Word word : words) {
      if (word.handling().fits(ingredient) && word.pattern().matcher(rest).find()) {
        found.add(word.handling());
        rest = word.pattern().matcher(rest).replaceAll("|");
      }
    }
    return found;
  }

  /** A text without the words that are understood here. */
  String takenOutOf(String text) {
    String rest = text.toLowerCase(Locale.ROOT);
    for (Word word : words) {
      rest = word.pattern().matcher(rest).replaceAll(" ");
    }
    return rest;
  }

  private static Handling handling(CSVRecord row) {
    return new Handling(
        row.get("word"),
        Set.of(row.get("for").split(" ")),
        Double.parseDouble(row.get("kept_percent")) / 100,
        number(row, "lost_solids_percent").map(MassFraction::ofPercent),
        row.get("stays_whole").equals("yes"),
        Duration.ofMinutes(number(row, "lead_minutes").orElse(0.0).longValue()),
        number(row, "minutes_per_kg").orElse(0.0),
        row.get("tool"),
        MassFraction.ofPercent(number(row, "salt_percent").orElse(0.0)));
  }

  private static Optional<Double> number(CSVRecord row, String column) {
    String text = row.get(column);
    return text.isEmpty() ? Optional.empty() : Optional.of(Double.valueOf(text));
  }
}
