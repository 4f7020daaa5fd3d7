package urnstew.core.formula;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import urnstew.core.formula.PastedLine.Unclear;
import urnstew.core.formula.PastedLine.Understood;
import urnstew.core.pantry.ReferencePantry;
import urnstew.units.text.Measures;
import urnstew.units.text.Pint;

class PastedListTest {
  private static final PastedList READER =
      new PastedList(
          ReferencePantry.load(),
          Set.of("ladle", "handful"),
          of ->
              new Measures(
                  of.equals("basil")
                      ? Map.of("ladle", 0.12, "handful", 0.008)
                      : Map.of("ladle", 0.12)),
          Pint.US);

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "800 g canned whole tomatoes, crushed by hand|canned-whole-tomato|800|crushed by hand",
        "2 x 28oz can whole tomatoes|canned-whole-tomato|1587.6|",
        "2 (28-ounce) cans whole tomatoes, drained|canned-whole-tomato|1587.6|drained",
        "1 1/2 lb ground beef|beef-mince-20|680.4|",
        "3 cloves garlic, minced|garlic|9|minced",
        "3 garlic cloves|garlic|9|",
        "- 2 onions, fine dice|onion|300|fine dice",
        "1 chopped onion|onion|150|chopped",
        "1/2 tsp salt|table-salt|3.0|",
        "¼ cup olive oil|olive-oil|54|",
        "28 ml olive oil|olive-oil|25.6|",
        "2 tbsp tomato paste|tomato-paste|32|",
        "1 bunch basil, torn|basil|60|torn",
        "a handful of basil|basil|8|",
        "2 ladles beef stock|beef-stock|240|",
        "1 cup dry red wine|red-wine|235.2|",
        "two carrots|carrot|160|",
        "4 eggs|egg|200|",
        "30 g dried porcini, soaked|mushroom-dried|30|soaked",
        "2 bay leaves|bay-leaf|0.4|",
        "1 kg fresh plum tomatoes, peeled and seeded|tomato-plum|1000|peeled and seeded",
        "120ml whole milk, warm|whole-milk|123.7|warm",
        "1 lb 4 oz pork mince|pork-mince|567|",
        "15g unsalted butter|butter|15|",
        "• 2 anchovy fillets|anchovy|8|",
        "300 g mussels flesh|mussels|300|"
      })
  void aLineIsUnderstood(String line, String id, double grams, String note) {
    Understood read = assertInstanceOf(Understood.class, READER.read(line).get(0));
    assertEquals(id, read.ingredientId());
    assertEquals(grams, read.mass().grams(), grams * 0.01);
    assertEquals(note == null ? "" : note, read.note());
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "200 g chicken liver",
        "salt to taste",
        "2-3 cloves garlic",
        "1,500 g onions",
        "some love",
        "10 g dried basil",
        "100 g onion juice",
        "1 can whole tomatoes",
        "2 cups basil sauce with dragon fruit",
        "1 kg mussels",
        "1 handful spinach",
        "1 glug olive oil",
        "12 olive oil",
        "tomatoes"
      })
  void whatIsNotClearIsSentBackAndNeverGuessed(String line) {
    Unclear back = assertInstanceOf(Unclear.class, READER.read(line).get(0));
    assertEquals(line, back.text());
    assertTrue(back.question().endsWith(".") || back.question().endsWith("?"), back.question());
  }

  @Test
  void aNameThatIsNotExactBringsTheNearest() {
    Unclear back = (Unclear) READER.read("200 g tomato chunks in syrup").get(0);
    assertTrue(back.couldBe().size() > 1, back.toString());
  }

  @Test
  void aWholeListKeepsItsOrderAndSkipsBlankLines() {
    var read = READER.read("2 tbsp olive oil\n\n3 cloves garlic\nsalt to taste\n");
    assertEquals(3, read.size());
    assertInstanceOf(Understood.class, read.get(0));
    assertInstanceOf(Understood.class, read.get(1));
    assertInstanceOf(Unclear.class, read.get(2));
  }
}
