package urnstew.app.panel;

import static urnstew.app.platform.Fields.at;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import urnstew.app.batch.BatchDeclarations;
import urnstew.app.formula.FormulaShelf;
import urnstew.app.panel.PanelMapper.PanelRow;
import urnstew.app.panel.PanelMapper.SeatRow;
import urnstew.app.panel.PanelView.CupView;
import urnstew.app.panel.PanelView.ResultView;
import urnstew.app.panel.PanelView.SeatView;
import urnstew.app.panel.PanelView.TasterView;
import urnstew.app.panel.store.PanelDocuments;
import urnstew.app.platform.Actor;
import urnstew.app.platform.ConflictException;
import urnstew.app.platform.IdempotencyStore;
import urnstew.app.platform.NotFoundException;
import urnstew.app.platform.Write;
import urnstew.core.formula.Declaration;
import urnstew.core.panel.PairedPreference;
import urnstew.core.panel.Ranking;
import urnstew.core.panel.ServingPlan;
import urnstew.core.pantry.Intake;
import urnstew.units.InvalidInput;
import urnstew.units.Mass;

/** Asks a table, and reckons what its answers prove. */
@Service
public class PanelService {
  private static final int SEATS = 24;

  /** Of a dose so much that its sulphites count: safe for whoever must not have them. */
  private static final Mass A_DOSE = Mass.ofGrams(10);

  private final PanelMapper mapper;
  private final BatchDeclarations batches;
  private final FormulaShelf shelf;
  private final IdempotencyStore writes;
  private final Clock clock;
  private final RandomGenerator random = RandomGenerator.of("L64X128MixRandom");

  PanelService(
      PanelMapper mapper,
      BatchDeclarations batches,
      FormulaShelf shelf,
      IdempotencyStore writes,
      Clock clock) {
    this.mapper = mapper;
    this.batches = batches;
    this.shelf = shelf;
    this.writes = writes;
    this.clock = clock;
  }

  /** What was asked about a batch, the newest first. */
  @Transactional(readOnly = true)
  public List<PanelView> ofBatch(UUID batchId) {
    return mapper.ofBatch(batchId).stream().map(this::view).toList();
  }

  /** One panel, for the one who asks. */
  @Transactional(readOnly = true)
  public PanelView panel(UUID id) {
    return view(row(id));
  }

  /** Opens a panel, once. */
  @Write
  public PanelView open(PanelSheet sheet, Actor actor) {
    writes.once(sheet.id(), "panel", sheet, () -> opened(sheet));
    return panel(sheet.id());
  }

  private void opened(PanelSheet sheet) {
    int cups = sheet.cups().size();
    mapper.open(
        new PanelRow(
            sheet.id(),
            sheet.batchId(),
            sheet.title(),
            cups == 2 ? "PAIRED" : "RANKING",
            PanelDocuments.CUPS.write(sheet.cups()),
            PanelDocuments.SERVING.write(ServingPlan.of(cups, SEATS, random)),
            contains(sheet),
            clock.instant(),
            null));
  }

  /** Of the sauce and of everything that any cup got: which cup it was is not told. */
  private String contains(PanelSheet sheet) {
    Set<String> inCups = sheet.inCups();
    List<Intake> doses =
        inCups == null
            ? List.of()
            : inCups.stream()
                .map(id -> new Intake(at("inCups", () -> shelf.ingredient(id)), A_DOSE))
                .toList();
    List<String> unknown = inCups == null ? List.of("what was put into the cups") : List.of();
    return String.join("; ", sauce(sheet).and(Declaration.of(doses, A_DOSE, unknown)).inWords());
  }

  private Declaration sauce(PanelSheet sheet) {
    UUID batch = sheet.batchId();
    String formula = sheet.formulaId();
    if (batch != null) {
      return batches.of(batch);
    }
    return formula == null
        ? Declaration.of(List.of(), A_DOSE, List.of("which sauce it is"))
        : at("formulaId", () -> shelf.declared(formula));
  }

  /** Takes a seat for a phone, or finds the one that it took. */
  @Write
  public TasterView sit(UUID id, UUID device, Actor actor) {
    PanelRow row = mapper.lock(id).orElseThrow(() -> new NotFoundException("panel", id));
    List<SeatRow> seats = mapper.seats(id);
    if (seats.stream().noneMatch(seat -> seat.device().equals(device))) {
      requireOpen(row);
      if (seats.size() == SEATS) {
        throw new ConflictException(
            "All " + SEATS + " seats are taken.", "Ask the host to open another one.");
      }
      mapper.sit(id, seats.size() + 1, device);
    }
    return taster(row, device);
  }

