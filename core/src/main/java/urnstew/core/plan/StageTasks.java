package urnstew.core.plan;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import urnstew.core.formula.ResolvedFormula;
import urnstew.core.formula.ResolvedFormula.Portion;
import urnstew.core.formula.Stage;
import urnstew.core.formula.StageHeat;
import urnstew.core.formula.StageRole;
import urnstew.core.mise.MiseEnPlace;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Follows;
import urnstew.core.task.Need;
import urnstew.core.task.Span;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;
import urnstew.units.Temperature;

/**
 * The work of what is not reckoned as a fall: a part, such as a dough or fried slices, or a dish
 * that goes on from a share of a base. Each stage lasts as long as its formula says, a third
 * shorter or longer (assumption).
 */
public final class StageTasks {
  private static final double VARIES = 0.33;

  /** What its formula gives no minutes for goes on until it is brown (assumption). */
  private static final Duration UNTIL_BROWN = Duration.ofMinutes(8);

  /** A share that is hot goes on soon (common practice). */
  private static final Duration SHARE_WAITS = Duration.ofMinutes(30);

  /** One load after the other is no shorter for being the second. */
  private final Map<String, Integer> loads;

  private final ResolvedFormula batch;
  private final Subject subject;
  private final Instant ready;
  private final List<Need> held;
  private final List<Task> tasks = new ArrayList<>();

  private StageTasks(
      ResolvedFormula batch,
      Subject subject,
      Instant ready,
      List<Need> held,
      Map<String, Integer> loads) {
    this.batch = batch;
    this.subject = subject;
    this.ready = ready;
    this.held = List.copyOf(held);
    this.loads = Map.copyOf(loads);
  }

  /**
   * Mise en place and then stage after stage.
   *
   * @param batch at its size
   * @param ready when it is wanted
   * @param held pot and burner; none where nothing is known of them
   * @param loads how often a stage is done one after the other, by its title
   */
  public static List<Task> of(
      ResolvedFormula batch,
      Subject subject,
      Instant ready,
      List<Need> held,
      Map<String, Integer> loads) {
    StageTasks all = new StageTasks(batch, subject, ready, held, loads);
    all.from(0, all.mise());
    return List.copyOf(all.tasks);
  }

  /**
   * What is still to be done once a share of a base is there: stages before it joins only where
   * something goes into them.
   *
   * @param joins title of the stage at which the share goes in
   * @param share what brings the share
   */
  public static List<Task> afterShare(
      ResolvedFormula still,
      String joins,
      Task share,
      Subject subject,
      Instant ready,
      List<Need> held) {
    StageTasks all = new StageTasks(still, subject, ready, held, Map.of());
    all.tasks.add(share);
    List<Follows> before = new ArrayList<>(all.mise());
    int first = all.placeOf(joins);
    for (int place = 0; place < first; place++) {
      if (!still.portionsOf(place).isEmpty()) {
        before = List.of(all.put(place, before));
      }
    }
    before = new ArrayList<>(before);
    before.add(Follows.within(share.key(), SHARE_WAITS));
    all.from(first, before);
    return List.copyOf(all.tasks);
  }

  /**
   * What is made of a part before it goes on: all of it, or all until heat comes to it.
   *
   * @param batch at its size
   * @param untilHeat whether whatever goes on with it does the cooking
   * @param burner on which its hot stages stand; none where nothing is known of it
   */
  public static List<Task> made(
      ResolvedFormula batch, boolean untilHeat, Subject subject, Instant ready, List<Need> burner) {
    StageTasks all = new StageTasks(batch, subject, ready, burner, Map.of());
    List<Follows> last = all.mise();
    for (int place = 0; place < batch.formula().stages().size(); place++) {
      Stage stage = batch.formula().stages().get(place);
      if (untilHeat && isHot(stage)) {
        break;
      }
      if (!all.lasts(stage).isZero()) {
        last = List.of(all.put(place, last));
      }
    }
    return List.copyOf(all.tasks);
  }

