/**
 * What is to be bought for a batch or a meal, and what it costs.
 *
 * <p>Purpose: views of purchases and costs that plan and meals share. Neighbours: none of app.
 */
@NullMarked
package urnstew.app.sizing;

import org.jspecify.annotations.NullMarked;
