/** What stands where just now: pots, burners, ovens. */
@NullMarked
package urnstew.app.occupancy;

import org.jspecify.annotations.NullMarked;
