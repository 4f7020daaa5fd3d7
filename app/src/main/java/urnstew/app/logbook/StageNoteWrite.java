package urnstew.app.logbook;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import urnstew.app.batch.Writes.Stamp;

/**
 * How a stage looked.
 *
 * @param stage its title
 * @param photoBase64 a picture, if there is one
 */
public record StageNoteWrite(
    @NotNull UUID id,
    @NotNull UUID batchId,
    @NotBlank String stage,
    @NotNull @Size(max = 2000) String note,
    @Nullable @Size(max = 12_000_000) String photoBase64,
    @NotNull @Valid Stamp stamp) {}
