package urnstew.app.platform;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Paths of the single page all give its one document; names with a dot are files. */
@Controller
class SinglePage {
  @GetMapping({
    "/",
    "/{path:(?!api|actuator)[^.]+}",
    "/{path:(?!api|actuator)[^.]+}/{rest:[^.]+}",
    "/{path:(?!api|actuator)[^.]+}/{rest:[^.]+}/{more:[^.]+}",
    "/{path:(?!api|actuator)[^.]+}/{rest:[^.]+}/{more:[^.]+}/{last:[^.]+}"
  })
  String page() {
    return "forward:/index.html";
  }
}
