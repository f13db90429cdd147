package app.unimetric.core.device;

import java.util.Optional;

/** One turn of a part under a dial gauge. */
public interface DialTurn {
  /** The next thing it reads, in the order of time; empty once the turn is over. */
  Optional<DialSample> next();

  /** Whether it was heard to the end; of use once nothing is next. */
  boolean isWhole();
}
