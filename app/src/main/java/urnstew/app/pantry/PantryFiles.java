package urnstew.app.pantry;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.pantry.PantryCsv.Row;
import urnstew.app.pantry.PantryCsv.RowFault;
import urnstew.units.InvalidInput;

/** The pantry out as a table, and in. */
@Service
public class PantryFiles {
  private final PantryService pantry;

  PantryFiles(PantryService pantry) {
    this.pantry = pantry;
  }

  /** What became of a table: rows that were taken, that said nothing new, and that were refused. */
  record TakenRows(int taken, int unchanged, List<RowFault> faults) {}

  /** Everything that is not put away. */
  @Transactional(readOnly = true)
  public String out() {
    return PantryCsv.write(pantry.all().stream().filter(view -> !view.retired()).toList());
  }

  /** Takes every good row in, each by itself; a bad one is reported and stops nobody. */
  TakenRows in(String text) {
    PantryCsv.Read read = PantryCsv.read(text);
    List<RowFault> faults = new ArrayList<>(read.faults());
    Map<String, IngredientView> before =
        pantry.all().stream().collect(Collectors.toMap(IngredientView::id, Function.identity()));
    int taken = 0;
    int unchanged = 0;
    for (Row row : read.rows()) {
      IngredientView was = before.get(row.id());
      if (was != null && isSame(was, row)) {
        unchanged++;
      } else if (isTaken(row, was == null ? 0 : was.version(), faults)) {
        taken++;
      }
    }
    return new TakenRows(taken, unchanged, faults);
  }

  /** The table rounds; what it would write of both must be the same. */
  private static boolean isSame(IngredientView was, Row row) {
    return PantryCsv.line(row.id(), was.content()).equals(PantryCsv.line(row.id(), row.content()));
  }

  private boolean isTaken(Row row, int version, List<RowFault> faults) {
    try {
      pantry.put(row.id(), row.content(), version);
      return true;
    } catch (InvalidInput fault) {
      faults.add(
          new RowFault(row.line(), fault.parameter(), fault.getMessage() + " " + fault.remedy()));
      return false;
    }
  }
}
