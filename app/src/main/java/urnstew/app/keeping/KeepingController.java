package urnstew.app.keeping;

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
import urnstew.app.batch.Writes;
import urnstew.app.keeping.KeepingService.Kept;
import urnstew.app.keeping.KeepingView.CoolingPreview;
import urnstew.app.keeping.KeepingView.WayView;
import urnstew.app.platform.Actor;

@RestController
@RequestMapping(path = "/api/keepings", produces = MediaType.APPLICATION_JSON_VALUE)
class KeepingController {
  private final KeepingService keepings;
  private final KeepingStarter starter;
  private final KeptTakeBacks takeBacks;

  KeepingController(KeepingService keepings, KeepingStarter starter, KeptTakeBacks takeBacks) {
    this.keepings = keepings;
    this.starter = starter;
    this.takeBacks = takeBacks;
  }

  @GetMapping
  List<KeepingView> openKeepings() {
    return keepings.open();
  }

  @GetMapping("/of-batch/{batchId}")
  List<KeepingView> keepingsOfBatch(@PathVariable UUID batchId) {
    return keepings.ofBatch(batchId);
  }

  @GetMapping("/{id}")
  KeepingView keeping(@PathVariable UUID id) {
    return keepings.view(id);
  }

  @GetMapping(path = "/{id}/record.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] printKeepingRecord(@PathVariable UUID id) {
    return keepings.record(id);
  }

  @GetMapping("/{id}/ways")
  List<WayView> waysToCool(@PathVariable UUID id) {
    return starter.ways(id);
  }

  @PostMapping("/cooling-preview")
  CoolingPreview previewCooling(@Valid @RequestBody KeepingWrites.PreviewCooling write) {
    return starter.preview(write);
  }

  @PostMapping("/coolings")
  @ResponseStatus(HttpStatus.CREATED)
  Kept startCooling(@Valid @RequestBody KeepingWrites.StartCooling write, Actor actor) {
    return starter.cool(write, actor);
  }

  @PostMapping("/holds")
  @ResponseStatus(HttpStatus.CREATED)
  Kept startHold(@Valid @RequestBody KeepingWrites.StartHold write, Actor actor) {
    return starter.hold(write, actor);
  }

  @PostMapping("/set-outs")
  @ResponseStatus(HttpStatus.CREATED)
  Kept setOut(@Valid @RequestBody KeepingWrites.SetOut write, Actor actor) {
    return starter.setOut(write, actor);
  }

  @PostMapping("/{id}/readings")
  @ResponseStatus(HttpStatus.CREATED)
  Kept readTemperature(
      @PathVariable UUID id, @Valid @RequestBody KeepingWrites.ReadTemperature write, Actor actor) {
    return keepings.record(id, write, actor);
  }

  @PostMapping("/{id}/placings")
  @ResponseStatus(HttpStatus.CREATED)
  Kept placeOtherwise(
      @PathVariable UUID id, @Valid @RequestBody KeepingWrites.PlaceOtherwise write, Actor actor) {
    return keepings.record(id, write, actor);
  }

  @PostMapping("/{id}/stirrings")
  @ResponseStatus(HttpStatus.CREATED)
  Kept stir(@PathVariable UUID id, @Valid @RequestBody KeepingWrites.Stir write, Actor actor) {
    return keepings.record(id, write, actor);
  }

  @PostMapping("/{id}/reheatings")
  @ResponseStatus(HttpStatus.CREATED)
  Kept reheat(@PathVariable UUID id, @Valid @RequestBody KeepingWrites.Reheat write, Actor actor) {
    return keepings.record(id, write, actor);
  }

  @PostMapping("/{id}/top-ups")
  @ResponseStatus(HttpStatus.CREATED)
  Kept topUp(@PathVariable UUID id, @Valid @RequestBody KeepingWrites.TopUp write, Actor actor) {
    return keepings.record(id, write, actor);
  }

  @PostMapping("/{id}/strike-outs")
  @ResponseStatus(HttpStatus.CREATED)
  Kept strikeOutOfKeeping(
      @PathVariable UUID id, @Valid @RequestBody KeepingWrites.StrikeOut write, Actor actor) {
    return keepings.record(id, write, actor);
  }

  @PostMapping("/{id}/closings")
  @ResponseStatus(HttpStatus.CREATED)
  Kept closeKeeping(
      @PathVariable UUID id, @Valid @RequestBody KeepingWrites.Close write, Actor actor) {
    return keepings.close(id, write, actor);
  }

  @PostMapping("/{id}/take-backs")
  @ResponseStatus(HttpStatus.CREATED)
  Kept takeBackOfKeeping(
      @PathVariable UUID id, @Valid @RequestBody Writes.TakeBack write, Actor actor) {
    return takeBacks.takeBack(id, write, actor);
  }
}
