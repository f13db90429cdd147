package app.unimetric.documents.shape;

import app.unimetric.core.pack.Phase;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problem;
import app.unimetric.core.problem.Problems;
import app.unimetric.documents.StrictJson;
import app.unimetric.documents.pack.PackReader;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The document of one job as it was shaped: the pack it was opened with and every change since, in
 * the order they were taken. What is undone stays written down; undoing is a change of its own.
 */
public final class Shaping {
  private static final Pattern PLACE = Pattern.compile("([A-Za-z]+)((?:\\[\\d+])*)");
  private static final List<List<String>> FIXING =
      List.of(
          List.of("thread"),
          List.of("hand"),
          List.of("propertyClass"),
          List.of("head"),
          List.of("count"),
          List.of("layout"),
          List.of("drive"),
          List.of("surface", "lock"),
          List.of("surface", "makerSays"));
  private static final JsonMapper JSON = StrictJson.mapper();
  private static final PackReader READER = new PackReader();
  private final ObjectNode opened;
  private final ShapeTree tree;
  private final Map<UUID, List<ShapeEdit>> wayBack = new HashMap<>();
  private final Deque<UUID> done = new ArrayDeque<>();
  private final Deque<UUID> undone = new ArrayDeque<>();

  private Shaping(ObjectNode opened) {
    this.opened = opened;
    tree = new ShapeTree(opened.deepCopy());
  }

  /** A job as it was opened. */
  public static Shaping of(String document) {
    return new Shaping((ObjectNode) JSON.readTree(document));
  }

  /** The document as it is now, JSON. */
  public String document() {
    return JSON.writeValueAsString(tree.root());
  }

  /** The document as it is now, to be looked at. */
  public ObjectNode tree() {
    return tree.root().deepCopy();
  }

  /** Whether anything is other than it was when the job was opened. */
  public boolean isShaped() {
    return !SameJson.same(tree.root(), opened);
  }

  /** Every place at which it is other than it was when the job was opened. */
  public List<ShapeDifference> differences() {
    return ShapeDifference.between(opened, tree.root());
  }

  /** What stands at a place; empty for nothing. */
  public Optional<JsonNode> find(List<String> at) {
    return Optional.ofNullable(tree.find(at)).map(JsonNode::deepCopy);
  }

  /**
   * Takes changes that were said together; all or none.
   *
   * @param undoes the earlier changes these take back, or bring back after they were taken back;
   *     null for new ones
   * @throws ShapeConflict when one of them was meant for what stands there no longer
   */
  public void take(UUID id, List<ShapeEdit> edits, @Nullable UUID undoes) {
    Deque<ShapeEdit> back = new ArrayDeque<>();
    try {
      edits.forEach(e -> back.push(tree.apply(e)));
    } catch (ShapeConflict conflict) {
      back.forEach(tree::apply);
      throw conflict;
    }
    wayBack.put(id, List.copyOf(back));
    if (undoes == null) {
      done.push(id);
      undone.clear();
    } else if (done.remove(undoes)) {
      undone.push(id);
    } else if (undone.remove(undoes)) {
      done.push(id);
    }
  }

  /** The changes that would be taken back next; empty when there are none. */
  public Optional<UUID> undoable() {
    return Optional.ofNullable(done.peek());
  }

  /** The taking back that would be reversed next; empty when there is none. */
  public Optional<UUID> redoable() {
    return Optional.ofNullable(undone.peek());
  }

  /**
   * What makes the document, or one written into it, become another.
   *
   * @param within the way to the document; empty for the whole
   * @param wanted JSON
   */
  public List<ShapeEdit> toBecome(List<String> within, String wanted) {
    if (!(tree.find(within) instanceof ObjectNode now)
        || !(JSON.readTree(wanted) instanceof ObjectNode then)) {
      return List.of();
    }
    Set<String> fields = new LinkedHashSet<>(now.propertyNames());
    fields.addAll(then.propertyNames());
    List<ShapeEdit> edits = new ArrayList<>();
    for (String field : fields) {
      JsonNode was = now.get(field);
      JsonNode wish = then.get(field);
      if (!SameJson.same(was, wish)) {
        List<String> at = new ArrayList<>(within);
        at.add(field);
        edits.add(new ShapeEdit.Put(at, was, wish));
      }
    }
    return edits;
  }

  /**
   * A new element of a list. What is undone or cleaned while one side is open belongs to that side,
   * so a step that comes into such a job without a word on it is done once a side.
   */
  public ShapeEdit insert(List<String> list, JsonNode item, @Nullable String before) {
    List<String> document = list.subList(0, Math.max(0, list.size() - 1));
    boolean step = !list.isEmpty() && list.get(list.size() - 1).equals("steps");
    JsonNode holder = tree.find(document);
    if (step
        && holder != null
        && holder.path("sidesInTurn").asBoolean(false)
        && item instanceof ObjectNode object
        && !object.has("eachSide")
        && isWhileOpen(object.path("phase").asString(""))) {
      ObjectNode sided = object.deepCopy();
      sided.put("eachSide", true);
      return new ShapeEdit.Insert(list, sided, before);
    }
    return new ShapeEdit.Insert(list, item, before);
  }

