package urnstew.app.lots.store;

import urnstew.app.platform.store.DocumentForm;
import urnstew.app.platform.store.Raise;
import urnstew.core.formula.Declaration;

/** The form in which it is stored what is told of a lot. */
public final class LotDocuments {
  /** What eaters of it have to be told. */
  public static final DocumentForm<Declaration> DECLARATION =
      DocumentForm.of(
          StoredDeclaration.class,
          LotMapping.MAPPING::stored,
          LotMapping.MAPPING::declaration,
          Raise.everywhere());

  private LotDocuments() {}
}
