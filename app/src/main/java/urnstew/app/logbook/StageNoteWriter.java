package urnstew.app.logbook;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import urnstew.app.batch.BatchService;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.platform.Actor;
import urnstew.app.platform.IdempotencyStore;
import urnstew.app.platform.NotFoundException;
import urnstew.app.platform.Write;
import urnstew.core.formula.Stage;
import urnstew.units.InvalidInput;

/** Writes how a stage looked. */
@Service
public class StageNoteWriter {
  private final StageNoteMapper notes;
  private final BatchService batches;
  private final KitchenService kitchens;
  private final IdempotencyStore writes;
  private final Clock clock;

  StageNoteWriter(
      StageNoteMapper notes,
      BatchService batches,
      KitchenService kitchens,
      IdempotencyStore writes,
      Clock clock) {
    this.notes = notes;
    this.batches = batches;
    this.kitchens = kitchens;
    this.writes = writes;
    this.clock = clock;
  }

  /**
   * Notes how a stage looked, once.
   *
   * @param photo drawn before, so that no transaction waits for it
   */
  @Write
  public StageNote note(StageNoteWrite write, byte @Nullable [] photo, Actor actor) {
    writes.once(write.id(), "stage-note", write, () -> noted(write, photo, actor));
    return notes.find(write.id()).orElseThrow(() -> new NotFoundException("note", write.id()));
  }

  private void noted(StageNoteWrite write, byte @Nullable [] photo, Actor actor) {
    if (photo == null && write.note().isBlank()) {
      throw new InvalidInput(
          "note",
          "nothing-noted",
          "Nothing is noted.",
          "a few words, a photo, or both",
          "Write how it looks, or take a photo.");
    }
    List<String> stages =
        batches.snapshot(write.batchId()).inputs().formula().formula().stages().stream()
            .map(Stage::title)
            .toList();
    if (!stages.contains(write.stage())) {
      throw new InvalidInput(
          "stage",
          "no-such-stage",
          "This batch has no stage '" + write.stage() + "'.",
          String.join(", ", stages),
          "Pick one of its stages.");
    }
    Instant at = write.stamp().happened(clock.instant(), kitchens.settings().zoneId());
    StageNote note =
        new StageNote(
            write.id(),
            write.batchId(),
            write.stage(),
            write.note().strip(),
            photo != null,
            at,
            actor.name());
    notes.add(note, photo);
  }
}
