package urnstew.core.serving.piece;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import urnstew.core.serving.piece.DropList.Entry;
import urnstew.core.task.Due;
import urnstew.core.task.Effort;
import urnstew.core.task.Figure;
import urnstew.core.task.Follows;
import urnstew.core.task.Need;
import urnstew.core.task.Span;
import urnstew.core.task.Subject;
import urnstew.core.task.Task;
import urnstew.core.task.Task.Kind;
import urnstew.units.Mass;
import urnstew.units.Temperature;

/** The work of pieces: into the sauce one kind after the other, or in a heat of their own. */
public final class PieceTasks {
  /** In or out, by the lot (common practice). */
  private static final Effort MOMENT = Effort.ofMinutes(0.5, 1, 2);

  /** Bare floor of a pan that is there beside the pots, m² (a pan of 28 cm). */
  private static final double PAN_SQUARE_METERS = 0.06;

  private PieceTasks() {}

  /**
   * Everything in one sauce, all done together: the first is in until the last is out.
   *
   * @param held pot and burner of the sauce
   * @param out when all is out
   * @param sauce what must be there before
   */
  public static List<Task> inSauce(
      DropList list, List<Need> held, Subject subject, Instant out, List<Follows> sauce) {
    Entry longest = list.drops().get(0);
    Duration span = longest.before();
    Task first =
        Task.of(
                "pieces-1",
                Kind.COOK,
                subject,
                in(longest),
                Due.at(out.minus(span)),
                lasting(Span.exactly(span)))
            .with(new Figure.Much(mass(longest)))
            .holding(held)
            .after(sauce);
    List<Task> all = new ArrayList<>(List.of(first));
    for (int i = 0; i < list.drops().size(); i++) {
      Entry entry = list.drops().get(i);
      if (i > 0) {
        all.add(within(first, "pieces-" + (i + 1), Kind.ADD, in(entry), entry, entry.before()));
      }
      if (!entry.out().isZero()) {
        String what = "out: " + name(entry);
        all.add(within(first, "pieces-out-" + (i + 1), Kind.MOVE_PIECES, what, entry, entry.out()));
      }
    }
    return List.copyOf(all);
  }

  private static Task within(
      Task first, String part, Kind kind, String what, Entry entry, Duration before) {
    Duration after = first.effort().total().likely().minus(before);
    return Task.of(part, kind, first.subject(), what, Due.at(first.due().at().plus(after)), MOMENT)
        .with(new Figure.Much(mass(entry)))
        .after(List.of(new Follows(first.key(), after, Optional.of(after))));
  }

  private static String in(Entry entry) {
    return (entry.above() ? "in, on top: " : "in: ") + name(entry);
  }

  private static String name(Entry entry) {
    return entry.kind().piece().cut().name().toLowerCase(Locale.ROOT);
  }

  private static Mass mass(Entry entry) {
    return entry.kind().piece().mass().times(entry.kind().count());
  }

  /**
   * Browned first where they are, then in their own heat until they are done by taste, and by the
   * code.
   *
   * @param rule what the code asks for; empty where this heat never meets it
   * @param out when they are out
   */
  public static List<Task> apart(
      Cooking cooking, Optional<Cooking.RuleCore> rule, int count, Subject subject, Instant out) {
    Span last = finish(cooking, rule);
    List<Spell> spells = cooking.before();
    Duration first = spells.stream().map(Spell::time).reduce(Duration.ZERO, Duration::plus);
    Instant at = out.minus(last.likely()).minus(first);
    List<Task> all = new ArrayList<>();
    List<Follows> before = List.of();
    for (int i = 0; i < spells.size(); i++) {
      Spell spell = spells.get(i);
      Span lasts = Span.exactly(spell.time());
      Task task =
          in(
                  spell.medium(),
                  spell.celsius(),
                  lasts,
                  cooking,
                  count,
                  subject,
                  "spell-" + (i + 1),
                  at)
              .after(before);
      all.add(task);
      before = List.of(Follows.within(task.key(), waits(cooking)));
      at = at.plus(spell.time());
    }
    all.add(
        in(cooking.medium(), cooking.celsius(), last, cooking, count, subject, "pieces", at)
            .after(before));
    return List.copyOf(all);
  }

  private static Task in(
      Medium medium,
      Temperature celsius,
      Span lasts,
      Cooking cooking,
      int count,
      Subject subject,
      String part,
      Instant at) {
    Piece piece = cooking.piece();
    boolean oven = medium.isOven();
    String name = piece.cut().name().toLowerCase(Locale.ROOT);
    Effort effort = medium == Medium.PAN ? turned(lasts, loads(piece, count)) : lasting(lasts);
    return Task.of(part, Kind.COOK, subject, medium.inWords() + ": " + name, Due.at(at), effort)
        .with(new Figure.Much(piece.mass().times(count)))
        .holding(oven ? List.of(new Need.OfOven(Optional.empty(), celsius)) : List.of());
  }

  /** From the end of the last spell before until taste and code are content. */
  private static Span finish(Cooking cooking, Optional<Cooking.RuleCore> rule) {
    Duration first =
        cooking.before().stream().map(Spell::time).reduce(Duration.ZERO, Duration::plus);
    Span taste = cooking.reaches(cooking.taste().celsius()).orElseThrow();
    Duration code = rule.map(Cooking.RuleCore::enough).orElse(Duration.ZERO);
    return new Span(
        after(first, longer(taste.least(), code)),
        after(first, longer(taste.likely(), code)),
        after(first, longer(taste.most(), code)));
  }

  private static Duration after(Duration first, Duration whole) {
    return whole.compareTo(first) > 0 ? whole.minus(first) : Duration.ZERO;
  }

  private static Duration longer(Duration one, Duration other) {
    return one.compareTo(other) > 0 ? one : other;
  }

  /** What does not lie side by side in a pan is done in loads. */
  private static int loads(Piece piece, int count) {
    return (int) Math.max(1, Math.ceil(count * piece.footprintSquareMeters() / PAN_SQUARE_METERS));
  }

  /** Turned all the time, load after load. */
  private static Effort turned(Span lasts, int loads) {
    return Effort.ofHands(
        new Span(
            lasts.least().multipliedBy(loads),
            lasts.likely().multipliedBy(loads),
            lasts.most().multipliedBy(loads)));
  }

  /** In, and then by itself. */
  private static Effort lasting(Span all) {
    Duration hands = MOMENT.hands().likely();
    Duration held = all.least().compareTo(hands) < 0 ? all.least() : hands;
    return new Effort(
        Span.exactly(held),
        new Span(all.least().minus(held), all.likely().minus(held), all.most().minus(held)));
  }

  /** Minutes that pieces may wait warm. */
  public static Duration waits(Cooking cooking) {
    return Duration.ofSeconds(Math.round(60 * cooking.piece().cut().waitsMinutes()));
  }
}
