package urnstew.app.plan;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import urnstew.core.plan.Influences.Influence;
import urnstew.core.plan.PlanFigure;

@RestController
@RequestMapping(path = "/api/plans", produces = MediaType.APPLICATION_JSON_VALUE)
class PlanController {
  private final PlanService plans;

  PlanController(PlanService plans) {
    this.plans = plans;
  }

  @PostMapping("/preview")
  PlanPreview previewPlan(@Valid @RequestBody PlanRequest request) {
    return plans.preview(request);
  }

  @PostMapping("/ways")
  WaysView otherWays(@Valid @RequestBody PlanRequest request) {
    return plans.ways(request);
  }

  @PostMapping("/shares")
  List<ShareView> sharesOfPlan(@Valid @RequestBody PlanRequest request) {
    return plans.shares(request);
  }

  @GetMapping("/earlier-thicknesses")
  List<EarlierThickness> earlierThicknesses(@RequestParam String formulaId) {
    return plans.earlierThicknesses(formulaId);
  }

  @PostMapping("/influences/{figure}")
  List<Influence> influencesOnPlan(
      @PathVariable PlanFigure figure, @Valid @RequestBody PlanRequest request) {
    return plans.influences(request, figure);
  }
}
