/** Tasting panels: a host asks, phones answer. */
@NullMarked
package urnstew.app.panel;

import org.jspecify.annotations.NullMarked;
