/** Tubs of finished sauce: put away, dated, moved, used, traced both ways. */
@NullMarked
package urnstew.app.lots;

import org.jspecify.annotations.NullMarked;
