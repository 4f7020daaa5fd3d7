/** The whole kitchen as one file, and back. */
@NullMarked
package urnstew.app.backup;

import org.jspecify.annotations.NullMarked;
