package urnstew.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.ColorScheme;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every page and every sheet at every size is measured, not looked at: room, letters, targets,
 * focus, access.
 */
class EveryPageIT extends Installed {
  private static final String DEMO = "/0d3f1c52-0000-4000-8000-0000000000";
  private static final String POT = "/pots" + DEMO + "41";
  private static final String TUBS = "/keep/lots" + DEMO + "d3";
  private static final String DISH = "/meals" + DEMO + "a5/dishes/2";
  private static final String BENCH = "/meals" + DEMO + "a5/bench";
  private static final UUID SERVED = UUID.randomUUID();
  private static final String SERVICE = "/services/" + SERVED;
  private static final String RECORD = "/logbook" + DEMO + "31";
  private static final List<String> PAGES =
      List.of(
          "/begin",
          "/today",
          "/formulas",
          "/formulas/new",
          "/formulas/ridge-ragu",
          "/formulas/ridge-ragu/edit",
          "/meals",
          "/meals/parts",
          DISH,
          BENCH,
          SERVICE,
          "/pantry",
          "/plan",
          POT,
          POT + "/hand-over",
          "/balance",
          "/logbook",
          RECORD,
          "/logbook/compare",
          "/keep",
          "/keep/cool",
          "/keep/put-away",
          TUBS,
          "/keep/trace",
          "/kitchen",
          "/kitchen/rules",
          "/nowhere");

  private static final String MEAL =
      """
      {"name":"Mess","packGoal":"LEAST_COST","servedLocalTime":"%s","dishes":[{
       "formulaId":"plain-marinara","schools":[],"covers":8,"servingMassKilograms":0.15,
       "servingText":"150 g","groups":[],"besides":[]}]}""";

  /** A service goes on, so that its page is one of them. */
  @BeforeAll
  static void serviceGoesOn() {
    Page page = browsers.page(1280, 800);
    page.navigate(installation.address() + "/meals");
    UUID meal = UUID.randomUUID();
    write(page, "PUT", "/api/meals/" + meal, MEAL.formatted(Stove.inHours(6)));
    write(
        page,
        "POST",
        "/api/services",
        "{\"id\":\"%s\",\"mealId\":\"%s\",%s}".formatted(SERVED, meal, stamp()));
  }

  /** Other tests count what Today asks for. */
  @AfterAll
  static void serviceIsOver() {
    Page page = browsers.page(1280, 800);
    page.navigate(installation.address() + "/meals");
    String end = "{\"id\":\"%s\",%s}".formatted(UUID.randomUUID(), stamp());
    write(page, "POST", "/api/services/" + SERVED + "/ends", end);
    browsers.closePages();
  }

  private static String stamp() {
    Instant now = Instant.now();
    return "\"stamp\":{\"typedAt\":\"%s\",\"sentAt\":\"%s\"}".formatted(now, now);
  }

  /** What opens each sheet: buttons one after another, by how their names begin. */
  private static final Map<String, List<String>> SHEETS =
      Map.of(
          "/kitchen",
          List.of(
              "Add a burner",
              "Add a pot",
              "Add an oven",
              "Add a cold place",
              "Add a measure",
              "Change Rondeau",
              "Change Gas ring",
              "Change: Where it stands",
              "Change: Accuracy",
              "Change: What it calls thick",
              "Change: How it writes",
              "Time Gas ring",
              "Water boils at"),
          "/kitchen/rules",
          List.of("Copy it to change it > Change"),
          POT,
          List.of(
              "Read", "Heat ?(?!off)", "Add", "Heat off", "How thick", "Note how", "Look closer"),
          "/keep",
          List.of(
              "Leave something out",
              "Hold something hot",
              "Read it",
              "Cool it otherwise",
              "Reheat and begin",
              "Top it up",
              "End this record"),
          TUBS,
          List.of("Throw it away", "Use some", "Move or thaw", "Part it in two", "Wanted thawed"),
          "/pantry",
          List.of("Add an ingredient", "Almonds, ground", "Put in"),
          "/formulas/ridge-ragu",
          List.of("Make it without"),
          RECORD,
          List.of("Look closer"),
          "/plan",
          List.of("Thick enough"));

  /** From the heading until what it stands for is asked for and drawn. */
  private static final double DRAWN_MILLISECONDS = 450;

  private static final Locator.ClickOptions SOON = new Locator.ClickOptions().setTimeout(20_000);
  private static final double OPENED_MILLISECONDS = 150;
  private static final double TURNED_MILLISECONDS = 150;
  private static final String LONG_NAME = "Wortungetuem".repeat(7).substring(0, 80);

  /** Faults are gathered: one run tells them all. */
  private static final class Faults {
    private final List<String> found = new ArrayList<>();

    void add(String where, List<?> faults) {
      faults.forEach(fault -> found.add(where + ": " + fault));
    }

    void expectNone() {
      assertEquals("", String.join("\n", found));
    }
  }

  private static List<?> measured(Page page, String by) {
    return (List<?>) page.evaluate(Scripts.of("measured"), by);
  }

  /** Sizes that a page is opened for once and then turned to. */
  private record Screen(String by, List<int[]> sizes) {
    int[] first() {
      return sizes.get(0);
    }

