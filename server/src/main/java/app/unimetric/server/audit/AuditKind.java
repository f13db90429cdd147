package app.unimetric.server.audit;

/** What kind of thing happened. */
public enum AuditKind {
  SIGN_IN("signed in"),
  SIGN_IN_REFUSED("sign-in refused"),
  SIGN_OUT("signed out"),
  PIN_REFUSED("PIN refused"),
  REFUSED("refused"),
  RIGHTS("people and rights"),
  SETTINGS("settings"),
  PACK("packs"),
  BROUGHT_IN("brought in"),
  TAKEN_OUT("taken out");

  private final String words;

  AuditKind(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
