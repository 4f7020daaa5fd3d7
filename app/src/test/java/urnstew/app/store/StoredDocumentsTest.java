package urnstew.app.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.RecordComponent;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.cfg.JsonNodeFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import urnstew.app.batch.ForecastView;
import urnstew.app.batch.Planned;
import urnstew.app.batch.store.BatchDocuments;
import urnstew.app.batch.store.StoredEvent;
import urnstew.app.batch.store.StoredForecast;
import urnstew.app.batch.store.StoredPlanned;
import urnstew.app.batch.store.StoredSnapshot;
import urnstew.app.formula.store.FormulaDocuments;
import urnstew.app.formula.store.StoredFormula;
import urnstew.app.keeping.KeepingEvent;
import urnstew.app.keeping.KeepingStart;
import urnstew.app.keeping.store.KeepingDocuments;
import urnstew.app.keeping.store.StoredEntry;
import urnstew.app.keeping.store.StoredStart;
import urnstew.app.lots.store.LotDocuments;
import urnstew.app.lots.store.StoredDeclaration;
import urnstew.app.panel.store.PanelDocuments;
import urnstew.app.panel.store.StoredServing;
import urnstew.app.pantry.store.IngredientDocuments;
import urnstew.app.pantry.store.StoredIngredient;
import urnstew.app.platform.store.DocumentForm;
import urnstew.app.service.ServicePlan;
import urnstew.app.service.ServiceSetup;
import urnstew.app.service.store.ServiceDocuments;
import urnstew.app.service.store.StoredService;
import urnstew.app.service.store.StoredServiceEvent;
import urnstew.app.service.store.StoredServicePlan;
import urnstew.app.sizing.MealSheet;
import urnstew.app.sizing.store.MealDocuments;
import urnstew.app.sizing.store.StoredMeal;
import urnstew.core.batch.BatchEvent;
import urnstew.core.batch.BatchSnapshot;
import urnstew.core.formula.Declaration;
import urnstew.core.formula.Formula;
import urnstew.core.panel.ServingPlan;
import urnstew.core.pantry.Ingredient;
import urnstew.core.service.ServiceEvent;
import urnstew.core.thermo.Composition;

/** What is stored comes back as it was, whatever it is, and in the form that is on record. */
class StoredDocumentsTest {
  private static final JsonMapper JSON =
      JsonMapper.builder()
          .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
          .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
          .build();
  private static final int EACH = 20;

  private static Stream<Arguments> forms() {
    return Stream.of(
        arguments(BatchSnapshot.class, BatchDocuments.SNAPSHOT),
        arguments(BatchEvent.class, BatchDocuments.EVENT),
        arguments(Planned.class, BatchDocuments.PLANNED),
        arguments(ForecastView.class, BatchDocuments.FORECAST),
        arguments(Formula.class, FormulaDocuments.FORMULA),
        arguments(Ingredient.class, IngredientDocuments.INGREDIENT),
        arguments(Composition.class, IngredientDocuments.COMPOSITION),
        arguments(KeepingStart.class, KeepingDocuments.START),
        arguments(KeepingEvent.class, KeepingDocuments.EVENT),
        arguments(Declaration.class, LotDocuments.DECLARATION),
        arguments(MealSheet.class, MealDocuments.MEAL),
        arguments(ServiceSetup.class, ServiceDocuments.SETUP),
        arguments(ServiceEvent.class, ServiceDocuments.EVENT),
        arguments(ServicePlan.class, ServiceDocuments.PLAN),
        arguments(ServingPlan.class, PanelDocuments.SERVING));
  }

  @ParameterizedTest
  @MethodSource("forms")
  <T> void whatIsStoredComesBackTheSame(Class<T> type, DocumentForm<T> form) {
    long seed = System.nanoTime();
    Anything anything = new Anything(seed);
    for (int i = 0; i < EACH; i++) {
      Anything.kinds(type)
          .forEach(
              kind -> {
                T value = type.cast(anything.of(kind));
                assertEquals(value, form.read(form.write(value)), () -> "seed " + seed);
              });
    }
  }

