package urnstew.app.formula;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import urnstew.app.formula.FormulaSheet.LineSheet;
import urnstew.app.formula.FormulaSheet.StageSheet;
import urnstew.core.formula.Family;
import urnstew.core.formula.Formula;
import urnstew.core.formula.Larder;
import urnstew.core.formula.PastedLine;
import urnstew.core.formula.PastedLine.Unclear;
import urnstew.core.formula.PastedLine.Understood;
import urnstew.core.formula.PastedList;
import urnstew.core.formula.StageHeat.Level;
import urnstew.core.formula.StageRole;
import urnstew.core.formula.Technique;
import urnstew.core.formula.Use;
import urnstew.core.reduction.Lid;
import urnstew.units.InvalidInput;

/**
 * A formula as a file: a Recipe of schema.org in JSON-LD that any reader understands, with our own
 * sheet under a name of our own, so that nothing is lost on the way back.
 */
@Component
class FormulaFile {
  private static final String OURS = "urnstew:sheet";
  private static final String NAMES = "urnstew:ingredients";
  private static final String PARTS = "urnstew:parts";
  private static final String NAMESPACE = "urn:urnstew:formula:1#";
  private static final int TITLE_LETTERS = 60;

  private final JsonMapper json;

  FormulaFile(JsonMapper json) {
    this.json = json;
  }

  /**
   * What a file is, or all that stands against it.
   *
   * @param parts formulas that it brings along since the shelf has none of that identity, the
   *     deepest first
   */
  record Read(List<FormulaSheet> sheets, Map<String, FormulaSheet> parts, List<FileFault> faults) {}

  /** Something that cannot be taken in, and where it stands. */
  record FileFault(String where, String what) {}

  /** With the tree of its parts; shipped ones, which every kitchen has, are only named. */
  String write(Formula formula, Larder larder, double madeKilograms) {
    FormulaSheet sheet = FormulaSheet.of(formula);
    ObjectNode file = json.createObjectNode();
    file.putArray("@context").add("https://schema.org").addObject().put("urnstew", NAMESPACE);
    file.put("@type", "Recipe").put("name", sheet.name()).put("description", sheet.inShort());
    file.put("recipeYield", String.format(Locale.ROOT, "%.2f kg", madeKilograms));
    var ingredients = file.putArray("recipeIngredient");
    var steps = file.putArray("recipeInstructions");
    Map<String, String> names = new TreeMap<>();
    for (StageSheet stage : sheet.stages()) {
      steps
          .addObject()
          .put("@type", "HowToStep")
          .put("name", stage.title())
          .put("text", told(stage));
      for (LineSheet line : stage.lines()) {
        String name = larder.ingredient(line.ingredientId()).name();
        names.put(line.ingredientId(), name);
        ingredients.add(told(line, name));
      }
    }
    file.set(OURS, json.valueToTree(sheet));
    file.set(NAMES, json.valueToTree(names));
    ObjectNode parts = file.putObject(PARTS);
    larder.partsOf(formula).stream()
        .filter(part -> !FormulaShelf.isShipped(part.id()))
        .forEach(part -> parts.set(part.id(), json.valueToTree(FormulaSheet.of(part))));
    return json.writerWithDefaultPrettyPrinter().writeValueAsString(file);
  }

  Read read(String text, Larder larder, PastedList lines) {
    try {
      JsonNode file = json.readTree(text);
      JsonNode recipe = recipeIn(file);
      if (recipe.isMissingNode()) {
        return fault("file", "There is no Recipe in it.");
      }
      return recipe.has(OURS) ? ours(recipe, larder) : plain(recipe, lines);
    } catch (JacksonException strange) {
      return fault("file", "It is not JSON, or is cut off: line " + lineOf(strange) + ".");
    }
  }

  private static JsonNode recipeIn(JsonNode file) {
    List<JsonNode> candidates = new ArrayList<>(List.of(file));
    file.forEach(candidates::add);
    file.path("@graph").forEach(candidates::add);
    return candidates.stream()
        .filter(node -> node.isObject() && isRecipe(node.path("@type")))
        .findFirst()
        .orElse(file.path("no such field"));
  }

  private static boolean isRecipe(JsonNode type) {
    return type.isArray()
        ? type.valueStream().anyMatch(FormulaFile::isRecipe)
        : type.asString("").equals("Recipe");
  }

  private Read ours(JsonNode recipe, Larder larder) {
    FormulaSheet sheet;
    Map<String, FormulaSheet> parts = new LinkedHashMap<>();
    try {
      sheet = json.treeToValue(recipe.path(OURS), FormulaSheet.class);
      for (var part : recipe.path(PARTS).properties()) {
        if (larder.shelf().formula(part.getKey()).isEmpty()) {
          parts.put(part.getKey(), json.treeToValue(part.getValue(), FormulaSheet.class));
        }
      }
      List<FileFault> missing = missing(sheet, parts, recipe.path(NAMES), larder);
      if (!missing.isEmpty()) {
        return new Read(List.of(), Map.of(), missing);
      }
      requireMakable(sheet, parts, larder);
    } catch (JacksonException | NullPointerException strange) {
      return fault(OURS, "The sheet in it is not whole.");
    } catch (InvalidInput fault) {
      return fault(fault.parameter(), fault.getMessage() + " " + fault.remedy());
    }
    return new Read(List.of(sheet), parts, List.of());
  }

