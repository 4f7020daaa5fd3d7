package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A sharp and a flat sauce mended by cup trial on a live pot, and a table of eight on phones. */
class BalanceIT extends Installed {
  private static final Pattern AFTER = Pattern.compile("now, ([0-9.]+) % on the table");

  /** A pot of its own on the stove for half an hour, seen by its beads. */
  private static Page livePot() {
    Page page = plan("Plain marinara", "34");
    litEarlier(page, 30);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Balance").setExact(true))
        .last()
        .click();
    assertThat(page.locator("h1")).containsText("on the stove");
    return page;
  }

  private static Locator string(Page page, String name) {
    return page.getByRole(
        AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name + ":")));
  }

  private static double onTheTable(Page page, String name) {
    Matcher match = AFTER.matcher(string(page, name).getAttribute("aria-label"));
    assertTrue(match.find(), name);
    return Double.parseDouble(match.group(1));
  }

  private static void keepAndPourIn(Page page, String cup, String dose) {
    keep(page, cup, dose);
    pourIn(page);
  }

  private static void keep(Page page, String cup, String dose) {
    Stove.button(page, "Choose " + cup).click();
    Stove.button(page, "Keep this trial").click();
    assertThat(page.getByLabel("Ready to weigh").getByText(dose)).isVisible();
  }

  private static void pourIn(Page page) {
    Stove.button(page, ".* is in the pot").click();
    assertThat(page.getByLabel("Ready to weigh")).hasCount(0);
  }

  @Test
  void aSharpSauceIsMendedByACupTrial() {
    Page page = livePot();
    assertThat(page.getByText("Acidity is for taste here.")).isVisible();
    assertThat(page.getByText(Pattern.compile("acids do not boil off"))).isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe at the balance");
    double fat = onTheTable(page, "Fat");
    Stove.button(page, "Try Butter, off the heat in a cup").click();
    Stove.button(page, "Try Baking soda, last resort in a cup").click();
    assertThat(page.getByText(Pattern.compile("\\d+ drops soda water"))).isVisible();
    assertThat(page.getByText(Pattern.compile("of 10 g in 100 ml water"))).isVisible();
    page.getByLabel("Taste of butter").fill("rounder");
    page.getByLabel("Tasters").fill("many");
    assertThat(page.getByText("Type how many tasted, 0 to 200.")).isVisible();
    page.getByLabel("Tasters").fill("3");
    keepAndPourIn(page, "butter", "butter");
    page.waitForCondition(() -> onTheTable(page, "Fat") > fat + 1);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Pots")).first().click();
    Locator history = page.getByLabel("Readings");
    assertThat(
            history.getByText(
                Pattern.compile("tried in cups: as it is; .* butter: rounder \\(chosen\\)")))
        .isVisible();
    assertThat(history.getByText(Pattern.compile("Butter.* added"))).isVisible();
  }

  @Test
  void aFlatSauceIsLiftedAndAMeasuredPhIsKept() {
    Page page = livePot();
    page.getByLabel("pH of the pot, cooled to the room").fill("12");
    assertThat(page.getByText("A pH of a sauce lies between 3 and 7")).isVisible();
    page.getByLabel("pH of the pot, cooled to the room").fill("4.50");
    Stove.button(page, "Keep it with the pot").click();
    assertThat(page.getByText(Pattern.compile("pH 4\\.(49|50) →"))).isVisible();
    page.getByLabel("Fault").selectOption(new SelectOption().setLabel("it tastes flat"));
    Stove.button(page, "Try Lemon at the end in a cup").click();
    assertThat(page.getByText(Pattern.compile("(tsp|drops) lemon juice"))).isVisible();
    keep(page, "lemon juice", "lemon juice");
    // Not before the dose is there: what was typed of the pH is kept by then, and is in it.
    double acid = onTheTable(page, "Acid");
    pourIn(page);
    page.waitForCondition(() -> onTheTable(page, "Acid") > acid);
    page.getByLabel("Fault").selectOption(new SelectOption().setLabel("caught on the floor"));
    assertThat(page.getByText("Stop: it tastes burnt")).isVisible();
    assertThat(page.getByText("nothing takes that out: start again")).isVisible();
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Pots")).first().click();
    Locator history = page.getByLabel("Readings");
    assertThat(history.getByText(Pattern.compile("Lemon juice.* added"))).isVisible();
  }

  @Test
  void saltThatStillComesIsCountedAndAFinishTold() {
    Page page = browsers.page(1280, 800);
    page.navigate(installation.address() + "/balance?pot=ridge-ragu");
    assertThat(page.locator("h1")).containsText("Ridge ragù");
    double salt = onTheTable(page, "Salt");
    Stove.button(page, "\\+ hard cheese").click();
    page.getByLabel("How much on each plate, 1").fill("15 g");
    assertThat(page.getByLabel("Salt still to come").getByText("Hard grating cheese")).isVisible();
    page.waitForCondition(() -> onTheTable(page, "Salt") > salt + 0.1);
    page.getByLabel("How much on each plate, 1").fill("much");
    assertThat(page.getByLabel("Salt ledger").getByRole(AriaRole.ALERT)).isVisible();
    page.getByLabel("With").selectOption("egg-yolk");
    page.getByLabel("How much, for all of it").fill("50 g");
    assertThat(page.getByText(Pattern.compile("Whisk \\d+ spoonfuls? of hot sauce"))).isVisible();
    Stove.button(page, "Savoury. Show working").first().click();
    assertThat(page.getByText("y = u + 1218 u v,  v = IMP + 2.3 GMP")).isVisible();
  }

  @Test
  void aTableOfEightIsAskedOnPhones() {
    Page host = browsers.page(1280, 800);
    host.navigate(installation.address() + "/balance?pot=plain-marinara");
    Stove.button(host, "Try Butter, off the heat in a cup").click();
    Stove.button(host, "Try Sugar in a cup").click();
    Stove.button(host, "Ask the table, blind").click();
    host.waitForURL(Pattern.compile("/panels/.+"));
    String phones = host.url().replace("/panels/", "/taste/");
    assertThat(host.getByText("On each phone")).isVisible();
    String butter = code(host, "g butter");
    for (int seat = 1; seat <= 8; seat++) {
      Page phone = browsers.page(390, 844);
      phone.navigate(phones);
      assertThat(phone.locator("h1")).hasText("Seat " + seat + ": taste in this order");
      assertEquals(0, phone.getByText("butter").count(), "blind");
      if (seat == 1) {
        assertEquals(List.of(), Browsers.axe(phone), "axe on the phone");
      }
      Locator cups =
          phone.getByRole(
              AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^\\d{3}")));
      Stove.button(phone, butter).click();
      for (Locator cup : cups.all()) {
        if (!cup.innerText().startsWith(butter)) {
          cup.click();
        }
      }
      Stove.button(phone, "Send").click();
      assertThat(phone.locator("h1")).hasText("Thank you");
      phone.context().close();
    }
    assertThat(host.getByText("8 of 8 have answered")).isVisible();
    Stove.button(host, "Close and count").click();
    assertThat(host.getByText(Pattern.compile("Liked best: .* butter"))).isVisible();
    assertThat(host.getByText(Pattern.compile("The table has a favourite"))).isVisible();
    assertEquals(List.of(), Browsers.axe(host), "axe at the panel");
  }

  /** Number on the cup that holds something. */
  private static String code(Page host, String what) {
    String row = host.getByText(Pattern.compile(what)).first().locator("..").innerText();
    Matcher match = Pattern.compile("\\d{3}").matcher(row);
    assertTrue(match.find(), row);
    return match.group();
  }
}
