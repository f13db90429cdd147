package app.unimetric.server.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.EmptyWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** An empty workshop is begun by the one who started it, once. */
class FirstStartTest {
  private static Map<String, Object> beginning(String key) {
    Map<String, Object> b = new HashMap<>();
    b.put("key", key);
    b.put("name", "Zz moor");
    b.put("unit", "[ft_i].[lbf_av]");
    b.put("zone", "Europe/Oslo");
    b.put("alone", true);
    b.put("aim", "MIDDLE");
    b.put("lead", "Runa");
    b.put("password", "three dry seals");
    b.put("pin", "7294");
    return b;
  }

  @Test
  void oneWhoHoldsTheKeyIsItsLeadAndNobodyAfterwards() throws Exception {
    try (EmptyWorkshop empty = EmptyWorkshop.started()) {
      Workshop workshop = empty.workshop();
      String key = workshop.bean(FirstKey.class).key();
      Visitor runa = new Visitor(workshop);
      assertThat(runa.get("/api/session").body().path("empty").asBoolean()).isTrue();
      assertThat(runa.get("/api/machines").status()).isEqualTo(401);
      Answer stranger = runa.post("/api/workshop", beginning("guessed"));
      assertThat(stranger.status()).isEqualTo(400);
      assertThat(stranger.body().path("errors").get(0).path("field").asString()).isEqualTo("key");

      Map<String, Object> poor = beginning(key);
      poor.put("password", "qwertyuiop");
      poor.put("zone", "Mars");
      Answer two = runa.post("/api/workshop", poor);
      assertThat(two.status()).isEqualTo(400);
      assertThat(two.body().toString()).contains("lead.password", "zone");
      assertThat(runa.get("/api/session").body().path("empty").asBoolean())
          .as("nothing is begun by half")
          .isTrue();

      Answer begun = runa.post("/api/workshop", beginning(key));
      assertThat(begun.status()).as(begun.detail()).isEqualTo(200);
      assertThat(runa.get("/api/session").body().path("person").path("role").asString())
          .isEqualTo("LEAD");
      assertThat(runa.get("/api/machines").body()).isEmpty();
      assertThat(runa.get("/api/settings").body().path("now").path("lookAgainMinutes").asString())
          .isEqualTo("30");
      Answer late = new Visitor(workshop).post("/api/workshop", beginning(key));
      assertThat(late.status()).as("no token yet").isEqualTo(403);
      Visitor other = new Visitor(workshop);
      other.get("/api/session");
      assertThat(other.post("/api/workshop", beginning(key)).status()).isEqualTo(409);
      assertThat(other.get("/api/session").body().path("empty").asBoolean()).isFalse();
    }
  }
}