  /** Each can be made of the pantry, the shelf, and what stands before it in the file. */
  private static void requireMakable(
      FormulaSheet sheet, Map<String, FormulaSheet> parts, Larder larder) {
    Map<String, Formula> read = new HashMap<>();
    Larder with =
        Larder.of(
            larder.pantry(),
            id -> Optional.ofNullable(read.get(id)).or(() -> larder.shelf().formula(id)));
    parts.forEach((id, part) -> read.put(id, new SheetReader(part, with).read(id, 1)));
    new SheetReader(sheet, with).read("file", 1);
  }

  private static List<FileFault> missing(
      FormulaSheet sheet, Map<String, FormulaSheet> parts, JsonNode names, Larder larder) {
    return Stream.concat(Stream.of(sheet), parts.values().stream())
        .flatMap(one -> one.stages().stream())
        .flatMap(stage -> stage.lines().stream())
        .map(LineSheet::ingredientId)
        .distinct()
        .filter(id -> Larder.formulaId(id).isEmpty() && !larder.pantry().has(id))
        .map(
            id ->
                new FileFault(
                    names.path(id).asString(id),
                    "The pantry has nothing of that kind ('"
                        + id
                        + "'). Add it, then take the file in."))
        .toList();
  }

  /** A recipe of somebody else: what is not understood of it stays in it, unread. */
  private static Read plain(JsonNode recipe, PastedList reader) {
    List<String> texts = new ArrayList<>();
    recipe.path("recipeIngredient").forEach(line -> texts.add(line.asString("")));
    List<PastedLine> read = reader.read(String.join("\n", texts));
    if (read.isEmpty()) {
      return fault("recipeIngredient", "There are no ingredients in it.");
    }
    return new Read(List.of(sheet(recipe, read)), Map.of(), List.of());
  }

  private static FormulaSheet sheet(JsonNode recipe, List<PastedLine> read) {
    List<LineSheet> lines =
        read.stream()
            .filter(Understood.class::isInstance)
            .map(Understood.class::cast)
            .map(
                line ->
                    new LineSheet(
                        line.ingredientId(),
                        line.mass().kilograms(),
                        line.entered(),
                        0,
                        line.note(),
                        1,
                        null))
            .toList();
    List<StageSheet> stages = new ArrayList<>();
    List<String> unread =
        read.stream().filter(Unclear.class::isInstance).map(PastedLine::text).toList();
    stages.add(stage("Everything", lines, unread));
    for (JsonNode step : recipe.path("recipeInstructions")) {
      String words =
          step.isString()
              ? step.asString()
              : step.path("text").asString(step.path("name").asString(""));
      if (!words.isBlank()) {
        stages.add(
            stage(
                words.substring(0, Math.min(TITLE_LETTERS, words.length())), List.of(), List.of()));
      }
    }
    String name = recipe.path("name").asString("").strip();
    return new FormulaSheet(
        name.isEmpty() ? "Without a name" : name.substring(0, Math.min(80, name.length())),
        recipe.path("description").asString(""),
        Family.PLAIN,
        Set.of(Use.DRY_PASTA),
        null,
        "",
        null,
        List.of(),
        stages);
  }

  private static StageSheet stage(String title, List<LineSheet> lines, List<String> unread) {
    return new StageSheet(
        title,
        StageRole.PREPARE,
        Technique.MIX,
        Level.MEDIUM,
        null,
        null,
        null,
        Lid.OFF,
        null,
        0,
        0,
        lines,
        unread,
        "",
        "",
        "",
        List.of(),
        "",
        "",
        null);
  }

  private static String told(LineSheet line, String name) {
    String amount =
        line.entered().isEmpty()
            ? String.format(Locale.ROOT, "%.4g g", line.massKilograms() * 1000)
            : line.entered();
    return amount + " " + name + (line.note().isEmpty() ? "" : ", " + line.note());
  }

  private static String told(StageSheet stage) {
    return stage.title()
        + (stage.minutes() > 0 ? String.format(Locale.ROOT, ", %.0f min", stage.minutes()) : "")
        + (stage.ready().isEmpty() ? "." : ", until " + stage.ready() + ".");
  }

  private static int lineOf(JacksonException strange) {
    return strange.getLocation() == null ? 1 : strange.getLocation().getLineNr();
  }

  private static Read fault(String where, String what) {
    return new Read(List.of(), Map.of(), List.of(new FileFault(where, what)));
  }
}
