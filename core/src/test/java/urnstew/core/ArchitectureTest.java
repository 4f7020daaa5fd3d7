package urnstew.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.GeneralCodingRules.NO_CLASSES_SHOULD_ACCESS_STANDARD_STREAMS;
import static com.tngtech.archunit.library.GeneralCodingRules.NO_CLASSES_SHOULD_THROW_GENERIC_EXCEPTIONS;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "urnstew", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
  @ArchTest
  static final ArchRule capabilitiesHaveNoCycles =
      slices().matching("urnstew.core.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule unitsKnowNothingElse =
      noClasses()
          .that()
          .resideInAPackage("urnstew.units..")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("urnstew.core..");

  @ArchTest
  static final ArchRule sizingKnowsNothingOfHeat =
      noClasses()
          .that()
          .resideInAPackage("urnstew.core.sizing..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("urnstew.core.reduction..", "urnstew.core.kitchen..");

  @ArchTest
  static final ArchRule numericsStayInsideModels =
      noClasses()
          .that()
          .resideOutsideOfPackages("urnstew.core.reduction..", "urnstew.core.numerics..")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("urnstew.core.numerics..");

  @ArchTest
  static final ArchRule coreIsPure =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "org.springframework..",
              "java.sql..",
              "tools.jackson..",
              "org.slf4j..",
              "java.util.logging..");

  @ArchTest
  static final ArchRule timeAndChanceComeInAsArguments =
      noClasses()
          .should()
          .callMethod(java.time.Instant.class, "now")
          .orShould()
          .callMethod(System.class, "currentTimeMillis")
          .orShould()
          .callMethod(System.class, "nanoTime")
          .orShould()
          .callMethod(Math.class, "random")
          .orShould()
          .dependOnClassesThat()
          .haveFullyQualifiedName("java.util.Random");

  @ArchTest static final ArchRule noGenericExceptions = NO_CLASSES_SHOULD_THROW_GENERIC_EXCEPTIONS;

  @ArchTest static final ArchRule noStandardStreams = NO_CLASSES_SHOULD_ACCESS_STANDARD_STREAMS;

  @ArchTest
  static final ArchRule namesSayWhatThingsAre =
      classes().should().haveNameNotMatching(".*(Utils|Helper|Manager|Impl|VO)");
}
