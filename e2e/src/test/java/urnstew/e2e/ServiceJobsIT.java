package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Whole jobs of cooks, from who eats to plates that are out at their hour, as they are typed. */
class ServiceJobsIT extends Installed {
  /** The solver may need some seconds, and is loaded with the first service. */
  private static final IsVisibleOptions SOLVED = new IsVisibleOptions().setTimeout(30_000);

  /** Far enough that a ragù can be begun, and whatever stands on the stove is gone. */
  private static final int AHEAD_HOURS = 14;

  private final Page page = browsers.page(1280, 800);
  private List<String> cooks = List.of();
  private int dishes;

  private void meal(String... hands) {
    cooks = List.of(hands);
    page.navigate(installation.address() + "/meals");
    Stove.button(page, "Write a meal").click();
    page.getByLabel("Plates go out at").fill(Stove.inHours(AHEAD_HOURS));
    page.getByLabel("Cooks").fill(String.join(", ", hands));
  }

  private void dish(String name, int covers) {
    page.getByLabel("Add a dish").selectOption(new SelectOption().setLabel(name));
    field("Covers").fill(String.valueOf(covers));
    dishes++;
  }

  /** Of the dish that was written last. */
  private Locator field(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).last();
  }

  private void madeOf(String base) {
    choose("Made of", "the base " + base);
  }

  /** Goes with it, as is usual. */
  private void with(String... offers) {
    for (String offer : offers) {
      with(offer, () -> {});
    }
  }

  private void with(String offer, Runnable typed) {
    Locator stoves = Stove.link(page, "At the stove, to the plate");
    assertThat(stoves).hasCount(dishes);
    stoves.last().click();
    page.waitForURL(Pattern.compile("/dishes/" + dishes + "$"));
    // Not the field of the page that is left.
    assertThat(Stove.link(page, "The meal")).isVisible();
    page.getByLabel("Goes with").selectOption(new SelectOption().setLabel(offer));
    typed.run();
    Stove.link(page, "The meal").click();
  }

  /** It fits, and all of this is work on it. */
  private void fits(String... works) {
    Stove.button(page, "The bench").click();
    assertThat(page.getByText(Pattern.compile("^Fits, "))).isVisible(SOLVED);
    StringBuilder all = new StringBuilder();
    for (String cook : cooks) {
      page.getByLabel(cook + "’s run sheet").check();
      Locator sheet =
          page.getByRole(
              AriaRole.LIST, new Page.GetByRoleOptions().setName("Run sheet of " + cook));
      assertThat(sheet).isVisible();
      all.append(sheet.innerText());
    }
    for (String work : works) {
      assertTrue(all.indexOf(work) >= 0, work + " in " + all);
    }
  }

  private void choose(String label, String option) {
    field(label).selectOption(new SelectOption().setLabel(option));
  }

  /** One base, two tastes: balls and bread are in the oven with one another. */
  @Test
  void twoTastesFromOneBaseWithBallsAndBreadInOneOven() {
    meal("Ada", "Bo");
    dish("Garden and olive", 10);
    madeOf("Larder base");
    with(
        "Meatballs, golf-ball size",
        () -> {
          choose("Finished", "in the oven");
          field("That is").fill("220 °C");
        });
    with("Cheese, bread or other goods", () -> choose("In the oven", "Flat bread, from dough"));
    dish("Cellar cheek sauce", 8);
    madeOf("Larder base");
    with("Spaghetti");
    fits("mix", "oven: meatballs", "in the oven: flat bread", "wine", "into the pan");
  }

  /** One cook rolls the dough while the ragù simmers, and boils it to the minute. */
  @Test
  void raguWithDoughRolledAndBoiledByOneCook() {
    meal("Ada");
    dish("Ridge ragù", 8);
    with("Ribbons, fresh egg", () -> choose("Comes from", "Egg dough"));
    fits("knead", "roll it and cut it", "pasta in", "simmer");
  }

  /** What is left of a pot is baked for those who come later. */
  @Test
  void aPotOfSauceAndThenABakeOfTheRest() {
    meal("Ada", "Bo");
    dish("Snowline ragù", 12);
    with("Spaghetti");
    dish("Snowline ragù", 10);
    choose("Made of", "the same pot");
    field("Out at").fill(Stove.inHours(AHEAD_HOURS + 3));
    with("In a tray, with sheets");
    fits("flour in the fat", "layer the tray", "into the oven", "into the pan");
  }

  /** Forty plates in ninety minutes, of pasta that was cooked before. */
  @Test
  void aWindowOfPickUpsWithPastaCookedBefore() {
    meal("Ada", "Bo");
    dish("Plain marinara", 40);
    with("Spaghetti");
    String hours = Stove.inHours(AHEAD_HOURS) + "-" + Stove.inMinutes(60 * AHEAD_HOURS + 90);
    page.getByLabel("Plates go out at").fill(hours);
    Stove.link(page, "At the stove, to the plate").click();
    assertThat(page.getByText("10 pick-ups, one every 10 min: 4 plates at the most")).isVisible();
    Stove.link(page, "The meal").click();
    fits("most of the way", "lift, oil and spread it", "dip it, and into the pan", "top it up");
    assertThat(page.getByText(Pattern.compile("^40 plates from "))).isVisible();
  }

  /** Five kinds from the sea in one sauce, each in at its own minute, with pasta and bread. */
  @Test
  void fiveFromTheSeaWithPastaAndBread() {
    meal("Ada", "Bo");
    dish("Garden and olive", 10);
    with(
        "Linguine", "White fish steak", "Prawns, shelled", "Mussels", "Squid in rings", "Scallops");
    with("Cheese, bread or other goods", () -> choose("In the oven", "Bread, to warm"));
    fits("fish steak", "prawns", "mussels", "squid", "scallops", "into the pan", "bread, to warm");
  }

  /** The pan gives its sauce to a first course, and cooks the second in what is left. */
  @Test
  void twoCoursesFromOnePan() {
    meal("Ada");
    dish("Plain marinara", 8);
    with("Spaghetti");
    dish("Plain marinara", 8);
    choose("Made of", "the same pot");
    field("Out at").fill(Stove.inMinutes(60 * AHEAD_HOURS + 40));
    with("Chicken thigh, boneless");
    fits("chicken thigh", "into the pan");
    Locator works = page.getByRole(AriaRole.LISTITEM);
    assertThat(works.filter(new Locator.FilterOptions().setHasText("light it"))).hasCount(1);
  }

  /** What was made the day before is heated, and parts of a tray are made before it is layered. */
  @Test
  void theDayBefore() {
    meal("Ada", "Bo");
    dish("Tray of sheets", 12);
    dish("Garden and olive", 4);
    madeOf("Larder base");
    fits("knead", "flour in the fat", "layer", "heat what is in tubs");
  }

  /** Who eats without milk has a small pot: out of the common one before the milk goes in. */
  @Test
  void aShareGoesOnApart() {
    meal("Ada", "Bo");
    dish("Ridge ragù", 12);
    choose("Some eat without", "milk");
    fits("take it out of the pot", "simmer, with vegetable stock");
  }
}
