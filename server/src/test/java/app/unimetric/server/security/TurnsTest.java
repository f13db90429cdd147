package app.unimetric.server.security;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import java.lang.reflect.Proxy;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Calls that anybody may make take turns. */
class TurnsTest {
  private final List<String> gone = new ArrayList<>();

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

  @Test
  void soManyAtOnceSomeWaitInTheirOrderAndTheRestComesBack() {
    Turns calls = new Turns(2, 2);
    assertThat(calls.enter()).isTrue();
    AsyncContext first = call("first");
    assertThat(calls.take(first)).isTrue();
    assertThat(gone).containsExactly("first");
    assertThat(calls.take(call("second"))).isTrue();
    assertThat(calls.take(call("third"))).isTrue();
    assertThat(calls.take(call("fourth"))).as("too many wait").isFalse();
    assertThat(gone).as("they wait").containsExactly("first");
    first.complete();
    assertThat(gone).containsExactly("first", "second");
    assertThat(calls.enter()).as("nobody overtakes who waits").isFalse();
    calls.leave();
    assertThat(gone).containsExactly("first", "second", "third");
    assertThat(calls.enter()).as("both turns are taken").isFalse();
  }

  @Test
  void aTurnGivenBackIsThereForTheNext() {
    Turns calls = new Turns(1, 1);
    for (int i = 0; i < 3; i++) {
      assertThat(calls.enter()).isTrue();
      assertThat(calls.enter()).isFalse();
      calls.leave();
    }
  }
}
