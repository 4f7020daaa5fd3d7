package urnstew.app.batch;

import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import urnstew.app.batch.AsMadeView.MadeFormula;
import urnstew.app.batch.BatchEntries.Recorded;
import urnstew.app.batch.BatchView.BrokenPot;
import urnstew.app.batch.BatchView.EventView;
import urnstew.app.batch.BatchView.OnStove;
import urnstew.app.platform.Actor;
import urnstew.app.platform.PageTags;

@RestController
@RequestMapping(path = "/api/batches", produces = MediaType.APPLICATION_JSON_VALUE)
class BatchController {
  private final BatchStarter starter;
  private final BatchService batches;
  private final BatchEnds ends;
  private final BatchEntries entries;
  private final TakeBacks takeBacks;
  private final AsMadeService asMade;
  private final PageTags tags;

  BatchController(
      BatchStarter starter,
      BatchService batches,
      BatchEnds ends,
      BatchEntries entries,
      TakeBacks takeBacks,
      AsMadeService asMade,
      PageTags tags) {
    this.starter = starter;
    this.batches = batches;
    this.ends = ends;
    this.entries = entries;
    this.takeBacks = takeBacks;
    this.asMade = asMade;
    this.tags = tags;
  }

  @GetMapping
  ResponseEntity<List<OnStove>> batchesOnTheStove() {
    return tags.answer(batches.onStove());
  }

  @GetMapping("/broken")
  List<BrokenPot> brokenPots() {
    return batches.broken();
  }

  /** How long stages of a formula really took here. */
  @GetMapping("/stage-times")
  List<StageTimeView> stageTimes(@RequestParam String formulaId) {
    return batches.stageTimes(formulaId);
  }

  @GetMapping("/{id}")
  ResponseEntity<BatchView> batch(@PathVariable UUID id) {
    return tags.answer(batches.page(id));
  }

  @GetMapping("/{id}/events")
  List<EventView> eventsOfBatch(@PathVariable UUID id, @RequestParam int before) {
    return batches.eventsBefore(id, before);
  }

  @GetMapping("/{id}/as-made")
  AsMadeView asMade(@PathVariable UUID id) {
    return asMade.of(id);
  }

  /** What would be still to come if it were stopped now. */
  @GetMapping("/{id}/stopping")
  StoppingView stopping(@PathVariable UUID id) {
    return ends.stopping(id);
  }

  @PostMapping("/{id}/formulas")
  @ResponseStatus(HttpStatus.CREATED)
  MadeFormula keepAsFormula(@PathVariable UUID id, Actor actor) {
    return asMade.formula(id, actor);
  }

  @GetMapping(path = "/{id}/hand-over.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] printHandOver(@PathVariable UUID id) {
    return batches.handOver(id);
  }

  @GetMapping(path = "/{id}/readings.csv", produces = "text/csv")
  byte[] exportReadings(@PathVariable UUID id) {
    return batches.readings(id).getBytes(StandardCharsets.UTF_8);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  Recorded startBatch(@Valid @RequestBody Writes.StartBatch write, Actor actor) {
    return starter.start(write, actor);
  }

  @PostMapping("/{id}/simmer-starts")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded startSimmer(
      @PathVariable UUID id, @Valid @RequestBody Writes.SimmerStart write, Actor actor) {
    return entries.record(id, write, actor);
  }

  @PostMapping("/{id}/readings")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded takeReading(
      @PathVariable UUID id, @Valid @RequestBody Writes.TakeReading write, Actor actor) {
    return entries.record(id, write, actor);
  }

  @PostMapping("/{id}/pours")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded pour(@PathVariable UUID id, @Valid @RequestBody Writes.Pour write, Actor actor) {
    return entries.record(id, write, actor);
  }

  @PostMapping("/{id}/additions")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded addToPot(@PathVariable UUID id, @Valid @RequestBody Writes.Add write, Actor actor) {
    return entries.record(id, write, actor);
  }

  @PostMapping("/{id}/ladlings")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded ladleOut(@PathVariable UUID id, @Valid @RequestBody Writes.LadleOut write, Actor actor) {
    return entries.record(id, write, actor);
  }

  @PostMapping("/{id}/take-outs")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded takePiecesOut(
      @PathVariable UUID id, @Valid @RequestBody Writes.TakePiecesOut write, Actor actor) {
    return entries.record(id, write, actor);
  }

  @PostMapping("/{id}/come-overs")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded bringOver(
      @PathVariable UUID id, @Valid @RequestBody Writes.BringOver write, Actor actor) {
    return entries.record(id, write, actor);
  }

  @PostMapping("/{id}/heats")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded setHeat(@PathVariable UUID id, @Valid @RequestBody Writes.SetHeat write, Actor actor) {
    return entries.record(id, write, actor);
  }

  @PostMapping("/{id}/tastings")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded tastePot(@PathVariable UUID id, @Valid @RequestBody Writes.Taste write, Actor actor) {
    return entries.record(id, write, actor);
  }

  @PostMapping("/{id}/cup-trials")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded tryCups(@PathVariable UUID id, @Valid @RequestBody Writes.TryCups write, Actor actor) {
    return entries.record(id, write, actor);
  }

  @PostMapping("/{id}/targets")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded setTarget(
      @PathVariable UUID id, @Valid @RequestBody Writes.SetTarget write, Actor actor) {
    return entries.record(id, write, actor);
  }

  @PostMapping("/{id}/steps")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded doStep(@PathVariable UUID id, @Valid @RequestBody Writes.DoStep write, Actor actor) {
    return entries.record(id, write, actor);
  }

  @PostMapping("/{id}/strike-outs")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded strikeOut(
      @PathVariable UUID id, @Valid @RequestBody Writes.StrikeOut write, Actor actor) {
    return entries.record(id, write, actor);
  }

  @PostMapping("/{id}/take-backs")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded takeBack(@PathVariable UUID id, @Valid @RequestBody Writes.TakeBack write, Actor actor) {
    return takeBacks.takeBack(id, write, actor);
  }

  @PostMapping("/{id}/restorations")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded restore(@PathVariable UUID id, @Valid @RequestBody Writes.Restore write, Actor actor) {
    return entries.record(id, write, actor);
  }

  @PostMapping("/{id}/finishes")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded finishBatch(
      @PathVariable UUID id, @Valid @RequestBody Writes.Finish write, Actor actor) {
    return entries.record(id, write, actor);
  }
}
