package urnstew.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.GeneralCodingRules.NO_CLASSES_SHOULD_ACCESS_STANDARD_STREAMS;
import static com.tngtech.archunit.library.GeneralCodingRules.NO_CLASSES_SHOULD_THROW_GENERIC_EXCEPTIONS;
import static com.tngtech.archunit.library.GeneralCodingRules.NO_CLASSES_SHOULD_USE_FIELD_INJECTION;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.platform.Actor;
import urnstew.app.platform.Write;

@AnalyzeClasses(packages = "urnstew.app", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
  @ArchTest
  static final ArchRule capabilitiesHaveNoCycles =
      slices().matching("urnstew.app.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule mappersStayInTheirPackage =
      classes()
          .that()
          .haveSimpleNameEndingWith("Mapper")
          .should(
              new ArchCondition<>("be used only in their own package") {
                @Override
                public void check(JavaClass mapper, ConditionEvents events) {
                  mapper.getDirectDependenciesToSelf().stream()
                      .filter(d -> !d.getOriginClass().getPackage().equals(mapper.getPackage()))
                      .forEach(
                          d -> events.add(SimpleConditionEvent.violated(d, d.getDescription())));
                }
              });

  @ArchTest
  static final ArchRule controllersTouchNoMapperAndNoNumerics =
      noClasses()
          .that()
          .haveSimpleNameEndingWith("Controller")
          .should()
          .dependOnClassesThat()
          .haveSimpleNameEndingWith("Mapper")
          .orShould()
          .dependOnClassesThat()
          .resideInAPackage("urnstew.core.numerics..");

  @ArchTest
  static final ArchRule timeComesFromTheClock =
      noClasses()
          .should()
          .callMethod(java.time.Instant.class, "now")
          .orShould()
          .callMethod(System.class, "currentTimeMillis");

  @ArchTest
  static final ArchRule stateIsFinal =
      fields().that().areNotStatic().should().beFinal().allowEmptyShould(true);

  @ArchTest
  static final ArchRule everyPackageSaysWhatItIs =
      classes()
          .that(
              new DescribedPredicate<JavaClass>("are not package descriptions") {
                @Override
                public boolean test(JavaClass c) {
                  return !c.getSimpleName().equals("package-info");
                }
              })
          .should(
              new ArchCondition<>("live in a null-marked package") {
                @Override
                public void check(JavaClass c, ConditionEvents events) {
                  boolean marked =
                      c.getPackage().isAnnotatedWith(org.jspecify.annotations.NullMarked.class);
                  events.add(new SimpleConditionEvent(c, marked, c.getFullName()));
                }
              });

  @ArchTest static final ArchRule noFieldInjection = NO_CLASSES_SHOULD_USE_FIELD_INJECTION;

  @ArchTest static final ArchRule noGenericExceptions = NO_CLASSES_SHOULD_THROW_GENERIC_EXCEPTIONS;

  @ArchTest static final ArchRule noStandardStreams = NO_CLASSES_SHOULD_ACCESS_STANDARD_STREAMS;

  @ArchTest
  static final ArchRule namesSayWhatThingsAre =
      classes().should().haveNameNotMatching(".*(Utils|Helper|Manager|Impl|VO)");

  /** What is stored is of its own: a change in the core or on a screen cannot change it. */
  @ArchTest
  static final ArchRule whatIsStoredKnowsNothingElse =
      classes()
          .that()
          .resideInAPackage("urnstew.app..store")
          .and()
          .haveNameMatching(".*\\.Stored(?!Columns?$).*")
          .should()
          .onlyDependOnClassesThat()
          .resideInAnyPackage(
              "urnstew.app..store", "java..", "com.fasterxml.jackson.annotation", "org.jspecify..");

  /** Documents are written by their forms; other JSON is that of files and answers. */
  @ArchTest
  static final ArchRule nothingElseIsStoredAsJson =
      noClasses()
          .that()
          .resideOutsideOfPackages(
              "urnstew.app.platform..", "urnstew.app.backup", "urnstew.app.print")
          .and()
          .doNotHaveSimpleName("FormulaFile")
          .should()
          .dependOnClassesThat()
          .haveFullyQualifiedName("tools.jackson.databind.json.JsonMapper");

  @ArchTest
  static final ArchRule everyWriteHasItsActor =
      methods()
          .that()
          .areAnnotatedWith(Write.class)
          .should(
              new ArchCondition<>("take the actor") {
                @Override
                public void check(JavaMethod method, ConditionEvents events) {
                  boolean signed =
                      method.getRawParameterTypes().stream()
                          .anyMatch(t -> t.isEquivalentTo(Actor.class));
                  events.add(new SimpleConditionEvent(method, signed, method.getFullName()));
                }
              });

  /** What is no write of its own reads, or is a part of somebody's write. */
  @ArchTest
  static final ArchRule everyOtherTransactionReads =
      methods()
          .that()
          .areAnnotatedWith(Transactional.class)
          .and()
          .areDeclaredInClassesThat()
          .resideOutsideOfPackage("urnstew.app.platform")
          .should(
              new ArchCondition<>("read, or be a part of a write") {
                @Override
                public void check(JavaMethod method, ConditionEvents events) {
                  Transactional how = method.getAnnotationOfType(Transactional.class);
                  boolean allowed = how.readOnly() || how.propagation() == Propagation.MANDATORY;
                  events.add(new SimpleConditionEvent(method, allowed, method.getFullName()));
                }
              });
}
