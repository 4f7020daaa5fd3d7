package urnstew.core;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.lang.reflect.Executable;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.lang.reflect.Parameter;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import urnstew.core.correction.Reading;

/**
 * A bare number at a boundary of the core says its unit: whatever public method takes or gives a
 * double is named by it, or by the kind of number without a unit that it is.
 */
class UnitNamesTest {
  /** Units, and kinds of numbers without one. */
  private static final Set<String> WORDS =
      Set.of(
          ("kilograms kilogram milligrams grams moles meters liters seconds minutes hours celsius kelvin kelvins watts"
                  + " joules pascals pascal percent hour second factor share shares ratio fraction"
                  + " count covers portions index exponent probability ph charge biot activity log"
                  + " eigenvalue parts")
              .split(" "));

  /** Their unit stands beside them, or is that of whatever they are asked about. */
  private static final Set<String> UNIT_BESIDE =
      Set.of(
          "Term.value",
          "Influence.lower",
          "Influence.higher",
          "Provision.value",
          "Limit.least",
          "Limit.most",
          "Limit.laxer(was)",
          "Limit.laxer(now)",
          "RuleSet.changed(value)",
          "Band.low",
          "Band.high",
          "Band.middle",
          "Taste.on",
          "Dose.reaching(aim)",
          "ParameterEstimate.of",
          "Reading.value",
          "Reading.predicted",
          "Reading.deviation");

  @Test
  void everyBareNumberAtABoundarySaysItsUnit() {
    Set<String> silent = new TreeSet<>();
    for (JavaClass each :
        new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("urnstew.core")) {
      Class<?> type = each.reflect();
      // Kernels reckon in whatever unit they are given.
      if (isPublic(type) && !type.getPackageName().endsWith(".numerics")) {
        look(type, silent);
      }
    }
    Set<String> unneeded = new TreeSet<>(UNIT_BESIDE);
    unneeded.removeAll(silent);
    silent.removeAll(UNIT_BESIDE);
    assertEquals(Set.of(), silent);
    assertEquals(Set.of(), unneeded, "no exception that nothing needs");
  }

  private static boolean isPublic(Class<?> type) {
    Class<?> outer = type.getEnclosingClass();
    return Modifier.isPublic(type.getModifiers()) && (outer == null || isPublic(outer));
  }

  private static void look(Class<?> type, Set<String> silent) {
    RecordComponent[] components = type.getRecordComponents();
    List<String> named =
        components == null
            ? List.of()
            : Arrays.stream(components).map(RecordComponent::getName).toList();
    if (components != null) {
      for (RecordComponent one : components) {
        note(silent, type, one.getName(), one.getType(), one.getName());
      }
    }
    for (Method method : type.getDeclaredMethods()) {
      if (Modifier.isPublic(method.getModifiers()) && !method.isSynthetic()) {
        if (!named.contains(method.getName()) || method.getParameterCount() > 0) {
          note(silent, type, method.getName(), method.getReturnType(), method.getName());
        }
        parameters(type, method, silent);
      }
    }
  }

  private static void parameters(Class<?> type, Executable method, Set<String> silent) {
    for (Parameter one : method.getParameters()) {
      assertTrue(one.isNamePresent() || type.isSynthetic(), "compiled with parameters");
      note(silent, type, method.getName(), one.getType(), one.getName());
    }
  }

  private static void note(
      Set<String> silent, Class<?> of, String member, Class<?> type, String name) {
    Class<?> asked = Reading.class.isAssignableFrom(of) ? Reading.class : of;
    boolean bare = type == double.class || type == OptionalDouble.class || type == double[].class;
    if (bare
        && Arrays.stream(name.replace("pH", "ph").split("(?<=[a-z0-9])(?=[A-Z])"))
            .noneMatch(UnitNamesTest::isOne)) {
      silent.add(
          asked.getSimpleName() + "." + member + (member.equals(name) ? "" : "(" + name + ")"));
    }
  }

  private static boolean isOne(String word) {
    return WORDS.contains(word.toLowerCase(Locale.ROOT));
  }
}
