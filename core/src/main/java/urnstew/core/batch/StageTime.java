package urnstew.core.batch;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import urnstew.core.batch.BatchEvent.SimmerStarted;
import urnstew.core.batch.BatchEvent.StepDone;
import urnstew.core.formula.SimmerPhases;
import urnstew.core.formula.SimmerPhases.SimmerPhase;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageRole;
import urnstew.core.plan.PotProgram;

/**
 * How long a stage really took, by who said when it was over. A stage counts where its beginning
 * was said too: the lighting, or the end of the one before.
 *
 * @param title of the stage
 * @param took the batch's own time
 */
public record StageTime(String title, Duration took) {
  /** Key by which a stage before the simmer is said to be over. */
  public static String key(int stage) {
    return "stage-" + stage;
  }

  /** Of a batch, in the order of the work. */
  public static List<StageTime> of(BatchHistory history) {
    Map<String, Double> said = said(history);
    List<StageTime> times = new ArrayList<>();
    double begun = 0;
    List<Stage> stages = history.snapshot().inputs().formula().formula().stages();
    for (int place = 0; place < stages.size(); place++) {
      if (stages.get(place).role() == StageRole.PREPARE) {
        double over = said.getOrDefault(key(place), Double.NaN);
        add(times, stages.get(place), begun, over);
        begun = over;
      }
    }
    SimmerPhases phases = history.snapshot().inputs().formula().phases();
    for (int phase = 1; phase < phases.all().size() - 1; phase++) {
      SimmerPhase one = phases.all().get(phase);
      if (!one.until().isOfTheSauce()) {
        double from = said.getOrDefault(PotProgram.phase(phase), Double.NaN);
        double over = said.getOrDefault(PotProgram.phase(phase + 1), Double.NaN);
        add(times, one.last(), from, over);
      }
    }
    return times;
  }

  private static void add(List<StageTime> times, Stage stage, double from, double over) {
    if (over > from) {
      times.add(new StageTime(stage.title(), Duration.ofSeconds(Math.round(over - from))));
    }
  }

  /** Seconds of the batch at which steps were ticked; the simmer's start ends what is before it. */
  private static Map<String, Double> said(BatchHistory history) {
    BatchClock clock = history.snapshot().clock();
    Map<String, Double> said = new HashMap<>();
    for (StepDone done : history.counting(StepDone.class)) {
      said.put(done.step(), clock.secondsAt(done.at()));
    }
    List<SimmerStarted> started = history.counting(SimmerStarted.class);
    List<Stage> stages = history.snapshot().inputs().formula().formula().stages();
    for (int place = stages.size() - 1; place >= 0 && !started.isEmpty(); place--) {
      if (stages.get(place).role() == StageRole.PREPARE) {
        said.putIfAbsent(key(place), clock.secondsAt(started.get(started.size() - 1).at()));
        break;
      }
    }
    return said;
  }
}
