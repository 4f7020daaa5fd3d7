package urnstew.app.batch;

import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import urnstew.app.batch.BatchService.Recorded;
import urnstew.app.platform.Actor;

@RestController
@RequestMapping(path = "/api/batches", produces = MediaType.APPLICATION_JSON_VALUE)
class BatchController {
  private final BatchStarter starter;
  private final BatchService batches;

  BatchController(BatchStarter starter, BatchService batches) {
    this.starter = starter;
    this.batches = batches;
  }

  @GetMapping
  List<BatchView> simmeringBatches() {
    return batches.simmering();
  }

  @GetMapping("/{id}")
  BatchView batch(@PathVariable UUID id) {
    return batches.view(id);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  Recorded startBatch(@Valid @RequestBody Writes.StartBatch write) {
    return starter.start(write, Actor.KITCHEN);
  }

  @PostMapping("/{id}/simmer-starts")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded startSimmer(@PathVariable UUID id, @Valid @RequestBody Writes.SimmerStart write) {
    return batches.startSimmer(id, write, Actor.KITCHEN);
  }

  @PostMapping("/{id}/readings")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded takeReading(@PathVariable UUID id, @Valid @RequestBody Writes.TakeReading write) {
    return batches.read(id, write, Actor.KITCHEN);
  }

  @PostMapping("/{id}/strike-outs")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded strikeOutReading(@PathVariable UUID id, @Valid @RequestBody Writes.StrikeOut write) {
    return batches.strikeOut(id, write, Actor.KITCHEN);
  }

  @PostMapping("/{id}/restorations")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded restoreReading(@PathVariable UUID id, @Valid @RequestBody Writes.Restore write) {
    return batches.restore(id, write, Actor.KITCHEN);
  }

  @PostMapping("/{id}/finishes")
  @ResponseStatus(HttpStatus.CREATED)
  Recorded finishBatch(@PathVariable UUID id, @Valid @RequestBody Writes.Finish write) {
    return batches.finish(id, write, Actor.KITCHEN);
  }
}
