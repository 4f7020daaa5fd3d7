package urnstew.core.formula;

/**
 * One answer to a question on which good cooks differ.
 *
 * @param question what they differ on
 * @param option the answer
 */
public record School(String question, String option) {}
