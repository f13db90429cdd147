package app.unimetric.server.crib;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The workshop's own tools, asked for one band. */
@InWorkshop
class CribTest {
  private final Workshop workshop;
  private final Visitor bram;

  CribTest(Workshop workshop) {
    this.workshop = workshop;
    bram = Visitor.signedIn(workshop, "Bram");
  }

  @Test
  void theBestToolComesFirstAndARefusedOneSaysWhy() {
    JsonNode choices = bram.get("/api/crib/choices?bandMinNm=20&bandMaxNm=24&aimNm=22").body();
    assertThat(choices.get(0).path("usable").asBoolean()).isTrue();
    assertThat(choices.get(0).path("setting").asString()).endsWith(" N·m");
    JsonNode last = choices.get(choices.size() - 1);
    assertThat(last.path("usable").asBoolean()).isFalse();
    assertThat(last.path("reasons").size()).isPositive();
  }

  @Test
  void aToolNamedByItsSpanIsFoundAndOneThatIsNotThereIsNot() {
    JsonNode named =
        bram.get("/api/crib/choices?bandMinNm=10&bandMaxNm=12&spanMinNm=2&spanMaxNm=25").body();
    assertThat(named.size()).isPositive();
    assertThat(named.toString()).contains("click 2–25");
    assertThat(
            bram.get("/api/crib/choices?bandMinNm=10&bandMaxNm=12&spanMinNm=7&spanMaxNm=31")
                .body()
                .size())
        .isZero();
  }

  @Test
  void nonsenseIsRefusedAtItsFieldAndNobodyLooksInWithoutSigningIn() {
    Answer upside = bram.get("/api/crib/choices?bandMinNm=30&bandMaxNm=12");
    assertThat(upside.status()).isEqualTo(400);
    assertThat(upside.body().path("errors").get(0).path("field").asString()).isEqualTo("bandMinNm");
    assertThat(new Visitor(workshop).get("/api/crib/choices?bandMinNm=10&bandMaxNm=12").status())
        .isEqualTo(401);
  }
}