  private static boolean isWhileOpen(String phase) {
    return Arrays.stream(Phase.values())
        .filter(p -> p.name().equals(phase))
        .anyMatch(Phase::isWhileOpen);
  }

  /** Another element like one of a list, right behind it, under a name of its own. */
  public List<ShapeEdit> copy(List<String> at) {
    List<String> list = at.subList(0, Math.max(0, at.size() - 1));
    if (!(tree.find(at) instanceof ObjectNode element)
        || !(tree.find(list) instanceof ArrayNode all)) {
      throw new ShapeConflict(at, null);
    }
    String name = ElementName.of(element);
    int behind = 2;
    while (ElementName.in(all, name + "-" + behind) >= 0) {
      behind++;
    }
    ObjectNode copy = element.deepCopy();
    copy.put(ElementName.field(element), name + "-" + behind);
    if (copy.hasNonNull("title")) {
      copy.put("title", copy.get("title").asString() + " (" + behind + ")");
    }
    int next = ElementName.in(all, name) + 1;
    return List.of(
        new ShapeEdit.Insert(list, copy, next < all.size() ? ElementName.of(all.get(next)) : null));
  }

  /**
   * What makes one joint be held like another: the same fasteners, locked and coated alike.
   *
   * @param at the way to the one that changes
   * @param like the way to the other
   * @throws ShapeConflict when one of them is not there
   */
  public List<ShapeEdit> alike(List<String> at, List<String> like) {
    for (List<String> one : List.of(at, like)) {
      if (!(tree.find(one) instanceof ObjectNode)) {
        throw new ShapeConflict(one, tree.find(one));
      }
    }
    List<ShapeEdit> edits = new ArrayList<>();
    for (List<String> field : FIXING) {
      List<String> there = and(at, field);
      JsonNode was = tree.find(there);
      JsonNode now = tree.find(and(like, field));
      if (!SameJson.same(was, now)) {
        edits.add(new ShapeEdit.Put(there, was, now));
      }
    }
    return edits;
  }

  private static List<String> and(List<String> way, List<String> more) {
    List<String> longer = new ArrayList<>(way);
    longer.addAll(more);
    return longer;
  }

  /** What takes changes back. */
  public List<ShapeEdit> wayBack(UUID id) {
    return wayBack.getOrDefault(id, List.of());
  }

  /**
   * Holds the document against the published schema and the rules of a pack.
   *
   * @throws InvalidInput with every problem at its place, elements called by their names
   */
  public void check() {
    new Problems()
        .require(
            SameJson.same(opened.get("key"), tree.root().get("key")),
            "key",
            "stays what it was: other jobs and the shop know it by that.")
        .orThrow();
    try {
      READER.take(document());
    } catch (InvalidInput e) {
      throw new InvalidInput(
          e.problems().stream().map(p -> new Problem(named(p.field()), p.message())).toList());
    }
  }

  /** {@code joints[0].thread} as {@code joints/caliper/thread}. */
  private String named(String field) {
    List<String> names = new ArrayList<>();
    JsonNode node = tree.root();
    Matcher part = PLACE.matcher(field);
    while (part.find()) {
      names.add(part.group(1));
      node = node.path(part.group(1));
      for (String index : part.group(2).split("[\\[\\]]+")) {
        if (!index.isEmpty()) {
          node = node.path(Integer.parseInt(index));
          names.add(ElementName.of(node));
        }
      }
    }
    return String.join("/", names);
  }

  /**
   * What something of a document is called in the plan: the keys of the jobs it stands in before
   * its name.
   *
   * @param within the way to the document; empty for the job's own
   */
  public static String nameInPlan(List<String> within, String name) {
    StringBuilder planned = new StringBuilder();
    for (int i = 1; i < within.size(); i += 3) {
      planned.append(within.get(i)).append('.');
    }
    return planned.append(name).toString();
  }

  /**
   * Where a joint or step of the plan stands in the document: in it, or in a job that stands around
   * it or goes with it.
   *
   * @param list {@code joints}, {@code steps}, {@code checks}, {@code asFound} or {@code
   *     inspections}
   * @param name as the plan calls it, with the key of its own job before it where it has one; what
   *     is measured keeps its name
   */
  public Optional<List<String>> placeOf(String list, String name) {
    return placeIn(tree.root(), list, name);
  }

  private static Optional<List<String>> placeIn(ObjectNode document, String list, String name) {
    if (document.get(list) instanceof ArrayNode own && ElementName.in(own, name) >= 0) {
      return Optional.of(List.of(list, name));
    }
    for (String others : List.of("together", "around")) {
      for (JsonNode other : document.path(others)) {
        String key = other.path("pack").asString("");
        boolean keyed = name.startsWith(key + ".");
        boolean measured = list.equals("asFound") || list.equals("inspections");
        if ((keyed || measured) && other.get("document") instanceof ObjectNode inner) {
          Optional<List<String>> within =
              placeIn(inner, list, keyed ? name.substring(key.length() + 1) : name);
          if (within.isPresent()) {
            List<String> place = new ArrayList<>(List.of(others, key, "document"));
            place.addAll(within.get());
            return Optional.of(place);
          }
        }
      }
    }
    return Optional.empty();
  }
}
