package urnstew.app.lots;

import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import urnstew.app.batch.Writes;
import urnstew.app.lots.LotView.ReadyView;
import urnstew.app.lots.LotView.TraceStep;
import urnstew.app.lots.LotView.TraceView;
import urnstew.app.lots.LotView.TubPreview;
import urnstew.app.platform.Actor;

@RestController
@RequestMapping(path = "/api/lots", produces = MediaType.APPLICATION_JSON_VALUE)
class LotController {
  private final LotService lots;
  private final LotFilling filling;
  private final LotTakeBacks takeBacks;
  private final LotTrace trace;
  private final LotLabels labels;
  private final UseUpService useUp;

  LotController(
      LotService lots,
      LotFilling filling,
      LotTakeBacks takeBacks,
      LotTrace trace,
      LotLabels labels,
      UseUpService useUp) {
    this.lots = lots;
    this.filling = filling;
    this.takeBacks = takeBacks;
    this.trace = trace;
    this.labels = labels;
    this.useUp = useUp;
  }

  @GetMapping
  List<LotView> openLots() {
    return lots.open();
  }

  @GetMapping("/{id}")
  LotView lot(@PathVariable UUID id) {
    return lots.view(id);
  }

  @GetMapping("/ideas")
  List<IdeaView> whatToCook() {
    return useUp.ideas();
  }

  @GetMapping("/ready")
  ReadyView readyInTubs(
      @RequestParam String formulaId, @RequestParam double kilograms, @RequestParam int covers) {
    return lots.ready(formulaId, kilograms, covers);
  }

  @GetMapping("/{id}/trace")
  TraceView traceLot(@PathVariable UUID id) {
    return trace.ofLot(id);
  }

  @GetMapping("/recall")
  List<TraceStep> recall(@RequestParam String code) {
    return trace.recall(code);
  }

  @GetMapping(path = "/{id}/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] printLabels(@PathVariable UUID id) {
    String here = ServletUriComponentsBuilder.fromCurrentContextPath().build().toUriString();
    return labels.pdf(lots.view(id), here);
  }

  @PostMapping("/preview")
  TubPreview previewTubs(@Valid @RequestBody LotWrites.PutAway write) {
    return filling.preview(write);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  LotView putAway(@Valid @RequestBody LotWrites.PutAway write, Actor actor) {
    return filling.putAway(write, actor);
  }

  @PostMapping("/mergers")
  @ResponseStatus(HttpStatus.CREATED)
  LotView mergeLots(@Valid @RequestBody LotWrites.Merge write, Actor actor) {
    return lots.merge(write, actor);
  }

  @PostMapping("/{id}/moves")
  @ResponseStatus(HttpStatus.CREATED)
  LotView moveLot(@PathVariable UUID id, @Valid @RequestBody LotWrites.Move write, Actor actor) {
    return lots.move(id, write, actor);
  }

  @PostMapping("/{id}/uses")
  @ResponseStatus(HttpStatus.CREATED)
  LotView useLot(@PathVariable UUID id, @Valid @RequestBody LotWrites.Use write, Actor actor) {
    return lots.use(id, write, actor);
  }

  @PostMapping("/{id}/splits")
  @ResponseStatus(HttpStatus.CREATED)
  LotView splitLot(@PathVariable UUID id, @Valid @RequestBody LotWrites.Split write, Actor actor) {
    return lots.split(id, write, actor);
  }

  @PostMapping("/{id}/discards")
  @ResponseStatus(HttpStatus.CREATED)
  LotView discardLot(
      @PathVariable UUID id, @Valid @RequestBody LotWrites.Discard write, Actor actor) {
    return lots.discard(id, write, actor);
  }

  @PostMapping("/{id}/take-backs")
  @ResponseStatus(HttpStatus.CREATED)
  LotView takeBackOfLot(
      @PathVariable UUID id, @Valid @RequestBody Writes.TakeBack write, Actor actor) {
    return takeBacks.takeBack(id, write, actor);
  }

  @PostMapping("/{id}/relabelling")
  LotView relabelLot(@PathVariable UUID id, Actor actor) {
    return lots.relabelled(id, actor);
  }

  @PutMapping("/{id}/wanted")
  LotView wantLot(
      @PathVariable UUID id, @Valid @RequestBody LotWrites.WantedAt wanted, Actor actor) {
    return lots.want(id, wanted, actor);
  }

  @GetMapping("/sources/{batchId}")
  List<TraceStep> batchSources(@PathVariable UUID batchId) {
    return trace.sources(batchId);
  }

  @PostMapping("/sources/{batchId}")
  @ResponseStatus(HttpStatus.CREATED)
  List<TraceStep> addBatchSource(
      @PathVariable UUID batchId, @Valid @RequestBody LotWrites.Source write, Actor actor) {
    return trace.addSource(batchId, write, actor);
  }
}
