package urnstew.app.panel;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
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
import urnstew.app.panel.PanelView.TasterView;
import urnstew.app.platform.Actor;

@RestController
@RequestMapping(path = "/api/panels", produces = MediaType.APPLICATION_JSON_VALUE)
class PanelController {
  private final PanelService panels;

  PanelController(PanelService panels) {
    this.panels = panels;
  }

  /** An answer: the codes, the best first. */
  record VoteSheet(@NotNull List<@NotNull Integer> codes, @NotNull @Size(max = 500) String note) {}

  @GetMapping
  List<PanelView> panelsOfBatch(@RequestParam UUID batchId) {
    return panels.ofBatch(batchId);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  PanelView openPanel(@Valid @RequestBody PanelSheet sheet, Actor actor) {
    return panels.open(sheet, actor);
  }

  @GetMapping("/{id}")
  PanelView panel(@PathVariable UUID id) {
    return panels.panel(id);
  }

  @PostMapping("/{id}/closing")
  PanelView closePanel(@PathVariable UUID id, Actor actor) {
    return panels.close(id, actor);
  }

  @PutMapping("/{id}/seats/{device}")
  TasterView sitDown(@PathVariable UUID id, @PathVariable UUID device, Actor actor) {
    return panels.sit(id, device, actor);
  }

  @PutMapping("/{id}/seats/{device}/vote")
  TasterView vote(
      @PathVariable UUID id,
      @PathVariable UUID device,
      @Valid @RequestBody VoteSheet vote,
      Actor actor) {
    return panels.vote(id, device, vote.codes(), vote.note(), actor);
  }
}
