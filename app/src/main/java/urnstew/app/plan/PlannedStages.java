package urnstew.app.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import urnstew.app.plan.PlanPreview.PhaseView;
import urnstew.app.plan.PlanView.LoadsView;
import urnstew.app.plan.PlanView.StageView;
import urnstew.core.formula.SimmerPhases;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageRole;
import urnstew.core.plan.Plan;
import urnstew.core.plan.PlanInputs;
import urnstew.core.plan.Preparation;
import urnstew.core.reduction.Phase;
import urnstew.core.reduction.ReductionCurve;

/** The stages of a plan, each with the time that it takes in this pot. */
final class PlannedStages {
  private final PlanInputs inputs;
  private final Plan plan;
  private final SimmerPhases phases;
  private final List<Phase> planned;

  PlannedStages(PlanInputs inputs, Plan plan) {
    this.inputs = inputs;
    this.plan = plan;
    this.phases = inputs.formula().phases();
    this.planned = plan.phases();
  }

  List<StageView> all() {
    List<Stage> stages = inputs.formula().formula().stages();
    List<StageView> views = new ArrayList<>();
    for (int place = 0; place < stages.size(); place++) {
      views.add(view(place, stages.get(place)));
    }
    return views;
  }

  private StageView view(int place, Stage stage) {
    Optional<Preparation.Step> step =
        plan.preparation().steps().stream().filter(of -> of.stage().equals(stage)).findFirst();
    boolean simmers = stage.role() == StageRole.REDUCE;
    int phase = phases.phaseOf(place);
    return new StageView(
        stage.title(),
        stage.role().name(),
        stage.isBeside(),
        simmers
            ? phaseSeconds(phase)
            : step.map(Preparation.Step::time).orElse(stage.time()).toSeconds(),
        simmers ? phase : null,
        simmers && phase == phases.answering(),
        simmers ? how(planned.get(phase)) : "",
        step.flatMap(Preparation.Step::browning).map(LoadsView::of).orElse(null),
        stage.cues().ready(),
        stage.cues().tooFar(),
        stage.caution(),
        stage.takeOuts(),
        stage.pause());
  }

  /** Phases that do not answer for the hour: their heat and lid are the formula's, or chosen. */
  List<PhaseView> others() {
    List<PhaseView> others = new ArrayList<>();
    for (int place = 0; place < phases.all().size(); place++) {
      Stage last = phases.all().get(place).last();
      Phase as = planned.get(place);
      if (place != phases.answering()) {
        others.add(
            new PhaseView(
                place,
                last.title(),
                HeatingChoice.of(as.heating()),
                as.lid(),
                !as.heating().equals(last.heat().heating()) || as.lid() != last.lid(),
                phaseSeconds(place)));
      }
    }
    return others;
  }

  private long phaseSeconds(int phase) {
    ReductionCurve likely = plan.prediction().likely();
    double from = likely.phaseStart(phase).orElse(likely.last().seconds());
    double to = likely.phaseStart(phase + 1).orElse(likely.last().seconds());
    return Math.round(to - from);
  }

  private static String how(Phase phase) {
    return "lid " + phase.lid().name().toLowerCase(Locale.ROOT) + ", " + phase.heating().inWords();
  }
}
