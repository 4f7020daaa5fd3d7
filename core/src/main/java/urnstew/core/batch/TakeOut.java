package urnstew.core.batch;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVRecord;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageRole;
import urnstew.core.pantry.ReferenceTable;
import urnstew.core.sizing.PieceCount;

/**
 * Something that goes in to be taken out again before the sauce leaves its pot.
 *
 * @param key what is ticked
 * @param what in words, with how many where they can be counted
 * @param missing what to do where not all of them are found
 */
record TakeOut(String key, String what, String missing) {
  private static final List<CSVRecord> ROWS = ReferenceTable.rows("take-outs");
  private static final Pattern COUNTED = Pattern.compile("^(\\d+) (.+)$");
  private static final double ROUNDING = 1e-6;
  private static final int SHORTEST_WORD = 3;

  /** Of all stages up to the end of the simmer; what the finish lets in comes out on the plate. */
  static List<TakeOut> of(ResolvedFormula batch) {
    List<TakeOut> all = new ArrayList<>();
    List<Stage> stages = batch.formula().stages();
    for (int stage = 0; stage < stages.size(); stage++) {
      List<String> takeOuts = stages.get(stage).takeOuts();
      boolean before = stages.get(stage).role() != StageRole.FINISH;
      for (int place = 0; before && place < takeOuts.size(); place++) {
        String key = "takeout-" + stage + "-" + place;
        String text = takeOuts.get(place).toLowerCase(Locale.ROOT);
        counted(text, batch).ifPresent(what -> all.add(new TakeOut(key, what, missing(text))));
      }
    }
    return all;
  }

  /** How many of it there are in this batch; empty where the chosen way cuts it small. */
  private static Optional<String> counted(String text, ResolvedFormula batch) {
    Matcher number = COUNTED.matcher(text);
    if (number.matches()) {
      double many = Integer.parseInt(number.group(1)) * batch.scaleFactor();
      return Optional.of((long) Math.ceil(many - ROUNDING) + " " + number.group(2));
    }
    List<Portion> named =
        batch.portions().stream().filter(portion -> names(text, portion)).toList();
    List<Portion> whole =
        named.stream().filter(one -> one.note().isEmpty() || ResolvedFormula.isUncut(one)).toList();
    double pieces =
        whole.stream()
            .mapToDouble(portion -> PieceCount.of(portion).map(PieceCount::count).orElse(0.0))
            .sum();
    if (pieces > 0) {
      return Optional.of(String.format(Locale.ROOT, "%.0f × %s", Math.ceil(pieces), text));
    }
    return named.isEmpty() || !whole.isEmpty() ? Optional.of(text) : Optional.empty();
  }

  /** Whether a word of it is the ingredient's. */
  private static boolean names(String text, Portion portion) {
    List<String> name = words(portion.ingredient().name().toLowerCase(Locale.ROOT));
    return words(text).stream().anyMatch(name::contains);
  }

  private static List<String> words(String text) {
    return Arrays.stream(text.split("[^\\p{L}]+"))
        .filter(word -> word.length() >= SHORTEST_WORD)
        .map(word -> word.replaceAll("s$", ""))
        .toList();
  }

  private static String missing(String text) {
    return ROWS.stream()
        .filter(row -> text.contains(row.get("word")))
        .findFirst()
        .map(row -> row.get("missing"))
        .orElseThrow();
  }
}
