/** Balance of a formula, a plan or a live pot over HTTP. */
@NullMarked
package urnstew.app.balance;

import org.jspecify.annotations.NullMarked;
