package app.unimetric.server.gate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Each address has one way to be written (RFC 3986, sections 2.3 and 6.2.2). */
class PlainAddressTest {
  @ParameterizedTest
  @CsvSource(
      quoteCharacter = '"',
      value = {
        "/, /",
        "/api/today, /api/today",
        "/api/packs/KEY@own, /api/packs/KEY@own",
        "/api/packs/KEY%40own, /api/packs/KEY@own",
        "/api/machines/Mule%202, /api/machines/Mule 2",
        "/api/machines/R%C3%B8d, /api/machines/Rød",
        "/api/machines/%F0%9F%94%A7, /api/machines/🔧",
        "/api/parts/50%25, /api/parts/50%",
        "/api/parts/a%2Bb, /api/parts/a+b"
      })
  void whatIsWrittenPlainlyIsReadAsTheDispatcherReadsIt(String raw, String read) {
    assertThat(PlainAddress.path(raw)).isEqualTo(read);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "api/today", // no slash at the start
        "http://localhost/api/today",
        "*",
        "/%61pi/today", // a letter that stands for itself
        "/api/%74oday",
        "/api/a%2Db", // an unreserved sign
        "/api%2Ftoday", // a hidden slash, in both cases of the hexadecimal digits
        "/api%2ftoday",
        "/api/a%5Cb", // a hidden backslash
        "/api/a\\b",
        "/api/a;b=c/d",
        "/api/a%3Bb",
        "//api/today",
        "/api//today",
        "/api/./today",
        "/api/../api/today",
        "/api/%2e%2e/today",
        "/api/..",
        "/%2561pi/today", // encoded twice
        "/api/a%00b", // controls
        "/api/a%0Ab",
        "/api/a%7Fb",
        "/api/a%C2%85b",
        "/api/a%",
        "/api/a%4",
        "/api/a%zz",
        "/api/a%C3", // bytes that are no UTF-8: cut off, overlong, a half of a pair
        "/api/a%FF",
        "/api/a%C0%AFb",
        "/api/a%ED%A0%80",
        "/api/a b",
        "/api/aéb"
      })
  void whatIsDisguisedIsRefused(String raw) {
    assertThatThrownBy(() -> PlainAddress.path(raw)).isInstanceOf(DisguisedAddress.class);
  }

  @Test
  void aQueryMayHoldAnythingThatIsText() {
    PlainAddress.query("q=a%2Fb%20c&words=two%0Alines%09in&x=%C3%B8&empty=&plus=a+b&dots=../;");
    for (String raw : new String[] {"x=%FF", "q=%", "q=%zz", "q=%00", "q=a b", "q=%C3%28", "q=é"}) {
      assertThatThrownBy(() -> PlainAddress.query(raw))
          .as(raw)
          .isInstanceOf(DisguisedAddress.class);
    }
  }
}
