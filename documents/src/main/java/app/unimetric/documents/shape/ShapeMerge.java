package app.unimetric.documents.shape;

import app.unimetric.documents.StrictJson;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A pack of the shop brought up to a newer catalogue, field by field: what only one side changed is
 * as that side has it; what both changed differently stays as the shop has it until someone says.
 *
 * @param document what it comes to, JSON
 * @param taken what came over from the catalogue, from what the shop had to what it has now
 * @param both what both changed: the shop's first, the catalogue's second
 */
public record ShapeMerge(String document, List<ShapeDifference> taken, List<ShapeDifference> both) {
  private static final JsonMapper JSON = StrictJson.mapper();

  public ShapeMerge {
    taken = List.copyOf(taken);
    both = List.copyOf(both);
  }

  /**
   * @param before the catalogue's document the shop began from
   * @param shop the shop's document
   * @param catalogue the catalogue's document as it is now
   */
  public static ShapeMerge of(String before, String shop, String catalogue) {
    ObjectNode base = (ObjectNode) JSON.readTree(before);
    ObjectNode ours = (ObjectNode) JSON.readTree(shop);
    ObjectNode theirs = (ObjectNode) JSON.readTree(catalogue);
    List<ShapeDifference> own = ShapeDifference.between(base, ours);
    ShapeTree merged = new ShapeTree(ours.deepCopy());
    List<ShapeDifference> taken = new ArrayList<>();
    List<ShapeDifference> both = new ArrayList<>();
    for (ShapeDifference news : ShapeDifference.between(base, theirs)) {
      JsonNode here = merged.find(news.at());
      Optional<ShapeDifference> touched =
          own.stream().filter(o -> overlap(o.at(), news.at())).findFirst();
      if (touched.isPresent()) {
        JsonNode theirsThere = new ShapeTree(theirs).find(touched.get().at());
        if (!SameJson.same(touched.get().other(), theirsThere)) {
          both.add(new ShapeDifference(touched.get().at(), touched.get().other(), theirsThere));
        }
      } else {
        put(merged, news.at(), here, news.other());
        taken.add(new ShapeDifference(news.at(), here, news.other()));
      }
    }
    return new ShapeMerge(
        JSON.writeValueAsString(merged.root()), taken, both.stream().distinct().toList());
  }

  private static void put(
      ShapeTree tree, List<String> at, @Nullable JsonNode here, @Nullable JsonNode wanted) {
    boolean element = at.size() > 1 && tree.find(at.subList(0, at.size() - 1)) instanceof ArrayNode;
    if (element && here == null && wanted != null) {
      tree.apply(new ShapeEdit.Insert(at.subList(0, at.size() - 1), wanted, null));
    } else if (element && wanted == null && here != null) {
      tree.apply(new ShapeEdit.Remove(at, here));
    } else if (here != null || wanted != null) {
      tree.apply(new ShapeEdit.Put(at, here, wanted));
    }
  }

  private static boolean overlap(List<String> a, List<String> b) {
    int n = Math.min(a.size(), b.size());
    return a.subList(0, n).equals(b.subList(0, n));
  }
}
