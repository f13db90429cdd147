package app.unimetric.documents.pack;

import app.unimetric.core.pack.JobPack;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problem;
import app.unimetric.core.problem.Problems;
import app.unimetric.documents.StrictJson;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.exc.JsonNodeException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads job packs; a broken one is refused whole, with the place of each error. */
public final class PackReader {
  private static final Pattern NO_TEXT = Pattern.compile("\\\\u00(?:0[0-8bBeEfF]|1)");
  private final JsonMapper json = StrictJson.bounded();
  private final JsonMapper lenient =
      json.rebuild().disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES).build();

  /**
   * Takes a pack from outside: held against the published schema, then read.
   *
   * @param text JSON
   * @param library where the jobs around it are found
   * @throws InvalidInput with every problem found and its place
   */
  public JobPack take(String text, PackLibrary library) {
    List<Problem> problems = new ArrayList<>(bySchema(text));
    if (problems.isEmpty()) {
      return read(whole(text, library));
    }
    // What the schema cannot judge is told in the same breath, as far as the document can be read.
    for (Problem beyond : beyondSchema(text)) {
      if (problems.stream().noneMatch(p -> p.field().equals(beyond.field()))) {
        problems.add(beyond);
      }
    }
    throw new InvalidInput(problems);
  }

  private List<Problem> bySchema(String text) {
    if (NO_TEXT.matcher(text).find()) {
      return List.of(new Problem("", "holds a character that is no text."));
    }
    try {
      json.readTree(text);
      return PackSchema.published().problems(text);
    } catch (JsonNodeException e) {
      return List.of(new Problem("", "holds a number that lies beyond all that can be read."));
    } catch (JacksonException e) {
      return List.of(new Problem("", "is not JSON: " + e.getOriginalMessage() + "."));
    }
  }

  private List<Problem> beyondSchema(String text) {
    try {
      JsonNode tree = json.readTree(text);
      if (tree.isObject() && !hasHole(tree)) {
        new PackMapping().pack(lenient.treeToValue(tree, PackDocument.class));
      }
      return List.of();
    } catch (InvalidInput e) {
      return e.problems();
    } catch (JacksonException e) {
      return List.of();
    }
  }

  /** Whether a list anywhere holds nothing where it should hold something. */
  private static boolean hasHole(JsonNode node) {
    for (JsonNode child : node) {
      if (node.isArray() && child.isNull() || hasHole(child)) {
        return true;
      }
    }
    return false;
  }

  /** The same for a pack that stands inside no other. */
  public JobPack take(String text) {
    return take(text, PackLibrary.EMPTY);
  }

  /** The same for such a pack that was parsed already. */
  public JobPack take(Map<String, Object> document) {
    return take(document, PackLibrary.EMPTY);
  }

  /** The same for a document that was parsed already into maps, lists, texts and numbers. */
  public JobPack take(Map<String, Object> document, PackLibrary library) {
    return take(json.writeValueAsString(document), library);
  }

  /**
   * The same document with the jobs around it written into it, so that it says all by itself. A job
   * around may not stand inside a third.
   *
   * @throws InvalidInput when one of them is not on offer, or stands inside another itself
   */
  public String whole(String text, PackLibrary library) {
    if (!(json.readTree(text) instanceof ObjectNode document)
        || !document.hasNonNull("around") && !document.hasNonNull("together")) {
      return text;
    }
    Problems problems = new Problems();
    for (String list : List.of("around", "together")) {
      for (int i = 0; i < document.path(list).size(); i++) {
        if (document.path(list).get(i) instanceof ObjectNode one && !one.hasNonNull("document")) {
          String key = one.path("pack").asString("");
          String at = list + "[" + i + "].pack";
          JsonNode found = library.document(key).map(json::readTree).orElse(null);
          problems.require(found != null, at, "names no job on offer: " + key + ".");
          problems.require(
              found == null || list.equals("together") || !found.hasNonNull("around"),
              at,
              "stands inside another job itself.");
          problems.require(
              found == null || !found.hasNonNull("together"), at, "is a visit of several jobs.");
          if (found != null) {
            one.set(
                "document",
                list.equals("together")
                    ? json.readTree(whole(json.writeValueAsString(found), library))
                    : found);
          }
        }
      }
    }
    problems.orThrow();
    return json.writeValueAsString(document);
  }

  /**
   * Reads a pack that was taken before, or that comes with the application.
   *
   * @throws InvalidInput when it contradicts itself
   */
  public JobPack read(String text) {
    PackDocument document = parsed(text);
    Problems problems = new Problems();
    JobPack own = problems.under("", () -> new PackMapping().pack(document));
    List<PackDocument.AroundFields> around = listed(document.around());
    List<JobPack> outer = new ArrayList<>();
    for (int i = 0; i < around.size(); i++) {
      add(outer, within(around.get(i).document(), "around[" + i + "].document", problems));
    }
    List<PackDocument.TogetherFields> together = listed(document.together());
    List<JobPack> jobs = new ArrayList<>();
    for (int i = 0; i < together.size(); i++) {
      add(jobs, within(together.get(i).document(), "together[" + i + "].document", problems));
    }
    problems.orThrow();
    JobPack pack = Objects.requireNonNull(own);
    for (int i = 0; i < outer.size(); i++) {
      pack = pack.inside(outer.get(i), PackChoiceMapping.conditions(around.get(i).when()));
    }
    return jobs.isEmpty() ? pack : pack.together(jobs);
  }

  private PackDocument parsed(String text) {
    try {
      return json.readValue(text, PackDocument.class);
    } catch (JacksonException e) {
      throw InvalidInput.at("", "This is not a job pack of a version this program reads.");
    }
  }

  /** A job written into a document; its problems stand under its own place. */
  private @Nullable JobPack within(
      @Nullable Map<String, Object> document, String at, Problems problems) {
    problems.require(document != null, at, "is not written into this document.");
    return document == null
        ? null
        : problems.under(at, () -> read(json.writeValueAsString(document)));
  }

  private static void add(List<JobPack> packs, @Nullable JobPack pack) {
    if (pack != null) {
      packs.add(pack);
    }
  }

  private static <T> List<T> listed(@Nullable List<T> given) {
    return given == null ? List.of() : given;
  }
}
