package app.unimetric.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@InWorkshop
class SinglePageTest {
  private final Visitor visitor;

  SinglePageTest(Workshop workshop) {
    visitor = new Visitor(workshop);
  }

  @ParameterizedTest
  @ValueSource(strings = {"/", "/machines", "/jobs/1/bench", "/log"})
  void everyAddressOfTheApplicationIsThePage(String path) {
    Answer answer = visitor.get(path);
    assertThat(answer.status()).isEqualTo(200);
    assertThat(answer.raw().body()).contains("<div id=\"app\">");
    assertThat(answer.raw().headers().firstValue("Content-Security-Policy").orElse(""))
        .contains("default-src 'self'");
  }

  @Test
  void whatIsNotThereIsNotFound() {
    assertThat(visitor.get("/assets/none.js").status()).isEqualTo(404);
    assertThat(visitor.get("/api/none").status()).isIn(401, 404);
    assertThat(visitor.get("/actuator/env").status()).isIn(401, 404);
    assertThat(visitor.get("/actuator/health").status()).isEqualTo(200);
  }
}
