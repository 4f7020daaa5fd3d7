package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Holding, cooling, tubs and limits as a cook does them. */
class KeepIT extends Installed {
  private static Page at(String path) {
    Page page = browsers.page(1280, 800);
    page.navigate(installation.address() + path);
    return page;
  }

  private static Locator kept(Page page, String name) {
    return page.getByRole(
        AriaRole.ARTICLE, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator act(Locator kept, String name) {
    return kept.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
  }

  private static void read(Page page, String name, String degrees, int minutesAgo) {
    act(kept(page, name), "Read it").click();
    page.getByLabel("The thermometer shows").fill(degrees);
    page.getByLabel("When, if not just now").fill(Stove.minutesAgo(minutesAgo));
    Stove.save(page);
  }

  private static void choose(Page page, String field, String option) {
    page.getByLabel(field, new Page.GetByLabelOptions().setExact(true))
        .selectOption(new SelectOption().setLabel(option));
  }

  /** Cool 12 kg safely, into tubs, freeze, thaw, into a plan, onto a dish, and trace it. */
  @Test
  void twelveKilogramsFromThePotToTheDish() {
    Page page = at("/keep/cool");
    choose(page, "What", "Lantern ragù");
    page.getByLabel("How much").fill("12 kg");
    choose(page, "In what", "Old rondeau, 20.4 l");
    assertThat(Stove.said(page, "will miss")).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe before it starts");
    page.getByText(Pattern.compile("2 × Gastro tin, .* in ice")).first().waitFor();
    Stove.button(page, "Take it").first().click();
    assertThat(Stove.said(page, "makes it")).isVisible();
    page.getByLabel("When, if not just now").fill(Stove.minutesAgo(400));
    Stove.button(page, "It is cooling").click();
    page.waitForURL(Pattern.compile("/keep$"));
    read(page, "Lantern ragù", "60 °C", 370);
    read(page, "Lantern ragù", "66 F", 280);
    read(page, "Lantern ragù", "3.5", 60);
    Locator cooled = kept(page, "Lantern ragù");
    assertThat(cooled.getByText("cold in time")).isVisible();
    cooled.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Into tubs")).click();
    choose(page, "Into", "Chest freezer, −20 °C");
    assertThat(Stove.said(page, "1[34] tubs")).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe at the tubs");
    Stove.button(page, "It is put away").click();
    page.waitForURL(Pattern.compile("/keep$"));
    assertThat(kept(page, "Lantern ragù")).hasCount(0);
    page.getByLabel("Use first")
        .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Lantern ragù"))
        .click();
    usedAndTraced(page);
  }

  private static void usedAndTraced(Page page) {
    assertThat(page.getByText(Pattern.compile("best until"))).isVisible();
    byte[] labels =
        page.request().get(page.url().replace("/keep/lots/", "/api/lots/") + "/labels.pdf").body();
    assertTrue(new String(labels, 0, 5, StandardCharsets.US_ASCII).startsWith("%PDF"));
    Stove.button(page, "Move or thaw").click();
    choose(page, "To", "Walk-in, 3 °C");
    Stove.button(page, "It is there").click();
    assertThat(page.getByText(Pattern.compile("use by"))).isVisible();
    assertThat(page.getByText(Pattern.compile("Reheated to 74 °C all through: all of it in about")))
        .isVisible();
    Stove.button(page, "Use some").click();
    page.getByLabel("How much").fill("50 kg");
    page.getByLabel("For what dish").fill("baked layers, Thursday");
    Stove.button(page, "It is used").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("left");
    page.getByLabel("How much").fill("2 kg");
    Stove.button(page, "It is used").click();
    assertThat(page.getByLabel("Trace").getByText("baked layers, Thursday").first()).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe at a lot");
    page.navigate(installation.address() + "/plan");
    page.getByLabel("Which sauce").selectOption(new SelectOption().setLabel("Lantern ragù"));
    page.getByLabel("For whom").fill("120");
    Locator have = page.getByLabel("In tubs already");
    assertThat(have).containsText("You have 9");
    have.getByRole(AriaRole.BUTTON).click();
    assertThat(page.getByLabel("For whom")).not().hasValue("120");
  }

  /** Left in its pot: the mark is missed, and it is not put away by mistake. */
  @Test
  void aMissedMark() {
    Page page = at("/keep/cool");
    choose(page, "What", "Snowline ragù");
    page.getByLabel("How much").fill("7 kg");
    choose(page, "In what", "Old rondeau, 20.4 l");
    choose(page, "Where", "Walk-in");
    page.getByLabel("When, if not just now").fill(Stove.minutesAgo(250));
    Stove.button(page, "It is cooling").click();
    page.waitForURL(Pattern.compile("/keep$"));
    read(page, "Snowline ragù", "52 °C", 10);
    Locator missed = kept(page, "Snowline ragù");
    assertThat(missed.getByText("throw away", new Locator.GetByTextOptions().setExact(true)))
        .isVisible();
    act(missed, "Throw it away").click();
    Stove.choose(page, "put away, dated");
    Stove.button(page, "Save").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("not safe any more");
    Stove.choose(page, "thrown away");
    page.getByLabel("Why").fill("missed 21 °C");
    Stove.save(page);
    assertThat(missed).hasCount(0);
  }

  /** Held open it thickens; it is topped up, and too cool it asks for the stove. */
  @Test
  void aHotHold() {
    Page page = at("/keep");
    Stove.button(page, "Hold something hot").click();
    choose(page, "What", "Terrace ragù");
    page.getByLabel("How much").fill("6 kg");
    choose(page, "In what", "Old rondeau");
    page.getByLabel("Held at").fill("40 °C");
    Stove.choose(page, "off");
    page.getByLabel("When, if not just now").fill(Stove.minutesAgo(170));
    Stove.button(page, "It is on hold").click();
    assertThat(page.getByText(Pattern.compile("below what FDA Food Code 2022 allows"))).isVisible();
    page.getByLabel("Held at").fill("167 F");
    Stove.button(page, "It is on hold").click();
    Locator held = kept(page, "Terrace ragù");
    assertThat(held.getByText(Pattern.compile("add .* water now"))).isVisible();
    act(held, "Top it up").click();
    Stove.button(page, "It is in").click();
    assertThat(held.getByText(Pattern.compile("add .* water now"))).hasCount(0);
    read(page, "Terrace ragù", "66", 2);
    assertThat(held.getByText("66 °C", new Locator.GetByTextOptions().setExact(true))).isVisible();
    read(page, "Terrace ragù", "50", 1);
    assertThat(held.getByText(Pattern.compile("up to 74 °C all through by"))).isVisible();
    act(held, "Strike out 50").click();
    assertThat(held.getByText("66 °C", new Locator.GetByTextOptions().setExact(true))).isVisible();
  }

  /** A limit is changed in a copy, with its reason, and the screens say so. */
  @Test
  void theHeadCookChangesALimit() {
    Page page = at("/kitchen/rules");
    assertThat(page.getByText("3-501.14(A)(1)").first()).isVisible();
    Stove.button(page, "Copy it to change it").click();
    assertThat(page.locator("h1")).hasText("Ours, after FDA Food Code 2022");
    Stove.button(page, "Change held hot at").click();
    page.getByLabel("To", new Page.GetByLabelOptions().setExact(true)).fill("55 °C");
    page.getByLabel("Reason").fill("x");
    Stove.button(page, "Change it").click();
    assertThat(page.getByText(Pattern.compile("A changed limit needs its reason"))).isVisible();
    page.getByLabel("Reason").fill("county code of our own making");
    Stove.button(page, "Change it").click();
    assertThat(page.getByText(Pattern.compile("laxer than the 57 °C"))).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe at the limits");
  }

  /** One glance, at the desk and on the phone; nothing runs over the edge. */
  @ParameterizedTest
  @ValueSource(ints = {1280, 390})
  void today(int width) {
    Page page = browsers.page(width, 800);
    page.navigate(installation.address() + "/");
    page.waitForURL(Pattern.compile("/today$"));
    Locator needs = page.getByLabel("What needs someone");
    assertThat(needs.getByText("will not be cold in time: cool it otherwise")).isVisible();
    assertThat(needs.getByText(Pattern.compile("use it: about \\d+ plates"))).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe today");
    page.navigate(installation.address() + "/keep");
    assertThat(page.getByLabel("Use first")).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe at keep");
    Object over = page.evaluate("document.documentElement.scrollWidth - innerWidth");
    assertEquals(0, ((Number) over).intValue(), "nothing over the edge");
  }
}
