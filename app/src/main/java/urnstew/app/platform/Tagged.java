package urnstew.app.platform;

import java.util.List;

/**
 * A page with what it was made from, where that is known at less cost than the page itself.
 *
 * @param madeFrom things that differ, in words, whenever the page would
 * @param <T> what it says
 */
public record Tagged<T>(List<?> madeFrom, T value) {}
