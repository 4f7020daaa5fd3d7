package urnstew.app.logbook;

import jakarta.validation.Valid;
import java.time.Duration;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import urnstew.app.logbook.StageNote.StageNotes;
import urnstew.app.platform.Actor;

@RestController
@RequestMapping(path = "/api/stage-notes", produces = MediaType.APPLICATION_JSON_VALUE)
class StageNoteController {
  private final StageNoteService notes;

  StageNoteController(StageNoteService notes) {
    this.notes = notes;
  }

  @GetMapping
  StageNotes stageNotes(@RequestParam UUID batchId) {
    return notes.of(batchId);
  }

  /** A photo never changes. */
  @GetMapping(path = "/{id}/photo", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> photo(@PathVariable UUID id) {
    CacheControl kept = CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable();
    return ResponseEntity.ok().cacheControl(kept).body(notes.photo(id));
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  StageNote noteStage(@Valid @RequestBody StageNoteWrite write, Actor actor) {
    return notes.note(write, actor);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removeStageNote(@PathVariable UUID id, Actor actor) {
    notes.remove(id, actor);
  }
}
