package urnstew.e2e;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;

/** An installation of its own, and browsers, for all tests of a class. */
abstract class Installed {
  static Installation installation;
  static Browsers browsers;

  @BeforeAll
  static void install() throws Exception {
    installation = new Installation();
    browsers = new Browsers();
  }

  @AfterAll
  static void remove() throws Exception {
    browsers.close();
    installation.close();
  }
}
