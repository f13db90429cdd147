package app.unimetric.documents.pack;

import java.util.Optional;

/** Where packs are found by their key. */
@FunctionalInterface
public interface PackLibrary {
  /** Nothing is on offer. */
  PackLibrary EMPTY = key -> Optional.empty();

  /** The newest document of a key, JSON; empty when there is none. */
  Optional<String> document(String key);
}
