package urnstew.core.formula;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import urnstew.core.pantry.Handling;
import urnstew.core.pantry.Handlings;
import urnstew.core.pantry.Ingredient;
import urnstew.core.sauce.Filling;
import urnstew.core.sauce.PotContents;
import urnstew.core.thermo.Composition;
import urnstew.units.Mass;
import urnstew.units.MassFraction;

/**
 * A formula with its ingredients in hand, ready to be computed with. What is made by a formula of
 * its own is one portion here, which knows what it is made of.
 *
 * @param formula the definition, of one school
 * @param portions what goes in, in the order of the work
 */
public record ResolvedFormula(Formula formula, List<Portion> portions) {
  /** Words for what can be found again in a pot (assumption). */
  private static final List<String> UNCUT = List.of("halved", "whole", "quartered");

  /** Whatever is cooked keeps some of its water (assumption). */
  private static final double MOST_DRIED = 0.95;

  public ResolvedFormula {
    portions = List.copyOf(portions);
  }

  /**
   * One ingredient with its amount at the formula's own size.
   *
   * @param ingredient what, as it goes in: what its note says is done to it already
   * @param mass how much
   * @param role when
   * @param stage place of its stage, from 0
   * @param stageTitle in which stage
   * @param after time from the start of the stage
   * @param note cut or moment
   * @param firstDose share that goes in before tasting
   * @param yieldShare of the bought weight that goes in, after peel, bone and what the note says
   * @param made how it is made, where a formula makes it; empty for goods
   */
  public record Portion(
      Ingredient ingredient,
      Mass mass,
      StageRole role,
      int stage,
      String stageTitle,
      Duration after,
      String note,
      MassFraction firstDose,
      double yieldShare,
      Optional<MadePart> made) {
    /** So much of it, as it goes in. */
    public PotContents contents() {
      return made.map(MadePart::contents).orElseGet(() -> ingredient.contents(mass));
    }

    /** All that is taken from the pantry for it: itself, or what its formula takes. */
    public Stream<Portion> goods() {
      return made.filter(MadePart::isMadeNow)
          .map(part -> part.formula().goods().stream())
          .orElseGet(() -> Stream.of(this));
    }

    /** The same, with its pieces told apart where they are among these ingredients. */
    Filling filling(Set<String> apart) {
      return apart.contains(ingredient.id())
          ? Filling.apart(contents(), ingredient.id())
          : Filling.of(contents());
    }

    /** What has to be bought for it. */
    public Mass bought() {
      return mass.times(1 / yieldShare);
    }

    public Portion of(Ingredient other) {
      return with(other, mass, after, firstDose, made);
    }

    public Portion times(double factor) {
      return of(mass.times(factor));
    }

    /** So much of it. */
    public Portion of(Mass other) {
      double factor = other.kilograms() / mass.kilograms();
      return with(ingredient, other, after, firstDose, made.map(part -> part.times(factor)));
    }

    /** The same so long after the start of its stage. */
    public Portion entering(Duration other) {
      return with(ingredient, mass, other, firstDose, made);
    }

    /** What of it waits for the tasting, all of which still does. */
    public Portion heldBack() {
      Portion rest = times(1 - firstDose.value());
      return rest.with(rest.ingredient, rest.mass, after, new MassFraction(0), rest.made);
    }

    /** Whether a formula makes it for this. */
    public boolean isMadeForIt() {
      return made.filter(MadePart::isMadeNow).isPresent();
    }

    private boolean isMadeBy(String formulaId) {
      return made.filter(MadePart::isMadeNow)
          .filter(part -> part.formula().formula().id().equals(formulaId))
          .isPresent();
    }

    /** Whether it is taken from what a formula made before. */
    public boolean isKeptOf(String formulaId) {
      return made.filter(part -> !part.isMadeNow())
          .filter(part -> part.formula().formula().id().equals(formulaId))
          .isPresent();
    }

    private Portion taken(Ingredient kept) {
      MadePart there = made.orElseThrow().keptAs(kept);
      Ingredient what = there.isPieces() ? ingredient.keptAs(kept) : kept;
      return with(what, mass, after, firstDose, Optional.of(there));
    }

    private Portion at(int place) {
      return in(role, place, stageTitle);
    }

    /** The same in a stage of another formula. */
    public Portion in(Stage other, int place) {
      return in(other.role(), place, other.title());
    }

    private Portion in(StageRole itsRole, int place, String title) {
      return new Portion(
          ingredient, mass, itsRole, place, title, after, note, firstDose, yieldShare, made);
    }

    private Portion with(
        Ingredient what, Mass much, Duration when, MassFraction first, Optional<MadePart> part) {
      return new Portion(what, much, role, stage, stageTitle, when, note, first, yieldShare, part);
    }
  }

