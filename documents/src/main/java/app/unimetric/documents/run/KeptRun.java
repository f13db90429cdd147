package app.unimetric.documents.run;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.core.bench.RunEvent;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.documents.Versioned;
import java.util.List;

/** A run as it is stored: the sheet it was started with, each entry, and the signed record. */
public final class KeptRun {
  /** What was fixed when the job started. */
  public static final Versioned<RunSheet> SHEET =
      new Versioned<>("run sheet", RunSheet.class, List.of());

  /** One entry of the bench. */
  public static final Versioned<RunEvent> ENTRY =
      new Versioned<>("bench entry", RunEvent.class, List.of());

  /** What was built, as it stood when it was signed, in the words of that day. */
  public static final Versioned<AsBuilt> RECORD =
      new Versioned<>("record", AsBuilt.class, List.of());

  private KeptRun() {}
}
