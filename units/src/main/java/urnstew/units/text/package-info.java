/**
 * Quantities as cooks write them: {@code 1 1/2 lb}, {@code 2 x 28oz can}, {@code ¾ cup}, {@code
 * 350F}.
 *
 * <p>Purpose: understand or refuse, never misread in silence. Assumption: a single comma before
 * exactly three digits could be a thousands mark or a decimal comma, so it is asked. The front end
 * has a parser of the same grammar; both pass the one corpus in this module's test resources.
 * Neighbours: uses {@link urnstew.units}.
 */
@NullMarked
package urnstew.units.text;

import org.jspecify.annotations.NullMarked;
