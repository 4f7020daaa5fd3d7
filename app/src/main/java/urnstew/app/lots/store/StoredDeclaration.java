package urnstew.app.lots.store;

import java.util.List;
import urnstew.core.formula.Declaration;
import urnstew.core.pantry.Allergen;
import urnstew.core.pantry.Trait;

/**
 * What is told of a lot, as it was stored.
 *
 * @param schema number of this form, 1
 */
public record StoredDeclaration(
    int schema,
    List<Caused> allergens,
    List<Caused> asked,
    List<Caused> traits,
    double sulphitesMilligramsPerKilogram,
    List<String> unknown) {
  private static final int SCHEMA = 1;

  /** Something with the names of what it comes from. */
  public record Caused(String what, List<String> causes) {}

  public static StoredDeclaration of(Declaration told) {
    return new StoredDeclaration(
        SCHEMA,
        told.allergens().stream()
            .map(each -> new Caused(each.allergen().name(), each.causes()))
            .toList(),
        told.asked().stream()
            .map(each -> new Caused(each.allergen().name(), each.causes()))
            .toList(),
        told.traits().stream().map(each -> new Caused(each.trait().name(), each.causes())).toList(),
        told.sulphitesMilligramsPerKilogram(),
        told.unknown());
  }

  /** As the core knows it. */
  public Declaration declaration() {
    return new Declaration(
        allergens.stream().map(StoredDeclaration::carried).toList(),
        asked.stream().map(StoredDeclaration::carried).toList(),
        traits.stream()
            .map(each -> new Declaration.Borne(Trait.valueOf(each.what()), each.causes()))
            .toList(),
        sulphitesMilligramsPerKilogram,
        unknown);
  }

  private static Declaration.Carried carried(Caused each) {
    return new Declaration.Carried(Allergen.valueOf(each.what()), each.causes());
  }
}
