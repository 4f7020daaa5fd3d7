package urnstew.app.rules;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import urnstew.app.platform.Actor;
import urnstew.core.rules.Limit;

@RestController
@RequestMapping(path = "/api/rule-sets", produces = MediaType.APPLICATION_JSON_VALUE)
class RuleController {
  private final RuleService rules;

  RuleController(RuleService rules) {
    this.rules = rules;
  }

  /** A copy to make. */
  record RuleSetCopy(@NotNull UUID id, @NotBlank String name, @NotBlank String basis) {}

  /** A limit to change, in its unit. */
  record LimitChange(double value, @NotNull @Size(max = 500) String reason) {}

  @GetMapping
  List<RuleSetView> ruleSets() {
    return rules.all();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  RuleSetView copyRuleSet(@Valid @RequestBody RuleSetCopy copy, Actor actor) {
    return rules.copy(copy.id(), copy.name(), copy.basis(), actor);
  }

  @PutMapping("/{id}/limits/{limit}")
  RuleSetView changeLimit(
      @PathVariable String id,
      @PathVariable Limit limit,
      @Valid @RequestBody LimitChange change,
      Actor actor) {
    return rules.change(id, limit, change.value(), change.reason(), actor);
  }

  @PutMapping("/{id}/in-force")
  RuleSetView putRuleSetInForce(@PathVariable String id, Actor actor) {
    return rules.putInForce(id, actor);
  }
}
