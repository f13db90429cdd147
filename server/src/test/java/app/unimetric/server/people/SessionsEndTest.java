package app.unimetric.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.http.HttpSession;
import java.lang.reflect.Proxy;
import java.time.Duration;
import java.time.Instant;
import java.util.Collections;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Nobody stays signed in for ever. */
class SessionsEndTest {
  private static final Instant EIGHT = Instant.parse("2026-05-04T08:00:00Z");

  private static Person person(boolean shutOut, Instant sessionsFrom) {
    return new Person(
        UUID.randomUUID(),
        "Bram",
        Role.MECHANIC,
        "hash",
        null,
        null,
        null,
        shutOut,
        null,
        sessionsFrom,
        0);
  }

  @ParameterizedTest
  @CsvSource({
    "PT0S, false, PT0S, true",
    "PT23H59M59S, false, PT0S, true",
    "PT24H, false, PT0S, false",
    "PT1H, true, PT0S, false",
    "PT1H, false, PT1S, false"
  })
  void aSessionLastsADayWhileThePersonIsHereAndItsSessionsAreNotVoid(
      Duration signedInFor, boolean shutOut, Duration voidUpTo, boolean good) {
    assertThat(
            RightsNow.isStillGood(
                person(shutOut, EIGHT.plus(voidUpTo)), EIGHT, EIGHT.plus(signedInFor)))
        .isEqualTo(good);
  }

  @ParameterizedTest
  @CsvSource({"PT0S, true", "PT11H59M59S, true", "PT12H, false"})
  void whoSignedOnAtADeviceIsThereForAShift(Duration signedOnFor, boolean there) {
    UUID bram = UUID.randomUUID();
    HttpSession session = holding(Map.of("unimetric.onTablet." + bram, EIGHT, "other", "words"));
    assertThat(OnTablet.at(session, EIGHT.plus(signedOnFor)).contains(bram)).isEqualTo(there);
  }

  @Test
  void withoutASessionNobodyIsThere() {
    assertThat(OnTablet.at(null, EIGHT)).isEmpty();
  }

  private static HttpSession holding(Map<String, Object> attributes) {
    return (HttpSession)
        Proxy.newProxyInstance(
            SessionsEndTest.class.getClassLoader(),
            new Class<?>[] {HttpSession.class},
            (proxy, method, args) ->
                switch (method.getName()) {
                  case "getAttributeNames" -> Collections.enumeration(attributes.keySet());
                  case "getAttribute" -> attributes.get(args[0]);
                  default -> throw new UnsupportedOperationException(method.getName());
                });
  }
}