  /**
   * Looks every ingredient up, and every part; questions without an answer take their first way.
   *
   * @throws urnstew.units.InvalidInput if a formula would be a part of itself, or is not there
   */
  public static ResolvedFormula of(Formula formula, Larder larder) {
    Formula chosen = formula.choosing(List.of());
    List<Portion> portions = new ArrayList<>();
    Larder within = larder.making(new Larder.Making(formula.id(), formula.name()));
    for (int place = 0; place < chosen.stages().size(); place++) {
      Stage stage = chosen.stages().get(place);
      for (Stage.Line line : stage.lines()) {
        portions.add(
            within
                .part(line)
                .map(part -> portion(line, stage, part))
                .orElseGet(
                    () -> portion(line, stage, within.pantry().ingredient(line.ingredientId())))
                .at(place));
      }
    }
    return new ResolvedFormula(chosen, portions);
  }

  private static Portion portion(Stage.Line line, Stage stage, MadePart part) {
    return new Portion(
        part.ingredient(),
        line.mass(),
        stage.role(),
        0,
        stage.title(),
        line.after(),
        line.note(),
        line.firstDose(),
        1,
        Optional.of(part));
  }

  private static Portion portion(Stage.Line line, Stage stage, Ingredient asBought) {
    List<Handling> handlings = Handlings.shipped().in(line.note(), asBought);
    Ingredient asItGoesIn = asBought;
    double yieldShare = asBought.buying().edibleShare();
    for (Handling handling : handlings) {
      asItGoesIn = handling.leaves(asItGoesIn);
      yieldShare *= handling.yieldShare();
    }
    return new Portion(
        asItGoesIn,
        line.mass(),
        stage.role(),
        0,
        stage.title(),
        line.after(),
        line.note(),
        line.firstDose(),
        yieldShare,
        Optional.empty());
  }

  public ResolvedFormula times(double factor) {
    return new ResolvedFormula(
        formula, portions.stream().map(portion -> portion.times(factor)).toList());
  }

  /** The simmer, cut where its stages end. */
  public SimmerPhases phases() {
    return SimmerPhases.of(formula);
  }

  /** What is in the pot when the simmer starts. */
  public PotContents intoThePot() {
    return intoThePot(Set.of()).all();
  }

  /**
   * The same.
   *
   * @param apart ingredients whose pieces are told apart
   */
  public Filling intoThePot(Set<String> apart) {
    SimmerPhases phases = phases();
    Filling pot = Filling.NOTHING;
    for (int place = 0; place < formula.stages().size(); place++) {
      Stage stage = formula.stages().get(place);
      Filling more = Filling.NOTHING;
      for (Portion portion : portionsOf(place)) {
        if (phases.entry(portion).atFirst()) {
          more = more.plus(portion.filling(apart));
        }
      }
      if (stage.role() != StageRole.FINISH) {
        pot =
            stage.driesAll()
                ? pot.plus(more).dried(stage.gone())
                : pot.plus(more.dried(stage.gone()));
      }
    }
    return pot;
  }

  /**
   * The same where what a stage makes beside the pot was weighed as it came over: it lost that much
   * less, or more, water; what water cannot explain was left behind.
   *
   * @param place of the stage
   * @param mass of all of its lines by then, above 0
   */
  public ResolvedFormula cameOver(int place, Mass mass) {
    PotContents in =
        portionsOf(place).stream()
            .map(Portion::contents)
            .reduce(PotContents.NOTHING, PotContents::plus);
    Composition all = in.everything();
    double liquid = all.waterKilograms() + all.ethanolKilograms();
    double gone = liquid == 0 ? 0 : (all.total().kilograms() - mass.kilograms()) / liquid;
    double dried = Math.max(0, Math.min(MOST_DRIED, gone));
    double left = mass.kilograms() / (all.total().kilograms() - dried * liquid);
    List<Stage> stages = new ArrayList<>(formula.stages());
    stages.set(place, stages.get(place).drying(new MassFraction(dried)));
    return new ResolvedFormula(
        formula.with(stages),
        portions.stream()
            .map(portion -> portion.stage() == place ? portion.times(Math.min(1, left)) : portion)
            .toList());
  }

  /** What is added while it simmers. */
  public List<Portion> additions() {
    SimmerPhases phases = phases();
    return portions.stream()
        .filter(
            portion -> {
              SimmerPhases.Entry entry = phases.entry(portion);
              return entry.when() == StageRole.REDUCE && !entry.atFirst();
            })
        .toList();
  }

  /** What goes into the pot of a portion that comes later, after its own stage has dried it. */
  public Filling later(Portion portion, Set<String> apart) {
    Stage stage = formula.stages().get(portion.stage());
    boolean whole = portion.role() == StageRole.REDUCE || stage.driesAll();
    Filling filling = portion.filling(apart);
    return whole ? filling : filling.dried(stage.gone());
  }

  /** Everything that is in the pot before the finish, as if put in together. */
  public PotContents beforeTheFinish() {
    return additions().stream()
        .map(portion -> later(portion, Set.of()).all())
        .reduce(intoThePot(), PotContents::plus);
  }

