package app.unimetric.core.pack;

/** A function check after the work: a hold point. */
public record PackCheck(String id, String title, String text) {
  /** What it is called among the tasks of the job. */
  public String taskId() {
    return taskIdOf(id);
  }

  /** The same for a check of this id. */
  public static String taskIdOf(String id) {
    return "check." + id;
  }
}
