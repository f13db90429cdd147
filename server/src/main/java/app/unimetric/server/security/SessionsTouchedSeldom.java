package app.unimetric.server.security;

import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.stereotype.Component;

/**
 * When a session was last used is written down at most every half minute, so that not every reading
 * at a bench costs a second write. Whatever else changes in a session is written at once; who is
 * idle may be asked half a minute early.
 */
@Component
class SessionsTouchedSeldom implements SessionRepositoryCustomizer<JdbcIndexedSessionRepository> {
  private static final String UPDATE =
      """
      UPDATE SPRING_SESSION s
      SET SESSION_ID = n.session_id, LAST_ACCESS_TIME = n.used, MAX_INACTIVE_INTERVAL = n.idle,
          EXPIRY_TIME = n.expires, PRINCIPAL_NAME = n.who
      FROM (VALUES (?::text, ?::bigint, ?::integer, ?::bigint, ?::text, ?::text))
          AS n (session_id, used, idle, expires, who, id)
      WHERE s.PRIMARY_ID = n.id
        AND (s.LAST_ACCESS_TIME < n.used - 30000 OR s.SESSION_ID <> n.session_id
          OR s.MAX_INACTIVE_INTERVAL <> n.idle OR s.PRINCIPAL_NAME IS DISTINCT FROM n.who)
      """;

  /** Two calls of one session may write the same for the first time; the later one stands. */
  private static final String KEEP =
      "INSERT INTO %TABLE_NAME%_ATTRIBUTES (SESSION_PRIMARY_ID, ATTRIBUTE_NAME, ATTRIBUTE_BYTES) VALUES (?, ?, ?)"
          + " ON CONFLICT (SESSION_PRIMARY_ID, ATTRIBUTE_NAME) DO UPDATE SET ATTRIBUTE_BYTES = EXCLUDED.ATTRIBUTE_BYTES";

  @Override
  public void customize(JdbcIndexedSessionRepository sessions) {
    sessions.setCreateSessionAttributeQuery(KEEP);
    sessions.setUpdateSessionQuery(UPDATE);
  }
}
