package urnstew.core.batch;

import java.time.Instant;
import java.util.Optional;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.units.Mass;

/**
 * One line of the formula in this batch.
 *
 * @param portion as planned, at the batch's size
 * @param poured what went in, where it was said
 * @param pouredAt when
 * @param due what is in, or will be: as poured, else as planned and rescaled with what went before
 */
public record BatchLine(
    Portion portion, Optional<Mass> poured, Optional<Instant> pouredAt, Mass due) {}
