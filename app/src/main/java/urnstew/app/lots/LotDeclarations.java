package urnstew.app.lots;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import urnstew.app.batch.BatchDeclarations;
import urnstew.app.lots.LotMapper.LinkRow;
import urnstew.app.lots.LotMapper.LotRow;
import urnstew.app.lots.store.LotDocuments;
import urnstew.core.formula.Declaration;

/**
 * What eaters of a lot have to be told. It is stored when the tubs are filled; a lot of an earlier
 * release has only the words of its labels, and what it should say is reckoned from what went in.
 */
@Component
class LotDeclarations {
  private final LotMapper mapper;
  private final BatchDeclarations made;

  LotDeclarations(LotMapper mapper, BatchDeclarations made) {
    this.mapper = mapper;
    this.made = made;
  }

  Declaration of(LotRow row) {
    String stored = row.declaration();
    return stored == null ? reckoned(row) : LotDocuments.DECLARATION.read(stored);
  }

  /** Of its own batch, and of every lot that was merged into it. */
  private Declaration reckoned(LotRow row) {
    Stream<LotRow> before =
        mapper.ancestors(row.id()).stream()
            .map(LinkRow::fromId)
            .distinct()
            .flatMap(id -> mapper.find(id).stream());
    return Stream.concat(Stream.of(row), before)
        .map(each -> made.of(each.batchId(), each.formulaId()))
        .reduce(Declaration::and)
        .orElseThrow();
  }

  /** Whether labels were printed that name less, or more, than what is in it. */
  static boolean differsFromItsLabels(LotRow row, Declaration told) {
    if (row.declaration() != null) {
      return false;
    }
    Set<String> printed =
        Arrays.stream(row.allergens().split(", "))
            .filter(word -> !word.isEmpty())
            .collect(Collectors.toSet());
    Set<String> carried =
        told.allergens().stream().map(each -> each.allergen().words()).collect(Collectors.toSet());
    boolean calledNothing = printed.isEmpty() && !told.carriesNothing();
    return calledNothing || !printed.equals(carried);
  }

  void declare(UUID id, Declaration told) {
    mapper.declare(id, write(told), words(told));
  }

  String write(Declaration told) {
    return LotDocuments.DECLARATION.write(told);
  }

  /** The declaration in the words of a label. */
  String words(Declaration told) {
    List<String> words = told.inWords();
    return String.join("; ", words);
  }
}
