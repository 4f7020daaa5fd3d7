package urnstew.core.pantry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import urnstew.core.thermo.Composition;
import urnstew.core.thermo.ThermalProperties;
import urnstew.units.Mass;
import urnstew.units.Temperature;
import urnstew.units.Volume;

class ReferencePantryTest {
  private static final Pantry PANTRY = ReferencePantry.load();
  private static final double CUP = 236.588e-6;

  static Stream<Arguments> compositionRows() throws IOException {
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setCommentMarker('#')
            .setHeader()
            .setSkipHeaderRecord(true)
            .get();
    try (InputStream file =
        ReferencePantryTest.class.getResourceAsStream("/composition-rows.csv")) {
      return format.parse(new InputStreamReader(file, StandardCharsets.UTF_8)).getRecords().stream()
          .map(row -> arguments(row.get("row"), row));
    }
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("compositionRows")
  void ingredientsAreMadeOfWhatIsPublished(String id, CSVRecord row) {
    Ingredient ingredient = PANTRY.ingredient(row.get("ingredient"));
    Composition hundred = ingredient.perKilogram().times(100);
    near(row, "water", hundred.waterKilograms(), 0.1);
    near(row, "protein", hundred.proteinKilograms(), 0.1);
    near(row, "fat", hundred.fatKilograms(), 0.1);
    near(row, "carbohydrate", hundred.carbohydrateKilograms() + hundred.fibreKilograms(), 0.1);
    near(row, "fibre", hundred.fibreKilograms(), 0.1);
    near(row, "ash", hundred.ashKilograms(), 0.1);
    near(row, "sugars", ingredient.taste().sugarsKilograms() * 100, 0.1);
    near(row, "potassium_mg", ingredient.taste().potassiumKilograms() * 1e5, 2);
    near(row, "sodium_mg", ingredient.salt().value() * 0.393 * 1e5, 2);
  }

  /** Rows are closed to a whole before they are compared: hence the width. */
  private static void near(CSVRecord row, String column, double is, double atLeast) {
    if (!row.get(column).isEmpty()) {
      double published = Double.parseDouble(row.get(column));
      assertEquals(published, is, Math.max(atLeast, 0.03 * published), column);
    }
  }

  /** Household weights of FDC SR Legacy, from memory (topic a). */
  @ParameterizedTest(name = "{0}: a cup of {1} is {2} g")
  @CsvSource({
    "a20,onion,160,5",
    "a22,carrot,128,5",
    "a25,mushroom,70,7",
    "a30,canned-crushed-tomato,242,3",
    "a33,tomato-sauce-canned,245,2",
    "a38,wheat-flour,125,4",
    "a39,hard-cheese,100,5",
    "a43,red-wine,235,1",
    "a44,sugar,200,3",
    "a46,butter,227,1",
    "a48,cream,238,1"
  })
  void aCupWeighsWhatIsPublished(String row, String id, double grams, double percent) {
    assertEquals(grams, spoonful(id, CUP).grams(), grams * percent / 100);
  }

  @ParameterizedTest(name = "{0}: a spoon of {1} is {3} g")
  @CsvSource({
    "a34,tomato-paste,16,16,1", "a36,olive-oil,16,13.5,0.3", "a41,table-salt,48,6.0,0.3",
    "a44,sugar,48,4.2,0.13", "a46,butter,16,14.2,0.15", "a60,flake-salt-dense,48,4.8,0.4",
    "a60,flake-salt-light,48,2.8,0.4", "a43,red-wine,8,29.4,0.3"
  })
  void aSpoonWeighsWhatIsPublished(String row, String id, int toTheCup, double grams, double off) {
    assertEquals(grams, spoonful(id, CUP / toTheCup).grams(), off);
  }

  private static Mass spoonful(String id, double cubicMeters) {
    return new Volume(cubicMeters)
        .at(PANTRY.ingredient(id).measuring().spoonDensity().orElseThrow());
  }

  /** Topic a, US can sizes, from memory. */
  @ParameterizedTest(name = "{0}: {2} of {1}")
  @CsvSource({
    "a71,canned-whole-tomato,28 oz can,794,1", "a70,canned-crushed-tomato,No. 10 can,2890,58",
    "a70,tomato-puree,No. 10 can,3000,60", "a70,tomato-paste,No. 10 can,3150,63",
    "a73,tomato-sauce-canned,15 oz can,425,1", "a74,tomato-paste,6 oz can,170,1",
    "a80,canned-whole-tomato,400 g can,400,10", "a82,chickpeas-cooked,'400 g can, drained',240,10"
  })
  void cansHoldWhatTheirSizeSays(String row, String id, String pack, double grams, double off) {
    Pack found =
        PANTRY.ingredient(id).buying().packs().stream()
            .filter(one -> one.name().equals(pack))
            .findFirst()
            .orElseThrow();
    assertEquals(grams, found.net().grams(), off);
  }

  @Test
  void theTradeIsCovered() {
    assertTrue(PANTRY.all().size() >= 110, PANTRY.all().size() + " ingredients");
    Set<IngredientKind> kinds =
        PANTRY.all().stream().map(Ingredient::kind).collect(Collectors.toSet());
    assertEquals(Set.of(IngredientKind.values()), kinds);
    for (Ingredient one : PANTRY.all()) {
      assertFalse(one.provenance().source().isBlank(), one.id());
      assertEquals(1, one.perKilogram().total().kilograms(), 1e-9, one.id());
    }
  }

  /** Row b60: closure is not demanded, and is remarked. */
  @Test
  void rowsThatDoNotCloseAreTakenAndNoted() {
    assertTrue(PANTRY.ingredient("baking-soda").provenance().notes().get(0).contains("37.1 g"));
    List<String> canned = PANTRY.ingredient("canned-whole-tomato").provenance().notes();
    assertTrue(canned.get(0).contains("pass the carbohydrate"), canned.toString());
    assertEquals(List.of(), PANTRY.ingredient("carrot").provenance().notes());
  }

  /** 21 CFR 155.191: purée from 8 % and below 24 %, paste from 24 % soluble solids. */
  @Test
  void pureesAndPastesMeetTheirStandardsOfIdentity() {
    assertTrue(
        PANTRY.ingredient("canned-crushed-tomato").perKilogram().solubleFraction().percent() > 8);
    for (String puree : List.of("tomato-puree", "passata")) {
      double brix = PANTRY.ingredient(puree).perKilogram().solubleFraction().percent();
      assertTrue(puree.equals("passata") ? brix > 7 : brix >= 8 && brix < 24, puree + " " + brix);
    }
    brixBetween("tomato-paste", 23.5, 28);
    brixBetween("tomato-paste-double", 26, 30.5);
    brixBetween("tomato-paste-triple", 34, 39);
  }

  private static void brixBetween(String id, double low, double high) {
    double brix = PANTRY.ingredient(id).perKilogram().solubleFraction().percent();
    assertTrue(brix >= low && brix <= high, id + " " + brix);
  }

  /** Paste let down with water or juice to the two limits of the law, by conservation of solids. */
  @Test
  void pasteLetDownWithTomatoIsPureeUpToTheLimitOfTheLaw() {
    Composition paste = PANTRY.ingredient("tomato-paste-triple").perKilogram();
    Composition whole = PANTRY.ingredient("canned-whole-tomato").perKilogram();
    double before = 0;
    double atPuree = -1;
    double atPaste = -1;
    for (int percent = 0; percent <= 100; percent++) {
      double share = percent / 100.0;
      double brix = paste.times(share).plus(whole.times(1 - share)).solubleFraction().percent();
      assertTrue(brix > before, "more paste, more solids");
      atPuree = atPuree < 0 && brix >= 8 ? share : atPuree;
      atPaste = atPaste < 0 && brix >= 24 ? share : atPaste;
      before = brix;
    }
    // Pearson's square on soluble solids: (8 − 4.8)/(35 − 4.8) and (24 − 4.8)/(35 − 4.8).
    double thin = whole.solubleFraction().percent();
    double thick = paste.solubleFraction().percent();
    assertEquals((8 - thin) / (thick - thin), atPuree, 0.02);
    assertEquals((24 - thin) / (thick - thin), atPaste, 0.04);
  }

  /** The law's 14 groups in the EU (cereals are two entries here) and nine in the US. */
  @Test
  void allergensAreThoseOfTheLaw() {
    assertEquals(14 + 1, Allergen.values().length);
    assertEquals(9, Stream.of(Allergen.values()).filter(Allergen::inUnitedStates).count());
    assertFalse(Allergen.MOLLUSCS.inUnitedStates());
    assertFalse(Allergen.CELERY.inUnitedStates());
    assertTrue(PANTRY.ingredient("sheep-cheese").labelling().allergens().contains(Allergen.MILK));
  }

  /** Row d25 by way of the pantry: what the tables say is what the heat engine computes with. */
  @Test
  void aRawTomatoIsAsDenseAsChoiAndOkosSay() {
    Composition tomato = PANTRY.ingredient("tomato-fresh").perKilogram();
    double density =
        ThermalProperties.density(tomato, Temperature.ofCelsius(20)).kilogramsPerCubicMeter();
    assertEquals(1013.8, density, 1013.8 * 0.003);
  }

  /** P-07, common practice: about half is kept. */
  @Test
  void tomatoesPeeledSeededAndSqueezedKeepAboutHalf() {
    Ingredient tomato = PANTRY.ingredient("tomato-plum");
    List<Handling> found = Handlings.shipped().in("peeled, seeded and squeezed", tomato);
    assertEquals(1, found.size());
    assertTrue(Math.abs(found.get(0).yieldShare() - 0.5) <= 0.1);
    Ingredient left = found.get(0).leaves(tomato);
    double solids = left.perKilogram().solids().kilograms() * found.get(0).yieldShare();
    assertTrue(solids < tomato.perKilogram().solids().kilograms(), "solids never appear");
    assertTrue(
        left.perKilogram().solidsFraction().compareTo(tomato.perKilogram().solidsFraction()) > 0,
        "watery juice leaves it richer");
  }

  @Test
  void aNoteIsReadByItsLongestWordsAndOnlyWhereItFits() {
    Ingredient can = PANTRY.ingredient("canned-whole-tomato");
    Ingredient caper = PANTRY.ingredient("capers");
    assertEquals(0.6, Handlings.shipped().in("drained, chopped", can).get(0).yieldShare(), 1e-9);
    assertEquals(1, Handlings.shipped().in("drained", caper).get(0).yieldShare(), 1e-9);
    assertEquals(
        List.of("fine dice"),
        Handlings.shipped().in("fine dice", PANTRY.ingredient("onion")).stream()
            .map(Handling::word)
            .toList());
    assertEquals(List.of(), Handlings.shipped().in("undrained", can));
  }
}
