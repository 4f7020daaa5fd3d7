package urnstew.app.pantry;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.pantry.PantryCsv.Row;
import urnstew.app.pantry.PantryCsv.RowFault;
import urnstew.app.pantry.PantryService.Draft;
import urnstew.app.platform.Actor;
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

  /** Takes every good row in; a bad one is reported and stops nobody. */
  TakenRows in(String text, Actor actor) {
    PantryCsv.Read read = PantryCsv.read(text);
    Map<String, IngredientView> before =
        pantry.all().stream().collect(Collectors.toMap(IngredientView::id, Function.identity()));
    List<Row> news =
        read.rows().stream().filter(row -> !isSame(before.get(row.id()), row)).toList();
    Map<Integer, InvalidInput> refused =
        pantry.putAll(news.stream().map(row -> new Draft(row.id(), row.content())).toList(), actor);
    List<RowFault> faults = new ArrayList<>(read.faults());
    refused.forEach(
        (place, fault) ->
            faults.add(
                new RowFault(
                    news.get(place).line(),
                    PantryCsv.column(fault.parameter()),
                    fault.getMessage() + " " + fault.remedy())));
    return new TakenRows(news.size() - refused.size(), read.rows().size() - news.size(), faults);
  }

  /** The table rounds; what it would write of both must be the same. */
  private static boolean isSame(@Nullable IngredientView was, Row row) {
    return was != null
        && PantryCsv.line(row.id(), was.content()).equals(PantryCsv.line(row.id(), row.content()));
  }
}
