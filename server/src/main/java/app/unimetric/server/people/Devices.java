package app.unimetric.server.people;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Where somebody is signed in: each open session is one device. */
@Component
class Devices {
  /** What the device said of itself when it signed in. */
  static final String AGENT = "agent";

  private static final int LONGEST_AGENT = 200;

  private final FindByIndexNameSessionRepository<? extends Session> sessions;

  Devices(FindByIndexNameSessionRepository<? extends Session> sessions) {
    this.sessions = sessions;
  }

  /**
   * @param key of the device; nothing can be done with it but end it
   * @param here whether it is the one that asks
   */
  record Device(String key, String agent, Instant since, Instant lastSeen, boolean here) {}

  /**
   * @param own the session of the one who asks
   */
  List<Device> of(String name, String own) {
    return sessions.findByPrincipalName(name).values().stream()
        .filter(s -> !s.isExpired())
        .map(
            s ->
                new Device(
                    s.getId(),
                    agent(s),
                    s.getCreationTime(),
                    s.getLastAccessedTime(),
                    s.getId().equals(own)))
        .sorted(Comparator.comparing(Device::lastSeen).reversed())
        .toList();
  }

  private static String agent(Session session) {
    String agent = session.getAttribute(AGENT);
    return agent == null ? "" : agent;
  }

  /** What is kept of the words with which a browser names itself. */
  static String agent(String header) {
    return header.length() <= LONGEST_AGENT ? header : header.substring(0, LONGEST_AGENT);
  }

  /** Ends one device of a person; nothing where it is not that person's. */
  void end(String name, String key) {
    if (sessions.findByPrincipalName(name).containsKey(key)) {
      sessions.deleteById(key);
    }
  }

  /** Ends all devices of a person but one. */
  void endOthers(String name, String kept) {
    sessions.findByPrincipalName(name).keySet().stream()
        .filter(key -> !key.equals(kept))
        .forEach(sessions::deleteById);
  }

  void endAll(String name) {
    sessions.findByPrincipalName(name).keySet().forEach(sessions::deleteById);
  }
}
