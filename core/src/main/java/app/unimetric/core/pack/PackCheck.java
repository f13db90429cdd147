package app.unimetric.core.pack;

/** A function check after the work: a hold point. */
public record PackCheck(String id, String title, String text) {
  /** What it is called among the tasks of the job. */
  public String taskId() {
    return "check." + id;
  }
}
