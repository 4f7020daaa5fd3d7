/** What has changed: hints to every screen that shows it, of whichever instance it was written. */
@NullMarked
package urnstew.app.change;

import org.jspecify.annotations.NullMarked;
