package app.unimetric.server.problem;

import java.io.IOException;

/** A request body beyond its limit. */
public final class BodyTooLarge extends IOException {
  public static final String MESSAGE =
      "The request is larger than this call takes (64 kB; 2 MB for plans and packs; 8 MB for a photograph; 24 MB for a sheet).";
  private static final long serialVersionUID = 1L;

  public BodyTooLarge() {
    super(MESSAGE);
  }
}