  @ParameterizedTest
  @MethodSource("forms")
  <T> void whatALaterReleaseAddedIsPassedOver(Class<T> type, DocumentForm<T> form) {
    T value = type.cast(new Anything(1).of(Anything.kinds(type).findFirst().orElseThrow()));
    ObjectNode sealed = (ObjectNode) JSON.readTree(form.write(value));
    ((ObjectNode) sealed.get("document")).put("addedLater", 1);
    assertEquals(value, form.read(sealed.toString()));
  }

  @Test
  void whatIsMissingIsNotTakenForNothing() {
    String stored = MealDocuments.MEAL.write(new Anything(1).of(MealSheet.class));
    ObjectNode sealed = (ObjectNode) JSON.readTree(stored);
    ((ObjectNode) sealed.get("document").get("dishes").get(0)).remove("covers");
    assertThrows(JacksonException.class, () -> MealDocuments.MEAL.read(sealed.toString()));
    ObjectNode nameless = (ObjectNode) JSON.readTree(stored);
    ((ObjectNode) nameless.get("document")).remove("name");
    assertThrows(JacksonException.class, () -> MealDocuments.MEAL.read(nameless.toString()));
  }

  @Test
  void aLaterFormIsNotGuessedAt() {
    assertThrows(
        IllegalStateException.class,
        () -> MealDocuments.MEAL.read("{\"schema\": 99, \"document\": {}}"));
  }

  /**
   * The forms on record are those of each schema. Whoever changes one writes a raise from the form
   * before, and then puts the new one on record.
   */
  @Test
  void theFormsAreThoseOnRecord() throws IOException {
    Set<String> seen = new TreeSet<>();
    Stream.of(
            StoredSnapshot.class,
            StoredEvent.class,
            StoredPlanned.class,
            StoredForecast.class,
            StoredFormula.class,
            StoredIngredient.class,
            StoredStart.class,
            StoredEntry.class,
            StoredDeclaration.class,
            StoredMeal.class,
            StoredService.class,
            StoredServiceEvent.class,
            StoredServicePlan.class,
            StoredServing.class)
        .forEach(type -> describe(type, seen));
    try (InputStream record = getClass().getResourceAsStream("/store/forms-2.txt")) {
      String kept =
          new String(Objects.requireNonNull(record).readAllBytes(), StandardCharsets.UTF_8);
      assertEquals(kept, seen.stream().map(line -> line + "\n").collect(Collectors.joining()));
    }
  }

  private static void describe(Class<?> type, Set<String> seen) {
    if (type.isSealed()) {
      Arrays.stream(type.getPermittedSubclasses()).forEach(kind -> describe(kind, seen));
    } else if (type.isRecord()
        && seen.add(
            name(type.getTypeName())
                + Optional.ofNullable(type.getAnnotation(JsonTypeName.class))
                    .map(kind -> " '" + kind.value() + "'")
                    .orElse("")
                + Arrays.stream(type.getRecordComponents())
                    .map(part -> part.getName() + ": " + name(part.getAnnotatedType().toString()))
                    .collect(Collectors.joining(", ", "(", ")")))) {
      for (RecordComponent part : type.getRecordComponents()) {
        types(part.getGenericType()).forEach(inner -> describe(inner, seen));
      }
    }
  }

  private static Stream<Class<?>> types(java.lang.reflect.Type type) {
    return type instanceof java.lang.reflect.ParameterizedType holder
        ? Arrays.stream(holder.getActualTypeArguments()).flatMap(StoredDocumentsTest::types)
        : Stream.<Class<?>>of((Class<?>) type).filter(each -> each.getName().startsWith("urnstew"));
  }

  private static String name(String qualified) {
    return qualified.replaceAll("\\b[a-z]+\\.", "").replace('$', '.').replace("Stored", "");
  }
}
