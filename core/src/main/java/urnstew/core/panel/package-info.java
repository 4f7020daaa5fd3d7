/**
 * What a table of tasters prefers, and what that proves.
 *
 * <p>Purpose: blind cups in orders of their own; paired preference and ranking with exact tests, in
 * plain words. Neighbours: none; chance comes in as an argument.
 */
@NullMarked
package urnstew.core.panel;

import org.jspecify.annotations.NullMarked;
