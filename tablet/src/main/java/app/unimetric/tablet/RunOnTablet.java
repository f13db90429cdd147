package app.unimetric.tablet;

import java.util.HashMap;
import java.util.Map;
import org.teavm.jso.JSExport;

/** What the screens call; a run is known by the id of its job. */
public final class RunOnTablet {
  private static final Map<String, TabletRun> TAKEN = new HashMap<>();

  private RunOnTablet() {}

  /** Nothing is done before somebody asks. */
  public static void main(String[] args) {}

  /**
   * Takes a run in hand, or anew.
   *
   * @param page JSON with the sheet, the tools out of use and the entries of the log
   */
  @JSExport
  public static void take(String jobId, String page) {
    TAKEN.put(jobId, TabletRun.of(page));
  }

  /**
   * The server told more of the log; of a run that was put away it is passed over.
   *
   * @param entries JSON, in the log's order; those known already change nothing
   */
  @JSExport
  public static void told(String jobId, String entries) {
    TAKEN.computeIfPresent(jobId, (id, run) -> run.with(entries));
  }

  /**
   * Where a run stands with what waits on this device, JSON.
   *
   * @param waiting JSON, in the order it was said
   * @throws IllegalStateException when it was not taken in hand
   */
  @JSExport
  public static String standing(String jobId, String waiting) {
    TabletRun run = TAKEN.get(jobId);
    if (run == null) {
      throw new IllegalStateException("this run is not in hand");
    }
    return run.standing(waiting);
  }

  /** Puts a run away. */
  @JSExport
  public static void leave(String jobId) {
    TAKEN.remove(jobId);
  }
}
