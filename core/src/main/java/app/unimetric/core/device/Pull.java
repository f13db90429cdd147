package app.unimetric.core.device;

import java.util.Optional;

/** One pull of a torque wrench, from first touch to letting go. */
public interface Pull {
  /** The next thing it reads, in the order of time; empty once the pull is over. */
  Optional<Sample> next();

  /** How it ended; of use once nothing is next. */
  End end();

  /** How a pull ends. */
  enum End {
    /** The wrench gave way at its setting. */
    CLICKED("Clicked at its setting."),
    /** It was let go below its setting. */
    LET_GO("Let go before the wrench gave way."),
    /** The wrench's battery gave out. */
    BATTERY_EMPTY(
        "The wrench's battery gave out during the pull. Nothing was written down: change the battery, then pull again."),
    /** Nothing was heard of the wrench any more. */
    DROPPED_OUT(
        "The wrench was not heard any more during the pull. Nothing was written down: pull again, it gives way at once where the setting was reached.");

    private final String words;

    End(String words) {
      this.words = words;
    }

    /** A sentence for whoever pulled. */
    public String words() {
      return words;
    }

    /** Whether the highest torque of the pull counts as a reading of the fastener. */
    public boolean isReading() {
      return this == CLICKED || this == LET_GO;
    }
  }
}
