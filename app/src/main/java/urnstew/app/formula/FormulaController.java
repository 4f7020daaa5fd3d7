package urnstew.app.formula;

import static urnstew.app.platform.Fields.at;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import urnstew.app.formula.FormulaFiles.TakenIn;
import urnstew.app.platform.Actor;
import urnstew.core.formula.School;
import urnstew.core.pantry.Avoid;

@RestController
@RequestMapping(path = "/api/formulas", produces = MediaType.APPLICATION_JSON_VALUE)
class FormulaController {
  private final FormulaReading reading;
  private final FormulaShelf shelf;
  private final FormulaWriter writer;
  private final FormulaFiles files;

  FormulaController(
      FormulaReading reading, FormulaShelf shelf, FormulaWriter writer, FormulaFiles files) {
    this.reading = reading;
    this.shelf = shelf;
    this.writer = writer;
    this.files = files;
  }

  @GetMapping
  List<FormulaSummary> formulas() {
    return reading.all();
  }

  /** Ways of making it, where it offers several. */
  record Ways(@NotNull List<School> schools, @Nullable Integer version) {}

  @PostMapping("/{id}/reading")
  FormulaView formula(@PathVariable String id, @Valid @RequestBody Ways ways) {
    return reading.one(id, ways.version(), ways.schools());
  }

  /** A formula as it is written, of the latest version where none is named. */
  @GetMapping("/{id}/sheet")
  FormulaSheet sheet(
      @PathVariable String id, @RequestParam(required = false) @Nullable Integer version) {
    return FormulaSheet.of(
        version == null
            ? at("id", () -> shelf.formula(id))
            : at("version", () -> shelf.version(id, version)));
  }

  @PostMapping("/analysis")
  AnalysisView analysis(@Valid @RequestBody FormulaSheet sheet) {
    return reading.analysis(sheet);
  }

  /** A list of ingredients as it was pasted. */
  record Pasted(@NotNull String text) {}

  @PostMapping("/lines")
  List<LineReading> lines(@Valid @RequestBody Pasted pasted) {
    return reading.lines(pasted.text());
  }

  /** The next version of a formula, and why it was written. */
  record NextVersion(@NotNull @Valid FormulaSheet sheet, @NotNull String note) {}

  /** Writes; {@code If-Match} names the version it was started from, 0 for a new formula. */
  @PutMapping("/{id}")
  FormulaView write(
      @PathVariable String id,
      @Valid @RequestBody NextVersion next,
      @RequestHeader("If-Match") int seen,
      Actor actor) {
    writer.write(id, next.sheet(), seen, next.note(), actor);
    return reading.one(id, null, List.of());
  }

  @PutMapping("/{id}/retired")
  FormulaView retire(@PathVariable String id, @RequestParam boolean retired, Actor actor) {
    writer.retire(id, retired, actor);
    return reading.one(id, null, List.of());
  }

  @GetMapping(path = "/{id}/file", produces = "application/ld+json")
  ResponseEntity<String> file(@PathVariable String id) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + id + ".jsonld\"")
        .body(files.out(id));
  }

  /** A file as text, and the identity that its formula is to have. */
  record FileIn(@NotNull @Pattern(regexp = "[A-Za-z0-9-]{1,60}") String id, @NotNull String text) {}

  @PostMapping("/files")
  TakenIn takeIn(@Valid @RequestBody FileIn in, Actor actor) {
    return files.in(in.id(), in.text(), actor);
  }

  /** What somebody leaves out, in the ways of making it. */
  record LeavingOut(@NotNull List<School> schools, @NotNull List<Avoid> avoid) {}

  @PostMapping("/{id}/without")
  WithoutView without(@PathVariable String id, @Valid @RequestBody LeavingOut leaving) {
    return reading.without(id, leaving.schools(), leaving.avoid());
  }
}