    /** How it is measured at each of them. */
    List<Object> measured(Page page) {
      List<Object> faults = new ArrayList<>();
      for (int[] size : sizes) {
        turn(page, size);
        EveryPageIT.measured(page, by)
            .forEach(fault -> faults.add(size[0] + "x" + size[1] + ": " + fault));
      }
      if (sizes.size() > 1) turn(page, first());
      return faults;
    }

    private static void turn(Page page, int[] size) {
      if (page.viewportSize().width != size[0] || page.viewportSize().height != size[1]) {
        page.setViewportSize(size[0], size[1]);
        page.waitForTimeout(TURNED_MILLISECONDS);
      }
    }
  }

  private static final Screen DESK = new Screen("mouse", List.of(new int[] {1280, 800}));
  private static final Screen HANDS =
      new Screen("touch", List.of(new int[] {390, 844}, new int[] {1024, 768}));
  private static final Screen LOW = new Screen("mouse", List.of(new int[] {640, 400}));
  private static final Screen PHONE =
      new Screen("touch", List.of(new int[] {390, 844}, new int[] {844, 390}));

  private static Page page(Screen screen) {
    return browsers.page(
        screen.first()[0], screen.first()[1], screen.by().equals("touch"), ColorScheme.LIGHT);
  }

  /** Colours are those of every size: the dark ones are looked at once. */
  private static List<String> axe(Page page, String within, Screen screen) {
    List<String> found = new ArrayList<>();
    Browsers.axe(page, within, List.of()).forEach(fault -> found.add("axe, " + fault));
    if (screen == DESK) {
      page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
      // Nothing but contrast hangs on the colours.
      Browsers.axe(page, within, List.of("color-contrast"))
          .forEach(fault -> found.add("axe, dark, " + fault));
      page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.LIGHT));
    }
    return found;
  }

  /** Where the focus went by key and nothing showed it. */
  private static List<?> unseenFocus(Page page) {
    List<Object> unseen = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      page.keyboard().press("Tab");
      Object of = page.evaluate(Scripts.of("focused"));
      if (of != null) unseen.add("no focus seen on " + of);
    }
    return unseen;
  }

  private static void open(Page page, String path) {
    page.navigate(installation.address() + path);
    assertThat(page.locator("h1")).isVisible();
    page.waitForTimeout(DRAWN_MILLISECONDS);
    assertThat(page.getByLabel("Being fetched")).hasCount(0);
  }

  static List<Screen> deskAndHands() {
    return List.of(DESK, HANDS);
  }

  static List<Screen> lowAndPhone() {
    return List.of(LOW, PHONE);
  }

  @ParameterizedTest
  @MethodSource("deskAndHands")
  void pagesAreRoomyLegibleAndReached(Screen screen) {
    Page page = page(screen);
    Faults faults = new Faults();
    for (String path : PAGES) {
      open(page, path);
      faults.add(path, screen.measured(page));
      faults.add(path, axe(page, "body", screen));
      if (screen == DESK) faults.add(path, unseenFocus(page));
    }
    faults.expectNone();
  }

  @ParameterizedTest
  @MethodSource("deskAndHands")
  void sheetsAreToo(Screen screen) {
    Page page = page(screen);
    Faults faults = new Faults();
    SHEETS.forEach(
        (path, openers) -> {
          open(page, path);
          for (String opener : openers)
            faults.add(path + " " + opener, ofSheet(page, opener, screen));
        });
    faults.expectNone();
  }

  private static boolean opens(Locator sheets) {
    try {
      sheets.first().waitFor(new Locator.WaitForOptions().setTimeout(20_000));
      return true;
    } catch (TimeoutError nothing) {
      return false;
    }
  }

  private static List<Object> ofSheet(Page page, String opener, Screen screen) {
    Locator sheets = page.locator(".MuiModal-root");
    for (String button : opener.split(" > ")) {
      Stove.button(page, button).first().click(SOON);
    }
    if (!opens(sheets)) return List.of("opens nothing");
    page.waitForTimeout(OPENED_MILLISECONDS);
    List<Object> faults = new ArrayList<>(screen.measured(page));
    faults.addAll(axe(page, ".MuiModal-root", screen));
    for (int open = sheets.count(); open > 0; open--) {
      page.keyboard().press("Escape");
      assertThat(sheets).hasCount(open - 1);
    }
    return faults;
  }

  /** A phone on its side, a laptop at 200 %, a phone: all with names of 80 letters in one word. */
  @ParameterizedTest
  @MethodSource("lowAndPhone")
  void longNamesAndLowScreensHaveRoom(Screen screen) {
    Page page = page(screen);
    page.route(Pattern.compile("/api/(?!changes|formulas/ridge)[^?]+"), EveryPageIT::withLongNames);
    Faults faults = new Faults();
    for (String path : PAGES) {
      open(page, path);
      faults.add(path, screen.measured(page));
    }
    faults.expectNone();
  }

  private static void withLongNames(Route route) {
    if (!route.request().method().equals("GET")) {
      route.resume();
      return;
    }
    APIResponse answer = route.fetch();
    String named =
        answer.text().replaceAll("\"(\\w*[nN]ame)\":\"[^\"]*\"", "\"$1\":\"" + LONG_NAME + "\"");
    route.fulfill(new Route.FulfillOptions().setResponse(answer).setBody(named));
  }
}
