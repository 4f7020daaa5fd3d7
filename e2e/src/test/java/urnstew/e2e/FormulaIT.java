package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A formula from a pasted list to the printed sheet, and one made without what some leave out. */
class FormulaIT extends Installed {
  private static final String LIST =
      """
      2 x 28 oz cans whole tomatoes, crushed by hand
      2 tbsp tomato paste
      salt to taste
      """;

  private static void go(Page page, String path) {
    page.navigate(installation.address() + path);
    assertThat(page.locator("h1")).isVisible();
  }

  private static Locator stage(Page page, int number) {
    return page.getByRole(
        AriaRole.GROUP, new Page.GetByRoleOptions().setName("Stage " + number).setExact(true));
  }

  private static void paste(Locator stage, String list) {
    stage.getByText("Paste a list").click();
    stage.getByLabel("A list, one ingredient to a line").fill(list);
    stage.getByText("Read the list").click();
  }

  @Test
  void fromAPastedListToWholeCansAndPaper() {
    Page page = browsers.page(1280, 800);
    go(page, "/formulas");
    page.getByText("Write a formula").click();
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Watch-night red");
    paste(stage(page, 1), "3 cloves garlic, sliced thin\n28 ml olive oil\n");
    assertThat(stage(page, 1).getByRole(AriaRole.COMBOBOX, combobox("Ingredient")).first())
        .hasValue("Garlic");
    paste(stage(page, 2), LIST);
    assertThat(stage(page, 2).getByText("How much at first?")).isVisible();
    stage(page, 2).getByText("Answer").click();
    stage(page, 2).getByLabel("A list, one ingredient to a line").fill("5 g salt");
    stage(page, 2).getByText("Read the list").click();
    assertThat(stage(page, 2).getByText("Read the list")).isHidden();
    page.getByLabel("Done at a thickness of").fill("12.5 %");
    Locator comes = page.getByLabel("What it comes to");
    assertThat(comes.getByText("Sauce", exactly())).isVisible();
    assertThat(page.getByText("All salt goes in before")).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe in the editor");
    Stove.button(page, "Save").click();
    page.waitForURL(Pattern.compile("/formulas/[0-9a-f-]{36}$"));
    assertThat(page.locator("h1")).hasText("Watch-night red");
    assertThat(page.getByLabel("Stages").getByText("Canned whole tomatoes")).isVisible();

    Stove.link(page, "Plan a batch").click();
    page.getByLabel("For whom").fill("34");
    page.getByLabel(Pattern.compile("whole cans, up")).check(force());
    Locator toBuy = page.getByLabel("To buy");
    assertThat(toBuy.getByText("Canned whole tomatoes")).isVisible();
    Locator tomatoes =
        toBuy.getByRole(AriaRole.LISTITEM).filter(has(page, "Canned whole tomatoes"));
    assertThat(tomatoes).containsText(Pattern.compile("needed(?!.*left)"));
    Stove.button(page, "Shopping and mise en place").click();
    page.waitForURL(Pattern.compile("/meals/.+"));
    assertThat(page.getByLabel("Mise en place").getByText("sliced thin")).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe at the meal");
    String sheets = page.getByText("Print", exact()).getAttribute("href");
    APIResponse printed = page.request().get(installation.address() + sheets);
    assertEquals(200, printed.status());
    assertTrue(new String(printed.body(), StandardCharsets.ISO_8859_1).startsWith("%PDF-"));
    assertTrue(printed.body().length > 8_000, printed.body().length + " bytes");
  }

  @Test
  void madeWithoutMilkAndGarlic() {
    Page page = browsers.page(1280, 800);
    go(page, "/formulas");
    page.getByLabel("Find by name, diet or allergen").fill("shells with");
    page.getByText("Shells with tomato compote and cream").click();
    assertThat(page.getByLabel("What it comes to").getByText("milk").first()).isVisible();
    Stove.button(page, "Make it without").click();
    page.getByLabel("milk", exactLabel()).check();
    page.getByLabel("garlic", exactLabel()).check();
    Locator sheet = page.getByRole(AriaRole.DIALOG);
    assertThat(sheet.getByText("gives way to").first()).isVisible();
    assertThat(sheet.getByText("no more milk").first()).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe in the sheet");
    Stove.button(page, "Keep it as ours").click();
    page.waitForURL(Pattern.compile("/formulas/[0-9a-f-]{36}$"));
    assertThat(page.locator("h1")).containsText("without milk and garlic");
    assertThat(page.getByLabel("Stages").getByText("Garlic")).hasCount(0);
    assertThat(page.getByLabel("Stages").getByText("Cream, 36 % fat")).hasCount(0);
    assertThat(page.getByLabel("What it comes to").getByText("milk")).hasCount(0);
  }

  @Test
  void sizedByWhatThereIsAndByThePotAndSharedWhereNoPotHoldsIt() {
    Page page = browsers.page(1280, 800);
    go(page, "/plan");
    page.getByLabel("what there is", exactLabel()).check(force());
    page.getByLabel("How much there is, 1").fill("5 kg");
    assertThat(page.getByText("It feeds 26.")).isVisible();
    page.getByLabel("the pot", exactLabel()).check(force());
    assertThat(page.getByText("As full as a lively boil allows.")).isVisible();
    page.getByLabel("who eats", exactLabel()).check(force());
    page.getByLabel("For whom").fill("140");
    Locator pots = page.getByLabel("Over several pots");
    // Two of the larger pots hold something: what is free is shared over.
    assertThat(pots.getByText("Plan this pot")).hasCount(3);
    assertEquals(List.of(), Browsers.axe(page), "axe with several pots");
    pots.getByText("Plan this pot").first().click();
    assertThat(page.getByLabel("For whom")).not().hasValue("140");
    assertThat(pots).hasCount(0);
    assertThat(page.getByText("Room for bubbles")).isVisible();
  }

  @Test
  void oneBaseMakesTwoDishesOfAMeal() {
    Page page = browsers.page(1280, 800);
    go(page, "/meals");
    Stove.button(page, "Write a meal").click();
    page.getByLabel("Add a dish").selectOption("cellar-cheek");
    page.getByLabel("Made of").selectOption("larder-base");
    Locator base = page.getByLabel("Base Larder base");
    assertThat(base).containsText("comes from tubs");
    Stove.button(page, "Leave the tubs, make it all").click();
    assertThat(base).containsText("made once");
    assertThat(page.getByText("breaks what the base promises").first()).isVisible();
    page.getByLabel("Add a dish").selectOption("plain-marinara");
    page.getByLabel("Made of").nth(1).selectOption("larder-base");
    assertThat(page.getByText("of Larder base when it is done")).hasCount(2);
    assertThat(page.getByLabel("Shopping list").getByText("Passata")).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe with a base");
  }

  /** What is pressed lies over its radio button. */
  private static Locator.CheckOptions force() {
    return new Locator.CheckOptions().setForce(true);
  }

  private static Page.GetByLabelOptions exactLabel() {
    return new Page.GetByLabelOptions().setExact(true);
  }

  private static Locator.GetByRoleOptions combobox(String name) {
    return new Locator.GetByRoleOptions().setName(name);
  }

  private static Locator.FilterOptions has(Page page, String text) {
    return new Locator.FilterOptions().setHas(page.getByText(text));
  }

  private static Page.GetByTextOptions exact() {
    return new Page.GetByTextOptions().setExact(true);
  }

  private static Locator.GetByTextOptions exactly() {
    return new Locator.GetByTextOptions().setExact(true);
  }
}
