package urnstew.app.panel;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is asked of a table.
 *
 * @param id identity, made by the client
 * @param batchId of which pot; absent where it is none
 * @param formulaId of which formula, where there is no pot
 * @param inCups what any of the cups got; absent where nobody said
 * @param title what is tasted
 * @param cups what is in each, two to four: the tasters never see it
 */
public record PanelSheet(
    @NotNull UUID id,
    @Nullable UUID batchId,
    @Nullable String formulaId,
    @Nullable Set<@NotNull @Size(max = 60) String> inCups,
    @NotNull @Size(min = 1, max = 120) String title,
    @NotNull @Size(min = 2, max = 4) List<@NotNull @Size(min = 1, max = 80) String> cups) {}
