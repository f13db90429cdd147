package app.unimetric.server;

import java.io.IOException;

/** A workshop nobody has begun with, on a PostgreSQL of its own. */
public final class EmptyWorkshop implements AutoCloseable {
  private final Workshop workshop;

  private EmptyWorkshop(Workshop workshop) {
    this.workshop = workshop;
  }

  public static EmptyWorkshop started() throws IOException {
    return new EmptyWorkshop(Workshop.empty());
  }

  public Workshop workshop() {
    return workshop;
  }

  @Override
  public void close() throws IOException {
    workshop.closeAll();
  }
}
