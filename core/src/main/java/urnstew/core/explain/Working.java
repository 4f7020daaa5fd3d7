package urnstew.core.explain;

import java.util.List;

/**
 * The working behind one computed figure.
 *
 * @param figure stable key of the figure, such as {@code finalMass}
 * @param inWords what was done, in a cook's words
 * @param formula the same in symbols
 * @param terms the inputs with their values
 * @param assumptions what was taken for granted
 * @param sources published sources of the relations used
 * @param confidence how sure the figure is
 */
public record Working(
    String figure,
    String inWords,
    String formula,
    List<Term> terms,
    List<String> assumptions,
    List<String> sources,
    Confidence confidence) {
  public Working {
    terms = List.copyOf(terms);
    assumptions = List.copyOf(assumptions);
    sources = List.copyOf(sources);
  }
}