  /** Keeps the answer of a phone; until the panel is closed it may be given anew. */
  @Write
  public TasterView vote(UUID id, UUID device, List<Integer> codes, String note, Actor actor) {
    PanelRow row = mapper.lock(id).orElseThrow(() -> new NotFoundException("panel", id));
    requireOpen(row);
    List<Integer> known = plan(row).codes();
    if (codes.size() != known.size() || !known.containsAll(codes) || repeats(codes)) {
      throw new InvalidInput(
          "codes",
          "not-a-ranking",
          "That does not name every cup once.",
          "all " + known.size() + " codes, the best first",
          "Tap the cups one after the other, the best first.");
    }
    List<Integer> places = codes.stream().map(known::indexOf).toList();
    if (mapper.vote(id, device, PanelDocuments.RANKED.write(places), note, clock.instant()) == 0) {
      throw new NotFoundException("seat", device);
    }
    return taster(row, device);
  }

  /** Closes a panel: only then anybody sees what was in the cups. */
  @Write
  public PanelView close(UUID id, Actor actor) {
    row(id);
    mapper.close(id, clock.instant());
    return panel(id);
  }

  private static boolean repeats(List<Integer> codes) {
    return codes.stream().distinct().count() < codes.size();
  }

  private static void requireOpen(PanelRow row) {
    if (row.closedAt() != null) {
      throw new ConflictException("This tasting is closed.", "Ask the host to open another one.");
    }
  }

  private TasterView taster(PanelRow row, UUID device) {
    SeatRow seat =
        mapper.seats(row.id()).stream()
            .filter(one -> one.device().equals(device))
            .findFirst()
            .orElseThrow(() -> new NotFoundException("seat", device));
    List<Integer> codes = plan(row).codes();
    return new TasterView(
        row.id(),
        row.title(),
        seat.seat(),
        order(plan(row), seat),
        ranked(seat).map(places -> places.stream().map(codes::get).toList()).orElse(List.of()),
        row.contains(),
        row.closedAt() != null);
  }

  private PanelView view(PanelRow row) {
    List<SeatRow> seats = mapper.seats(row.id());
    List<List<Integer>> answers = seats.stream().flatMap(seat -> ranked(seat).stream()).toList();
    ServingPlan plan = plan(row);
    boolean closed = row.closedAt() != null;
    return new PanelView(
        row.id(),
        row.batchId(),
        row.title(),
        row.openedAt(),
        closed,
        row.contains(),
        cups(row, plan, answers, closed),
        seats.stream()
            .map(
                seat ->
                    new SeatView(
                        seat.seat(),
                        order(plan, seat),
                        seat.ranked() != null,
                        closed ? seat.note() : ""))
            .toList(),
        answers.size(),
        closed ? result(plan.codes().size(), answers) : null);
  }

  private List<CupView> cups(
      PanelRow row, ServingPlan plan, List<List<Integer>> answers, boolean closed) {
    List<String> what = PanelDocuments.CUPS.read(row.cups());
    int last = what.size() - 1;
    return IntStream.range(0, what.size())
        .mapToObj(
            cup ->
                new CupView(
                    what.get(cup),
                    plan.codes().get(cup),
                    closed ? votes(answers, 0, cup) : null,
                    closed ? votes(answers, last, cup) : null,
                    closed ? answers.stream().mapToInt(a -> a.indexOf(cup) + 1).sum() : null))
        .toList();
  }

  private static int votes(List<List<Integer>> answers, int place, int cup) {
    return (int) answers.stream().filter(answer -> answer.get(place) == cup).count();
  }

  private static @Nullable ResultView result(int cups, List<List<Integer>> answers) {
    if (answers.isEmpty()) {
      return new ResultView(1, false, "Nobody has answered.");
    }
    if (cups > 2) {
      Ranking ranking = new Ranking(cups, answers);
      return new ResultView(ranking.probability(), ranking.proves(), ranking.inWords());
    }
    PairedPreference pair = new PairedPreference(answers.size(), votes(answers, 0, 0));
    return new ResultView(pair.probability(), pair.proves(), pair.inWords());
  }

  private static List<Integer> order(ServingPlan plan, SeatRow seat) {
    return plan.orders().get(seat.seat() - 1).stream().map(plan.codes()::get).toList();
  }

  private Optional<List<Integer>> ranked(SeatRow seat) {
    return Optional.ofNullable(seat.ranked()).map(PanelDocuments.RANKED::read);
  }

  private ServingPlan plan(PanelRow row) {
    return PanelDocuments.SERVING.read(row.plan());
  }

  private PanelRow row(UUID id) {
    return mapper.find(id).orElseThrow(() -> new NotFoundException("panel", id));
  }
}
