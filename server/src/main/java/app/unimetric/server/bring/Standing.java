package app.unimetric.server.bring;

/** What a line of a sheet comes to. */
public enum Standing {
  NEW("new"),
  CHANGED("changes what is there"),
  SAME("is there already"),
  CONFLICT("disagrees with another source"),
  DOUBTFUL("doubtful"),
  REFUSED("refused"),
  LEFT_OUT("left out");

  private final String words;

  Standing(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
