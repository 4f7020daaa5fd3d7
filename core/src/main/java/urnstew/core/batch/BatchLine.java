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
 * @param due what is in, or will be: as poured, else as planned, or rescaled with what went before
 *     where its kind follows the pot
 * @param offered the other of these two where they differ and nobody has poured: the cook decides
 */
public record BatchLine(
    Portion portion,
    Optional<Mass> poured,
    Optional<Instant> pouredAt,
    Mass due,
    Optional<Mass> offered) {}
