/**
 * Tells the generator of mappings how our records are written; used when {@code app} is compiled,
 * never at run time.
 */
@NullMarked
package urnstew.naming;

import org.jspecify.annotations.NullMarked;
