package app.unimetric.server.live;

import jakarta.annotation.PreDestroy;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.locks.Condition;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Servers call to each other through the database. What is called after a transaction stands is no
 * part of it: a call that is lost costs a moment until somebody looks by themselves, and calls cost
 * the readings nothing. The connection is its own, so that none of the pool's is missing.
 */
@Component
class Calls {
  private static final Logger LOG = LoggerFactory.getLogger(Calls.class);
  private static final String CHANNEL = "bench";
  private static final int LISTEN_MILLIS = 200;
  private static final long AGAIN_MILLIS = 2_000;
  private final String url;
  private final String user;
  private final String password;
  private final ReentrantLock lock = new ReentrantLock();
  private final Condition work = lock.newCondition();
  private final Map<String, Word> toSay = new LinkedHashMap<>();
  private volatile boolean ended;
  private @Nullable Thread speaker;
  private @Nullable Thread listener;

  Calls(
      @Value("${spring.datasource.url}") String url,
      @Value("${spring.datasource.username}") String user,
      @Value("${spring.datasource.password}") String password) {
    this.url = url;
    this.user = user;
    this.password = password;
  }

  /**
   * Begins.
   *
   * @param heard each word, the server's own too
   * @param deaf when words may have been missed
   */
  void begin(Consumer<Word> heard, Runnable deaf) {
    speaker = thread("bench-calls", this::speak);
    listener = thread("bench-listens", () -> listen(heard, deaf));
  }

  private static Thread thread(String name, Runnable what) {
    Thread thread = new Thread(what, name);
    thread.setDaemon(true);
    thread.start();
    return thread;
  }

  /** Calls soon; of several about the same only the latest. */
  void say(Word word) {
    lock.lock();
    try {
      toSay.put(about(word), word);
      work.signal();
    } finally {
      lock.unlock();
    }
  }

  private static String about(Word word) {
    return word instanceof Word.Here h ? h.jobId() + " " + h.device() : word.jobId().toString();
  }

  private List<Word> next() throws InterruptedException {
    lock.lock();
    try {
      while (toSay.isEmpty()) {
        work.await();
      }
      return List.copyOf(toSay.values());
    } finally {
      lock.unlock();
    }
  }

  /**
   * A word is kept until it is said: its connection may have died while there was nothing to say.
   */
  private void said(Word word) {
    lock.lock();
    try {
      toSay.remove(about(word), word);
    } finally {
      lock.unlock();
    }
  }

  private void speak() {
    while (!ended) {
      try (Connection connection = DriverManager.getConnection(url, user, password);
          PreparedStatement say = connection.prepareStatement("SELECT pg_notify(?, ?)")) {
        while (!ended) {
          for (Word word : next()) {
            say.setString(1, CHANNEL);
            say.setString(2, word.written());
            say.execute();
            said(word);
          }
        }
      } catch (SQLException e) {
        LOG.debug("calls wait until the database is back", e);
        rest();
      } catch (InterruptedException e) {
        return;
      }
    }
  }

  private void listen(Consumer<Word> heard, Runnable deaf) {
    while (!ended) {
      try (Connection connection = DriverManager.getConnection(url, user, password);
          Statement statement = connection.createStatement()) {
        statement.execute("LISTEN " + CHANNEL);
        deaf.run();
        PGConnection postgres = connection.unwrap(PGConnection.class);
        while (!ended) {
          PGNotification[] calls = postgres.getNotifications(LISTEN_MILLIS);
          for (PGNotification call : calls == null ? new PGNotification[0] : calls) {
            Word.read(call.getParameter()).ifPresent(heard);
          }
        }
      } catch (SQLException e) {
        LOG.debug("nothing is heard until the database is back", e);
        rest();
      }
    }
  }

  private void rest() {
    try {
      Thread.sleep(AGAIN_MILLIS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      ended = true;
    }
  }

  @PreDestroy
  void end() {
    ended = true;
    for (Thread thread : new Thread[] {speaker, listener}) {
      if (thread != null) {
        thread.interrupt();
      }
    }
  }
}
