package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The pot follows its formula: a fish steak goes out, back in and out again (T-08). */
class StagesIT extends Installed {
  private static Locator stage(Page page, int number) {
    return page.getByRole(
        AriaRole.GROUP, new Page.GetByRoleOptions().setName("Stage " + number).setExact(true));
  }

  @Test
  void aFishSteakGoesOutBackAndOut() {
    Page page = plan("Olive and caper sauce for fish steaks", "12");
    Locator parts = page.getByRole(AriaRole.LIST, list("Other parts of the simmer"));
    assertThat(parts.getByText(Pattern.compile("^Fish back in, "))).isVisible();
    page.getByLabel("Lid in Fish back in").selectOption("AJAR");
    Locator asWritten = Stove.button(page, "Fish back in as the formula says");
    assertThat(asWritten).isVisible();
    asWritten.click();
    assertThat(asWritten).hasCount(0);
    Locator work = page.getByRole(AriaRole.REGION, region("The work"));
    assertThat(work.getByText("back in: swordfish")).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe at the plan");
    Stove.button(page, "Light the burner$").click();
    page.waitForURL(Pattern.compile("/pots/"));
    Locator steps = page.getByRole(AriaRole.LIST, list("Steps"));
    Locator sear = steps.getByRole(AriaRole.LISTITEM).first();
    assertThat(sear).containsText("swordfish");
    assertThat(sear).containsText("Mind: hot oil and wet fish");
    Stove.button(page, "Tomatoes in now").first().click();
    assertThat(Stove.button(page, "Back in: swordfish: done")).isVisible();
    Stove.button(page, "Fish back in: done").click();
    assertThat(Stove.button(page, "Fish back in: done")).hasCount(0);
    assertThat(page.getByText(Pattern.compile("· bare · lid on"))).isVisible();
    Stove.button(page, "Back in: swordfish: done").click();
    assertThat(Stove.button(page, "Back in: swordfish: done")).hasCount(0);
    assertThat(Stove.button(page, "Out: swordfish: done")).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe at the pot");
  }

  /** What goes out and comes back is written in the editor, and drawn beside the pot. */
  @Test
  void piecesAndEndsAreWritten() {
    Page page = browsers.page(1280, 800);
    page.navigate(installation.address() + "/formulas/stuffed-squid/edit");
    Locator reduce = stage(page, 4);
    reduce.getByLabel("Over with").selectOption("DOWN_TO");
    reduce.getByLabel("Down to", exactly()).fill("a bit");
    assertThat(reduce.getByText("Type it with its unit")).isVisible();
    reduce.getByLabel("Down to", exactly()).fill("3 cups");
    Stove.button(page, "Pieces out or back").nth(3).click();
    assertThat(reduce.getByText("Choose which pieces.")).isVisible();
    reduce.getByLabel("Which pieces").selectOption(new SelectOption().setLabel("Squid"));
    reduce.getByLabel("Pieces go").selectOption("BACK");
    assertEquals(List.of(), Browsers.axe(page), "axe in the editor");
    Stove.button(page, "Save").click();
    page.waitForURL(Pattern.compile("/formulas/[0-9a-f-]{36}$"));
    Locator stages = page.getByLabel("Stages");
    assertThat(stages.getByText("down to 3 cups")).isVisible();
    assertThat(stages.getByText("squid back in")).isVisible();
    assertThat(stages.getByText("beside the pot")).isVisible();
  }

  /** A tray of dough by the egg, white sauce by the making and sauce: priced and shopped (T-15). */
  @Test
  void aTrayOfThreePartsIsPricedAndShopped() {
    Page page = browsers.page(1280, 800);
    page.navigate(installation.address() + "/formulas/tray-of-sheets/edit");
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Watch-night tray");
    Locator layers = stage(page, 2);
    Locator goods = layers.getByLabel("Ingredient");
    goods.nth(1).fill("cheese sau");
    page.getByRole(AriaRole.OPTION).filter(hasText("a formula")).first().click();
    layers.getByLabel("How much").nth(1).fill("half a making");
    assertThat(layers.getByText("Type a weight")).isVisible();
    layers.getByLabel("How much").nth(1).fill("½ making");
    assertThat(layers.getByText("Type a weight")).hasCount(0);
    stage(page, 1).getByLabel("How much").first().fill("4 eggs");
    assertThat(page.getByLabel("What it comes to").getByText("mustard")).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe in the editor");
    Stove.button(page, "Save").click();
    page.waitForURL(Pattern.compile("/formulas/[0-9a-f-]{36}$"));
    Locator stages = page.getByLabel("Stages");
    assertThat(stages.getByText("4 eggs")).isVisible();
    assertThat(stages.getByRole(AriaRole.LINK, link("Cheese sauce"))).isVisible();
    assertThat(page.getByLabel("What it comes to").getByText("EUR").first()).isVisible();
    page.navigate(installation.address() + "/meals");
    Stove.button(page, "Write a meal").click();
    page.getByLabel("Add a dish").selectOption(new SelectOption().setLabel("Watch-night tray"));
    Locator made = page.getByRole(AriaRole.REGION, region("Made before"));
    for (String part : List.of("Egg dough", "Tight layer sauce", "White sauce", "Cheese sauce")) {
      assertThat(made.getByRole(AriaRole.LINK, link(part))).isVisible();
    }
    Locator list = page.getByLabel("Shopping list");
    for (String leaf :
        List.of("Wheat flour", "Egg", "Whole milk", "Passata", "Mustard, prepared")) {
      assertThat(list.getByText(leaf, new Locator.GetByTextOptions().setExact(true))).isVisible();
    }
    assertThat(list.getByText("EUR for all packs")).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe at the meal");
  }

  /** Counted in and out: as many picks as went into this batch. */
  @Test
  void aStuffedSquidIsNotServedWithItsPicks() {
    Page page = plan("Stuffed squid braise", "12");
    Stove.button(page, "Light the burner$").click();
    page.waitForURL(Pattern.compile("/pots/"));
    Stove.button(page, "Tomatoes in now").first().click();
    Locator steps = page.getByRole(AriaRole.LIST, list("Steps"));
    assertThat(steps.getByText(Pattern.compile("Take out: \\d+ toothpicks"))).isVisible();
    assertThat(steps.getByText("if one is missing")).isVisible();
    Stove.button(page, "Heat off").first().click();
    Locator sheet = page.getByRole(AriaRole.DIALOG);
    assertThat(sheet.getByText(Pattern.compile("toothpicks"))).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe at the end");
    page.keyboard().press("Escape");
    Stove.button(page, ".*toothpicks: done").click();
    assertThat(Stove.button(page, ".*toothpicks: done")).hasCount(0);
  }

  private static Locator.FilterOptions hasText(String text) {
    return new Locator.FilterOptions().setHasText(text);
  }

  private static Locator.GetByRoleOptions link(String name) {
    return new Locator.GetByRoleOptions().setName(name).setExact(true);
  }

  private static Locator.GetByLabelOptions exactly() {
    return new Locator.GetByLabelOptions().setExact(true);
  }

  private static Page.GetByRoleOptions list(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  private static Page.GetByRoleOptions region(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }
}