  /**
   * What goes on apart from its pot, stage after stage. Once it has simmered it keeps warm as long
   * as that pot takes.
   *
   * @param instead what of it stands in for what they leave out
   * @param first place of the stage that it goes on with, from 0
   * @param before what must be over
   */
  public static List<Task> apart(
      ResolvedFormula still,
      ResolvedFormula instead,
      int first,
      List<Follows> before,
      Subject subject,
      Instant ready,
      List<Need> held) {
    StageTasks all = new StageTasks(still, subject, ready, held, Map.of());
    List<Follows> last = new ArrayList<>(all.mise());
    last.addAll(before);
    for (int place = first; place < still.formula().stages().size(); place++) {
      Follows next = all.put(place, last);
      all.saying(instead.portionsOf(place));
      boolean simmered = still.formula().stages().get(place).role() == StageRole.REDUCE;
      last = List.of(simmered ? Follows.whenever(next.key()) : next);
    }
    return List.copyOf(all.tasks);
  }

  /** The last of it, with what the cook has to know of it. */
  private void saying(List<Portion> instead) {
    if (!instead.isEmpty()) {
      int last = tasks.size() - 1;
      String names =
          instead.stream()
              .map(one -> one.ingredient().name().toLowerCase(Locale.ROOT))
              .distinct()
              .collect(Collectors.joining(", "));
      tasks.set(last, tasks.get(last).saying(tasks.get(last).what() + ", with " + names));
    }
  }

  private int placeOf(String title) {
    List<String> titles = batch.formula().stages().stream().map(Stage::title).toList();
    return Math.max(0, titles.indexOf(title));
  }

  private List<Follows> mise() {
    List<Task> mise =
        MiseEnPlace.of(Map.of(subject.name(), batch.withoutMade()))
            .tasks(subject, ready.minus(usual()));
    tasks.addAll(mise);
    return mise.stream().map(task -> Follows.whenever(task.key())).toList();
  }

  private Duration usual() {
    return batch.formula().stages().stream().map(this::lasts).reduce(Duration.ZERO, Duration::plus);
  }

  private Duration lasts(Stage stage) {
    boolean browned = stage.time().isZero() && isHot(stage);
    return (browned ? UNTIL_BROWN : stage.time())
        .multipliedBy(loads.getOrDefault(stage.title(), 1));
  }

  private static boolean isHot(Stage stage) {
    return stage.heat().level() != StageHeat.Level.OFF;
  }

  private void from(int first, List<Follows> before) {
    List<Follows> last = before;
    for (int place = first; place < batch.formula().stages().size(); place++) {
      last = List.of(put(place, last));
    }
  }

  private Follows put(int place, List<Follows> before) {
    Stage stage = batch.formula().stages().get(place);
    Kind kind = stage.role() == StageRole.FINISH ? Kind.FINISH : Kind.STAGE;
    Span lasts = Span.about(lasts(stage), VARIES);
    Task task =
        of(stage, place, kind, subject, Due.fromThen(ready.minus(usual())), lasts, heldFor(stage))
            .after(before);
    tasks.add(task);
    return after(stage, task);
  }

  /** A pot keeps its burner; what has no pot to keep takes one only for its heat. */
  private List<Need> heldFor(Stage stage) {
    boolean pot = held.stream().anyMatch(Need.OfVessel.class::isInstance);
    return pot || isHot(stage) ? held : List.of();
  }

  /** One stage, not yet after anything. */
  static Task of(
      Stage stage, int place, Kind kind, Subject subject, Due due, Span lasts, List<Need> held) {
    Effort effort = StageWork.of(stage).effort(stage, lasts);
    return Task.of(
            "stage-" + place, kind, subject, stage.title().toLowerCase(Locale.ROOT), due, effort)
        .holding(needs(stage, held));
  }

  /** How what is next follows a stage. */
  static Follows after(Stage stage, Task task) {
    Optional<Duration> gap = StageWork.of(stage).longestGap();
    return gap.map(most -> Follows.within(task.key(), most)).orElse(Follows.whenever(task.key()));
  }

  /** The pot and its heat, or what the stage is cooked in beside it, and its machines. */
  private static List<Need> needs(Stage stage, List<Need> held) {
    List<Need> needs = new ArrayList<>();
    Optional<Temperature> oven = stage.heat().oven();
    switch (stage.course().vessel()) {
      case POT ->
          held.stream()
              .filter(need -> oven.isEmpty() || need instanceof Need.OfVessel)
              .forEach(needs::add);
      case PAN -> needs.add(new Need.OfTool("a pan beside the pot"));
      case TRAY -> needs.add(new Need.OfTool("a tray"));
      case BOWL -> needs.add(new Need.OfTool("a bowl"));
    }
    oven.ifPresent(air -> needs.add(new Need.OfOven(Optional.empty(), air)));
    stage.course().tools().forEach(tool -> needs.add(new Need.OfTool(tool.name())));
    return needs;
  }
}
