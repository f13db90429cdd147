package app.unimetric.server.bring;

/** How far a sheet is, so that whoever waits for it sees it move. */
public final class HowFar {
  private static final int WHOLE = 100;
  private volatile int percent;

  /** Some of all is done; the whole of it is done when it is answered. */
  public void is(long done, long of) {
    percent = of <= 0 ? 0 : (int) Math.min(WHOLE, done * WHOLE / of);
  }

  int percent() {
    return percent;
  }
}
