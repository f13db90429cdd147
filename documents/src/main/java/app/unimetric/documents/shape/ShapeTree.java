package app.unimetric.documents.shape;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A document that takes changes and says how each is taken back. */
final class ShapeTree {
  private final ObjectNode root;

  /**
   * @param root changed in place
   */
  ShapeTree(ObjectNode root) {
    this.root = root;
  }

  ObjectNode root() {
    return root;
  }

  /**
   * Makes the change.
   *
   * @return the change that takes it back
   * @throws ShapeConflict when what it was meant for is not there, or no longer as it was seen
   */
  ShapeEdit apply(ShapeEdit edit) {
    if (edit instanceof ShapeEdit.Put put) {
      return put(put);
    } else if (edit instanceof ShapeEdit.Insert insert) {
      return insert(insert);
    } else if (edit instanceof ShapeEdit.Remove remove) {
      return remove(remove);
    }
    return move((ShapeEdit.Move) edit);
  }

  /** What stands at a place; null for nothing. */
  @Nullable JsonNode find(List<String> at) {
    JsonNode node = root;
    for (String name : at) {
      node = child(node, name);
      if (node == null) {
        return null;
      }
    }
    return node;
  }

  private static @Nullable JsonNode child(JsonNode node, String name) {
    if (node instanceof ArrayNode list) {
      int i = ElementName.in(list, name);
      return i < 0 ? null : list.get(i);
    }
    return node.isObject() ? node.get(name) : null;
  }

  private ShapeEdit put(ShapeEdit.Put put) {
    List<String> at = put.at();
    JsonNode now = find(at);
    if (at.isEmpty() || !SameJson.same(now, put.was())) {
      throw new ShapeConflict(at, now);
    }
    JsonNode parent = find(at.subList(0, at.size() - 1));
    String field = at.get(at.size() - 1);
    JsonNode wanted = put.now();
    List<String> later = new ArrayList<>(at);
    if (parent instanceof ObjectNode object) {
      boolean names = at.size() > 1 && isElement(at) && ElementName.isNaming(object, field);
      if (wanted == null) {
        object.remove(field);
      } else {
        object.set(field, wanted.deepCopy());
      }
      if (names) {
        later.set(at.size() - 2, ElementName.of(object));
      }
    } else if (parent instanceof ArrayNode list && wanted != null) {
      list.set(ElementName.in(list, field), wanted.deepCopy());
      later.set(at.size() - 1, ElementName.of(wanted));
    } else {
      throw new ShapeConflict(at, now);
    }
    return new ShapeEdit.Put(later, wanted, now);
  }

  /** Whether the holder of this field is an element of a list. */
  private boolean isElement(List<String> at) {
    return find(at.subList(0, at.size() - 2)) instanceof ArrayNode;
  }

  private ShapeEdit insert(ShapeEdit.Insert insert) {
    boolean first = find(insert.at()) == null;
    if (first && insert.before() != null) {
      throw new ShapeConflict(insert.at(), null);
    }
    ArrayNode list = listFor(insert.at());
    String name = ElementName.of(insert.item());
    int before = insert.before() == null ? list.size() : ElementName.in(list, insert.before());
    if (before < 0 || ElementName.in(list, name) >= 0) {
      throw new ShapeConflict(insert.at(), list);
    }
    list.insert(before, insert.item().deepCopy());
    return first
        ? new ShapeEdit.Put(insert.at(), list.deepCopy(), null)
        : new ShapeEdit.Remove(and(insert.at(), name), insert.item());
  }

  /** The list at a place; a list that is not there yet comes with its first element. */
  private ArrayNode listFor(List<String> at) {
    JsonNode found = find(at);
    if (found instanceof ArrayNode list) {
      return list;
    }
    JsonNode parent = at.isEmpty() ? null : find(at.subList(0, at.size() - 1));
    if (found != null || !(parent instanceof ObjectNode object)) {
      throw new ShapeConflict(at, found);
    }
    return object.putArray(at.get(at.size() - 1));
  }

  private ShapeEdit remove(ShapeEdit.Remove remove) {
    List<String> at = remove.at();
    ArrayNode list = holding(at);
    String name = at.get(at.size() - 1);
    int i = ElementName.in(list, name);
    JsonNode now = i < 0 ? null : list.get(i);
    if (now == null || remove.was() != null && !SameJson.same(remove.was(), now)) {
      throw new ShapeConflict(at, now);
    }
    list.remove(i);
    return new ShapeEdit.Insert(at.subList(0, at.size() - 1), now, nameAt(list, i));
  }

  private ShapeEdit move(ShapeEdit.Move move) {
    ArrayNode list = holding(move.at());
    String name = move.at().get(move.at().size() - 1);
    int from = ElementName.in(list, name);
    if (from < 0 || name.equals(move.before())) {
      throw new ShapeConflict(move.at(), null);
    }
    if (move.before() != null && ElementName.in(list, move.before()) < 0) {
      throw new ShapeConflict(move.at(), null);
    }
    String stood = nameAt(list, from + 1);
    JsonNode element = list.remove(from);
    list.insert(move.before() == null ? list.size() : ElementName.in(list, move.before()), element);
    return new ShapeEdit.Move(move.at(), stood);
  }

  private ArrayNode holding(List<String> at) {
    JsonNode found = at.isEmpty() ? null : find(at.subList(0, at.size() - 1));
    if (!(found instanceof ArrayNode list)) {
      throw new ShapeConflict(at, null);
    }
    return list;
  }

  private static @Nullable String nameAt(ArrayNode list, int i) {
    return i < list.size() ? ElementName.of(list.get(i)) : null;
  }

  private static List<String> and(List<String> at, String name) {
    List<String> longer = new ArrayList<>(at);
    longer.add(name);
    return longer;
  }
}
