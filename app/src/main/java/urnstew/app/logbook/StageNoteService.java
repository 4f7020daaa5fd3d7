package urnstew.app.logbook;

import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.logbook.StageNote.StageNotes;
import urnstew.app.platform.Actor;
import urnstew.app.platform.NotFoundException;
import urnstew.app.platform.Write;

/** How each stage looked when it was done: kept for the next cook. */
@Service
public class StageNoteService {
  private static final int MOST_EARLIER = 24;

  private final StageNoteMapper notes;
  private final StageNoteWriter writer;

  StageNoteService(StageNoteMapper notes, StageNoteWriter writer) {
    this.notes = notes;
    this.writer = writer;
  }

  /** Of a batch, and of those of its formula before it. */
  @Transactional(readOnly = true)
  public StageNotes of(UUID batchId) {
    return new StageNotes(notes.of(batchId), notes.before(batchId, MOST_EARLIER));
  }

  /** A photo as JPEG. */
  @Transactional(readOnly = true)
  public byte[] photo(UUID id) {
    return notes.photo(id).orElseThrow(() -> new NotFoundException("photo", id)).photo();
  }

  /** Notes how a stage looked, once; no transaction waits while the photo is drawn. */
  public StageNote note(StageNoteWrite write, Actor actor) {
    return writer.note(write, Picture.orNone(write.photoBase64()), actor);
  }

  /** Takes a note back, with its photo. */
  @Write
  public void remove(UUID id, Actor actor) {
    if (notes.remove(id) == 0) {
      throw new NotFoundException("note", id);
    }
  }
}
