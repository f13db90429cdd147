package app.unimetric.server.security;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import java.lang.reflect.Proxy;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Calls that anybody may make take turns. */
class TurnsTest {
  private static final Duration LONG = Duration.ofHours(1);
  private final List<String> gone = new ArrayList<>();
  private final List<String> refused = new ArrayList<>();

  /**
   * A call that is waited for: it notes when it goes on, and tells its listeners when it is
   * through.
   */
  private AsyncContext call(String name) {
    List<AsyncListener> listeners = new ArrayList<>();
    return (AsyncContext)
        Proxy.newProxyInstance(
            getClass().getClassLoader(),
            new Class<?>[] {AsyncContext.class},
            (proxy, method, args) -> {
              switch (method.getName()) {
                case "addListener" -> listeners.add((AsyncListener) args[0]);
                case "dispatch" -> gone.add(name);
                case "complete" -> {
                  for (AsyncListener listener : listeners) {
                    listener.onComplete(new AsyncEvent((AsyncContext) proxy));
                  }
                }
                default -> throw new UnsupportedOperationException(method.getName());
              }
              return null;
            });
  }

  private void take(Turns turns, AsyncContext call, String name) {
    turns.take(call, () -> refused.add(name));
  }

  @Test
  void soManyAtOnceSomeWaitInTheirOrderAndTheRestComesBack() {
    Turns calls = new Turns(2, 2, LONG);
    assertThat(calls.enter()).isTrue();
    AsyncContext first = call("first");
    take(calls, first, "first");
    assertThat(gone).containsExactly("first");
    take(calls, call("second"), "second");
    take(calls, call("third"), "third");
    take(calls, call("fourth"), "fourth");
    assertThat(refused).as("too many wait").containsExactly("fourth");
    assertThat(gone).as("they wait").containsExactly("first");
    first.complete();
    assertThat(gone).containsExactly("first", "second");
    assertThat(calls.enter()).as("nobody overtakes who waits").isFalse();
    calls.leave();
    assertThat(gone).containsExactly("first", "second", "third");
    assertThat(calls.enter()).as("both turns are taken").isFalse();
  }

  @Test
  void whatWaitedTooLongIsRefusedAndTheTurnGoesToTheNext() {
    Turns calls = new Turns(1, 9, Duration.ZERO);
    assertThat(calls.enter()).isTrue();
    take(calls, call("late"), "late");
    take(calls, call("later"), "later");
    calls.leave();
    assertThat(gone).isEmpty();
    assertThat(refused).containsExactly("late", "later");
    assertThat(calls.enter()).as("the turn is free again").isTrue();
  }

  @Test
  void aCallWhoseSenderHasGoneKeepsNoTurn() {
    AsyncContext left =
        (AsyncContext)
            Proxy.newProxyInstance(
                getClass().getClassLoader(),
                new Class<?>[] {AsyncContext.class},
                (proxy, method, args) -> {
                  throw new IllegalStateException("it ended");
                });
    Turns calls = new Turns(1, 9, LONG);
    take(calls, left, "left");
    assertThat(calls.enter()).as("taken at once").isTrue();
    take(calls, left, "left");
    take(calls, call("next"), "next");
    calls.leave();
    assertThat(gone).as("taken after a wait").containsExactly("next");
    assertThat(refused).isEmpty();
  }

  @Test
  void aTurnGivenBackIsThereForTheNext() {
    Turns calls = new Turns(1, 1, LONG);
    for (int i = 0; i < 3; i++) {
      assertThat(calls.enter()).isTrue();
      assertThat(calls.enter()).isFalse();
      calls.leave();
    }
  }
}
