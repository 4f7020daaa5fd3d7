package urnstew.app.formula.store;

import tools.jackson.databind.node.ObjectNode;
import urnstew.app.platform.store.DocumentForm;
import urnstew.app.platform.store.Raise;
import urnstew.core.formula.Formula;

/** Forms of what the shelf stores, and what earlier releases did not have yet. */
public final class FormulaDocuments {
  /** One version of a formula. */
  public static final DocumentForm<Formula> FORMULA =
      DocumentForm.of(
          StoredFormula.class,
          FormulaMapping.MAPPING::stored,
          FormulaMapping.MAPPING::formula,
          Raise.everywhere(FormulaDocuments::unread),
          Raise.everywhere(FormulaDocuments::course));

  private FormulaDocuments() {}

  /** All stages were in the pot, and a simmer ended when it was thick enough. */
  public static void course(ObjectNode stage) {
    if (!stage.has("technique") || !(stage.get("heat") instanceof ObjectNode heat)) {
      return;
    }
    if (!stage.has("course")) {
      ObjectNode course = stage.putObject("course");
      course.put("vessel", "POT").put("endEntered", "");
      course.putObject("end").put("kind", "Unsaid");
      course.putArray("tools");
      course.putArray("moves");
    }
    if (!heat.has("fan")) {
      heat.put("fan", false);
    }
  }

  /** Lines that nobody has read were not kept. */
  public static void unread(ObjectNode stage) {
    if (stage.has("takeOuts") && stage.has("lines") && !stage.has("unread")) {
      stage.putArray("unread");
    }
  }
}
