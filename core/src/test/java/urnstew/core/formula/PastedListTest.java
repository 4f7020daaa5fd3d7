package urnstew.core.formula;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import urnstew.core.formula.PastedLine.Unclear;
import urnstew.core.formula.PastedLine.Understood;
import urnstew.core.pantry.Ingredient;
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
        "2 (28-ounce) cans whole tomatoes, drained|canned-whole-tomato|952.5|drained",
        "1 1/2 lb ground beef|beef-mince-20|680.4|",
        "3 cloves garlic, minced|garlic|9|minced",
        "3 garlic cloves|garlic|9|",
        "- 2 onions, fine dice|onion|220|fine dice",
        "1 chopped onion|onion|110|chopped",
        "1/2 tsp salt|table-salt|3.0|",
        "¼ cup olive oil|olive-oil|54|",
        "28 ml olive oil|olive-oil|25.6|",
        "2 tbsp tomato paste|tomato-paste|32.7|",
        "1 bunch basil, torn|basil|60|torn",
        "a handful of basil|basil|8|",
        "2 ladles beef stock|beef-stock|240|",
        "1 cup dry red wine|red-wine|235.2|",
        "two carrots|carrot|122|",
        "4 eggs|egg|200|",
        "30 g dried porcini, soaked|mushroom-dried|30|soaked",
        "2 bay leaves|bay-leaf|0.4|",
        "1 kg fresh plum tomatoes, peeled and seeded|tomato-plum|1000|peeled and seeded",
        "120ml whole milk, warm|whole-milk|123.7|warm",
        "1 lb 4 oz pork mince|pork-mince|567|",
        "15g unsalted butter|butter|15|",
        "• 2 anchovy fillets|anchovy|8|",
        "300 g mussels flesh|mussels|300|",
        "1 medium onion|onion|110|",
        "1 large ripe tomato|tomato-fresh|182|",
        "1 ripe large tomato|tomato-fresh|182|",
        "1 kg tomatoes|tomato-fresh|1000|",
        "1 cup chopped tomatoes|tomato-fresh|180|chopped",
        "1 can (14.5-oz.) diced tomatoes|canned-diced-tomato|411|",
        "1 cup tomato paste|tomato-paste|262|",
        "2 tbsp grated parmesan|hard-cheese|10|grated",
        "200 ml tomato puree|tomato-puree|211.4|",
        "2 28.-oz cans crushed tomatoes|canned-crushed-tomato|1587.6|",
        "1 No. 10 can crushed tomatoes|canned-crushed-tomato|2890|",
        "a pinch of salt|table-salt|0.375|",
        "pinch of chilli flakes|chilli-flakes|0.112|",
        "1 cup (125 g) flour|wheat-flour|125|",
        "2 onions (about 300 g), chopped|onion|300|chopped",
        "250g/9oz ricotta|ricotta|250|",
        "juice of half a lemon|lemon-juice|24|",
        "100 g tomato paste, double|tomato-paste-double|100|",
        "8 sage leaves|sage|4|",
        "3 sprigs of thyme|thyme|3|",
        "1 celery stick|celery|40|",
        "1 bottle red wine|red-wine|746|",
        "1 (160 g) can tuna, drained|tuna-canned|112|",
        "1 1/2 cups passata|passata|366.6|",
        "2 Tbs. olive oil|olive-oil|27|",
        "1 dozen eggs|egg|600|",
        "400 g organic canned crushed tomatoes|canned-crushed-tomato|400|",
        "20 g good salted butter|butter-salted|20|",
        "15 mussels|mussels|76.5|"
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
        "a heaped tablespoon of flour",
        "200 g cheese",
        "500 ml stock",
        "100 g lentils",
        "800 g chopped tomatoes",
        "1 small aubergine",
        "1 extra-large egg",
        "1 egg white",
        "1 bag spinach",
        "12 olives",
        "20 g vinegar",
        "12 olive oil",
        "tomatoes"
      })
  void whatIsNotClearIsSentBackAndNeverGuessed(String line) {
    Unclear back = assertInstanceOf(Unclear.class, READER.read(line).get(0));
    assertEquals(line, back.text());
    assertTrue(back.question().endsWith(".") || back.question().endsWith("?"), back.question());
  }

  /** Law 2, lines as cooks write them: none is read wrongly, at most a tenth is sent back. */
  @Test
  void linesAsCooksWriteThemAreReadRightlyOrSentBack() throws IOException {
    List<String> wrong = new ArrayList<>();
    List<String> back = new ArrayList<>();
    List<String[]> rows = rows();
    for (String[] row : rows) {
      List<String> right = List.of(row[1].split("/"));
      if (READER.read(row[0]).get(0) instanceof Understood read) {
        double grams = read.mass().grams();
        boolean fits =
            grams >= Double.parseDouble(row[2]) - 1e-6
                && grams <= Double.parseDouble(row[3]) + 1e-6;
        if (!fits || !right.contains(read.ingredientId())) {
          wrong.add(row[0] + " read as " + grams + " g " + read.ingredientId());
        }
      } else if (!right.contains("ASK")) {
        back.add(row[0]);
      }
    }
    assertEquals(List.of(), wrong);
    assertTrue(back.size() * 10 <= rows.size(), back.toString());
  }

  private static List<String[]> rows() throws IOException {
    try (var file = PastedListTest.class.getResourceAsStream("/lines-as-written.csv")) {
      return new String(file.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .skip(1)
          .map(line -> line.split("\\|"))
          .toList();
    }
  }

  /** What a shelf of ours is called can be pasted, commas and all, and is that very thing. */
  @Test
  void everyNameOfThePantryIsRead() {
    List<String> wrong = new ArrayList<>();
    for (Ingredient one : ReferencePantry.load().all()) {
      boolean shell = one.buying().edibleShare() < 0.6 && !one.name().contains("flesh");
      PastedLine read = READER.read("100 g " + one.name() + (shell ? " flesh" : "")).get(0);
      if (!(read instanceof Understood understood) || !understood.ingredientId().equals(one.id())) {
        wrong.add(one.name() + ": " + read);
      }
    }
    assertEquals(List.of(), wrong);
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
