package urnstew.app.logbook;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.batch.BatchService;
import urnstew.app.kitchen.KitchenService;
import urnstew.app.logbook.StageNote.StageNotes;
import urnstew.app.platform.Actor;
import urnstew.app.platform.NotThere;
import urnstew.app.platform.Receipts;
import urnstew.core.formula.Stage;
import urnstew.units.InvalidInput;

/** How each stage looked when it was done: kept for the next cook. */
@Service
public class StageNoteService {
  private static final int MOST_EARLIER = 24;

  private final StageNoteMapper notes;
  private final BatchService batches;
  private final KitchenService kitchens;
  private final Receipts receipts;
  private final Clock clock;

  StageNoteService(
      StageNoteMapper notes,
      BatchService batches,
      KitchenService kitchens,
      Receipts receipts,
      Clock clock) {
    this.notes = notes;
    this.batches = batches;
    this.kitchens = kitchens;
    this.receipts = receipts;
    this.clock = clock;
  }

  /** Of a batch, and of those of its formula before it. */
  @Transactional(readOnly = true)
  public StageNotes of(UUID batchId) {
    return new StageNotes(notes.of(batchId), notes.before(batchId, MOST_EARLIER));
  }

  /** A photo as JPEG. */
  @Transactional(readOnly = true)
  public byte[] photo(UUID id) {
    return notes.photo(id).orElseThrow(() -> new NotThere("photo", id)).photo();
  }

  /** Notes how a stage looked, once. */
  @Transactional
  public StageNote note(StageNoteWrite write, Actor actor) {
    return receipts.once(
        write.id(),
        "stage-note",
        write.withoutSending(),
        StageNote.class,
        () -> noted(write, actor));
  }

  private StageNote noted(StageNoteWrite write, Actor actor) {
    byte[] photo = Picture.orNone(write.photoBase64());
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
    return note;
  }

  /** Takes a note back, with its photo. */
  @Transactional
  public void remove(UUID id) {
    if (notes.remove(id) == 0) {
      throw new NotThere("note", id);
    }
  }
}
