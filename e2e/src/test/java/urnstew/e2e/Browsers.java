package urnstew.e2e;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;
import java.util.List;

/** Debian's Chromium, driven by Playwright. It knows this machine as {@value #NAME} too. */
final class Browsers implements AutoCloseable {
  static final String NAME = "kitchen.test";

  /** How long an expectation may take to come true on a busy machine. */
  private static final double PATIENCE_MILLISECONDS = 60_000;

  /**
   * Asked of the library itself: its Java wrapper also gathers what passes, which takes six times
   * as long.
   */
  private static final String AXE = Scripts.text(AxeBuilder.class, "/axe.min.js");

  private final Playwright playwright = Playwright.create();
  private final Browser browser =
      playwright
          .chromium()
          .launch(
              new BrowserType.LaunchOptions()
                  .setExecutablePath(Path.of("/usr/bin/chromium"))
                  .setArgs(
                      List.of(
                          "--no-sandbox",
                          "--disable-gpu",
                          "--disable-quic",
                          "--no-first-run",
                          "--disable-background-networking",
                          "--disable-component-update",
                          "--disable-sync",
                          "--host-resolver-rules=MAP " + NAME + " 127.0.0.1")));

  Browsers() {
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MILLISECONDS);
  }

  /** A page that asks for stillness: a colour on its way to another is nobody's contrast. */
  Page page(int width, int height) {
    return page(width, height, false, ColorScheme.LIGHT);
  }

  /** By touch or by mouse, in light or dark. */
  Page page(int width, int height, boolean touch, ColorScheme scheme) {
    Page page =
        browser
            .newContext(
                new Browser.NewContextOptions()
                    .setViewportSize(width, height)
                    .setHasTouch(touch)
                    .setIsMobile(touch)
                    .setColorScheme(scheme)
                    .setReducedMotion(ReducedMotion.REDUCE))
            .newPage();
    page.setDefaultTimeout(PATIENCE_MILLISECONDS);
    page.addInitScript(AXE);
    return page;
  }

  void closePages() {
    List.copyOf(browser.contexts()).forEach(BrowserContext::close);
  }

  /** What axe finds wrong on the page once it stands still, in words. */
  static List<String> axe(Page page) {
    return axe(page, "body", List.of());
  }

  /** The same of a part of it, by some rules alone where any are named. */
  @SuppressWarnings("unchecked")
  static List<String> axe(Page page, String within, List<String> rules) {
    return (List<String>) page.evaluate(Scripts.of("axe"), List.of(within, rules));
  }

  @Override
  public void close() {
    playwright.close();
  }
}
