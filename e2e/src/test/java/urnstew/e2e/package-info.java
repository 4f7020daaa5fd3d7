/**
 * The job as a cook does it, in a real browser against the built application.
 *
 * <p>Purpose: journeys, accessibility, and what survives a kill. Each run has its own PostgreSQL
 * cluster, since the tests kill it.
 */
package urnstew.e2e;
