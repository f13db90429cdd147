package app.unimetric.server.people;

/** What a person may do. */
public enum Role {
  /** Runs jobs. */
  MECHANIC,
  /** Decides, lets deviations stand on critical joints, signs. */
  LEAD,
  /** Reads. */
  GUEST
}
