package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Planning to an hour, a ragù with all that happens to it, what was really poured, two pots. */
class StoveIT extends Installed {
  private static final Pattern HOUR = Pattern.compile("\\d\\d:\\d\\d");

  private static String hour(Locator figure) {
    assertThat(figure).isVisible();
    Matcher found = HOUR.matcher(figure.textContent().replaceAll(".*(?=..:..$)", ""));
    assertTrue(found.find(), figure.textContent());
    return found.group();
  }

  private static Page plan(String sauce, String covers) {
    Page page = browsers.page(1280, 800);
    page.navigate(installation.address() + "/plan");
    assertThat(page.getByText("Canned whole tomatoes")).isVisible();
    Stove.choose(page, sauce);
    page.getByLabel("For whom").fill(covers);
    page.getByLabel("On the table at").fill(Stove.inHours(6));
    assertThat(page.locator("h1")).hasText(sauce);
    return page;
  }

  private static void litEarlier(Page page, int minutes) {
    Stove.button(page, "Lit earlier").click();
    page.getByLabel("The burner was lit at").fill(Stove.minutesAgo(minutes));
    Stove.button(page, "Start as lit").click();
    page.waitForURL(Pattern.compile("/pots/.+"));
  }

  private static Locator thickAt(Page page) {
    return Stove.button(page, "Thick enough at");
  }

  /** From the wanted hour back to the match, and from the match forward to the same hour. */
  @Test
  void aPlanToAFixedHourAndBack() {
    Page page = plan("Plain marinara", "30");
    Locator light = Stove.button(page, "Light the burner \\d");
    String lit = hour(light);
    Stove.button(page, "rolling, thick enough").click();
    assertThat(light).not().hasText(Pattern.compile(lit));
    assertEquals(List.of(), Browsers.axe(page), "axe at the plan");
    int planned = Stove.minutesBetween(hour(light), hour(Stove.button(page, "Thick enough,")));
    assertTrue(planned > 20 && planned < Stove.minutesBetween(lit, Stove.inHours(6)), planned + "");
    litEarlier(page, 10);
    int forward = Stove.minutesBetween(Stove.minutesAgo(10), hour(thickAt(page)));
    assertEquals(planned, forward, 2, "the same simmer forwards and backwards");
  }

  @Test
  void aRaguWithAnAdditionAStruckOutReadingAndAPlateTest() {
    Page page = plan("Ridge ragù", "34");
    Stove.choose(page, "gentle");
    litEarlier(page, 90);
    Locator hour = thickAt(page);
    String before = hour.textContent();
    Stove.button(page, "Add as poured").click();
    Stove.choose(page, "something else");
    page.getByLabel("Went in, all of it").fill("400 g");
    Stove.button(page, "Save").click();
    Locator events = page.getByLabel("Readings");
    assertThat(events.getByText("400 g Water added")).isVisible();
    assertThat(hour).not().hasText(before);
    String thinned = hour.textContent();

    Stove.read(page, "weigh");
    Stove.choose(page, "sauce alone");
    page.getByLabel("The scale shows").fill("6 kg");
    Stove.button(page, "Save").click();
    assertThat(hour).not().hasText(thinned);
    Stove.button(page, "Strike out 6.00 kg").click();
    assertThat(hour).hasText(thinned);

    Stove.read(page, "plate");
    page.getByLabel("A level tablespoon on a cold plate").fill("95 mm");
    Stove.button(page, "Save").click();
    assertThat(events.getByText("95 mm wide on the plate")).isVisible();
    Stove.button(page, "boils off, from 1 reading").click();
    assertThat(page.getByText("body of this product")).isVisible();
    Stove.button(page, "Close").click();
    handedOverOnOnePage(page);
  }

  private static void handedOverOnOnePage(Page page) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Hand over")).click();
    assertThat(page.getByLabel("What was read and done").getByText("95 mm wide on the plate"))
        .isVisible();
    assertEquals(List.of(), Browsers.axe(page), "axe at the hand-over");
    byte[] pdf = page.pdf(new Page.PdfOptions().setFormat("A4").setPrintBackground(true));
    String text = new String(pdf, StandardCharsets.ISO_8859_1);
    Matcher pages = Pattern.compile("/Type\\s*/Page\\b").matcher(text);
    assertEquals(1, pages.results().count(), "one printed page");
  }

  @Test
  void whatWasReallyPouredRescalesWhatFollows() {
    Page page = plan("Ridge ragù", "12");
    litEarlier(page, 50);
    Locator milk = page.getByText(Pattern.compile("^Add \\d+ g whole milk"));
    String planned = milk.textContent();
    Locator end = Stove.button(page, "at the end, ");
    String portions = end.textContent();
    Stove.button(page, "Add as poured").click();
    page.getByLabel("Line of the formula").click();
    page.getByRole(
            AriaRole.OPTION,
            new Page.GetByRoleOptions().setName(Pattern.compile("^Canned whole tomatoes")))
        .click();
    page.getByLabel("Went in, all of it").fill("2.2 kg");
    Stove.button(page, "Save").click();
    assertThat(page.getByLabel("Readings").getByText("went in, as poured")).isVisible();
    assertThat(milk).not().hasText(planned);
    assertThat(end).not().hasText(portions);
    Stove.button(page, "Heat ").first().click();
    Stove.choose(page, "lively");
    Stove.button(page, "Save").click();
    assertThat(page.getByLabel("Readings").getByText("lively, lid off")).isVisible();
  }

  @Test
  void twoPotsAtOnce() {
    Page page = browsers.page(1024, 768);
    page.navigate(installation.address() + "/pots");
    Locator pots = page.getByLabel("Pots on the stove");
    Locator marinara = pots.getByText("Plain marinara").last();
    Locator ragu = pots.getByText("Ridge ragù").last();
    ragu.click();
    assertThat(page.locator("h1")).hasText("Ridge ragù");
    String untouched = thickAt(page).textContent();
    marinara.click();
    assertThat(page.locator("h1")).hasText("Plain marinara");
    Stove.read(page, "dip");
    page.getByLabel("Wet length of the stick").fill("52 mm");
    Stove.button(page, "Save").click();
    assertThat(Stove.button(page, "boils off, from 2 readings")).isVisible();
    ragu.click();
    assertThat(page.locator("h1")).hasText("Ridge ragù");
    assertThat(thickAt(page)).hasText(untouched);
    assertThat(Stove.button(page, "boils off, from 1 reading")).isVisible();
  }
}
