package urnstew.app.lots.store;

import java.util.List;

/** What is told of a lot. */
public record StoredDeclaration(
    List<Caused> allergens,
    List<Caused> asked,
    List<Caused> traits,
    double sulphitesMilligramsPerKilogram,
    List<String> unknown) {

  /** Something with the names of what it comes from. */
  public record Caused(String what, List<String> causes) {}
}
