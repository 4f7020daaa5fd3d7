/**
 * Printed pages.
 *
 * <p>Purpose: a PDF of what a cook carries about. Model: blocks of text, rows and one fall line,
 * set one below the other on A4 with the font inside. Neighbours: knows nothing of batches; whoever
 * has something to print fills a page.
 */
@NullMarked
package urnstew.app.print;

import org.jspecify.annotations.NullMarked;
