package urnstew.core.rules;

/**
 * One limit of a rule set.
 *
 * @param limit what is limited
 * @param value in the unit of the limit
 * @param section where it is written
 * @param reason why this kitchen has another value; empty where it is as the code has it
 */
public record Provision(Limit limit, double value, String section, String reason) {}
