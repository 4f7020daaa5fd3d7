/** The rule set that is in force in this kitchen, and its own copies. */
@NullMarked
package urnstew.app.rules;

import org.jspecify.annotations.NullMarked;
