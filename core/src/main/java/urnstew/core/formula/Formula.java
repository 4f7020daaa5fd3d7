package urnstew.core.formula;

import java.util.List;
import urnstew.units.MassFraction;

/**
 * A sauce as a definition: stages that name ingredients by id. Versions are immutable.
 *
 * @param id stable key
 * @param version counts from 1
 * @param name in a cook's words
 * @param inShort what tells it from others of its name
 * @param target non-fat solids of the fat-free sauce phase when it is thick enough
 * @param stages in the order of the work
 */
public record Formula(
    String id, int version, String name, String inShort, MassFraction target, List<Stage> stages) {
  public Formula {
    stages = List.copyOf(stages);
  }
}
