/** What is held hot and what cools: watched by the rule set in force when it began. */
@NullMarked
package urnstew.app.keeping;

import org.jspecify.annotations.NullMarked;
