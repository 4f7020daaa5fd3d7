/** One list of all that waits for somebody; each capability says its own. */
@NullMarked
package urnstew.app.task;

import org.jspecify.annotations.NullMarked;