  /** What is added when it is thick enough. */
  public PotContents atTheFinish() {
    SimmerPhases phases = phases();
    return portions.stream()
        .filter(portion -> phases.entry(portion).when() == StageRole.FINISH)
        .map(portion -> later(portion, Set.of()).all())
        .reduce(PotContents.NOTHING, PotContents::plus);
  }

  /**
   * Whether a portion is lifted out whole: what is served apart, and what a stage takes out again
   * where it went in uncut.
   */
  public boolean comesOut(Portion portion) {
    return portion.ingredient().servedApartShare() > 0 || isDiscarded(portion);
  }

  /** Whether it goes in so large that it can be found again. */
  public static boolean isUncut(Portion portion) {
    return UNCUT.stream().anyMatch(portion.note()::contains);
  }

  /** Whether it is taken out and thrown away. */
  public boolean isDiscarded(Portion portion) {
    String name = portion.ingredient().name().toLowerCase(Locale.ROOT);
    return portion.ingredient().pieces().isPresent()
        && isUncut(portion)
        && formula.stages().stream()
            .flatMap(stage -> stage.takeOuts().stream())
            .anyMatch(what -> what.toLowerCase(Locale.ROOT).contains(name));
  }

  /** What is taken out and thrown away, less the juice that it gave: it is nobody's portion. */
  public Composition discarded() {
    return portions.stream()
        .filter(this::isDiscarded)
        .map(portion -> later(portion, Set.of()).all().cooked().pieces().whole())
        .reduce(Composition.NOTHING, Composition::plus);
  }

  /** All that is taken from the pantry for it and for its parts, in the order of the work. */
  public List<Portion> goods() {
    return portions.stream().flatMap(Portion::goods).toList();
  }

  /**
   * The same where what one formula makes for it is there already: it is taken, and not made. Parts
   * of parts are made as before.
   *
   * @param formulaId of the part
   * @param kept what there is, as an ingredient
   */
  public ResolvedFormula taking(String formulaId, Ingredient kept) {
    return new ResolvedFormula(
        formula,
        portions.stream().map(one -> one.isMadeBy(formulaId) ? one.taken(kept) : one).toList());
  }

  /** So much of what a formula makes is taken from what is kept. */
  public Mass taken(String formulaId) {
    return portions.stream()
        .filter(one -> one.isKeptOf(formulaId))
        .map(Portion::mass)
        .reduce(Mass.ZERO, Mass::plus);
  }

  /** Portions that are not there already, kept from an earlier day. */
  public List<Portion> toGet() {
    return portions.stream()
        .filter(portion -> portion.made().map(MadePart::isMadeNow).orElse(true))
        .toList();
  }

  /** Ids of all goods in it, through parts and tubs. */
  public Set<String> goodsIds() {
    return goods().stream()
        .map(Portion::ingredient)
        .flatMap(one -> Stream.concat(Stream.of(one.id()), one.labelling().madeOf().stream()))
        .collect(Collectors.toSet());
  }

  /** The formulas that make parts of it, each at the size that it takes, the deepest first. */
  public List<MadePart> parts() {
    return portions.stream()
        .flatMap(portion -> portion.made().filter(MadePart::isMadeNow).stream())
        .flatMap(part -> Stream.concat(part.formula().parts().stream(), Stream.of(part)))
        .toList();
  }

  /** Without what formulas of their own make for it: that is work of its own. */
  public ResolvedFormula withoutMade() {
    return new ResolvedFormula(
        formula, portions.stream().filter(portion -> !portion.isMadeForIt()).toList());
  }

  /** What a stage takes. */
  public List<Portion> portionsOf(int stage) {
    return portions.stream().filter(portion -> portion.stage() == stage).toList();
  }

  /** Raw mass of all that a stage takes. */
  public Mass massOf(int stage) {
    return portionsOf(stage).stream().map(Portion::mass).reduce(Mass.ZERO, Mass::plus);
  }

  /** Raw mass of everything. */
  public Mass mass() {
    return portions.stream().map(Portion::mass).reduce(Mass.ZERO, Mass::plus);
  }

  /** How large it is against the formula's own size. */
  public double scaleFactor() {
    double own =
        formula.stages().stream()
            .flatMap(stage -> stage.lines().stream())
            .mapToDouble(line -> line.mass().kilograms())
            .sum();
    return own == 0 ? 1 : mass().kilograms() / own;
  }

  /** Fixed time from thick enough to the table. */
  public Duration finishTime() {
    return formula.stages().stream()
        .filter(stage -> stage.role() == StageRole.FINISH)
        .map(Stage::time)
        .reduce(Duration.ZERO, Duration::plus);
  }

  /** With the finish in it, and what baking it dries off. */
  public PotContents finished(PotContents thick) {
    return baked(thick.plus(atTheFinish()));
  }

  /** What is finished, after the bakes of its finish. */
  public PotContents baked(PotContents finished) {
    PotContents pot = finished;
    for (Stage stage : formula.stages()) {
      if (stage.role() == StageRole.FINISH && stage.driesAll()) {
        pot = pot.dried(stage.gone());
      }
    }
    return pot;
  }
}
