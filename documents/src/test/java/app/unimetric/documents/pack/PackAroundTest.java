package app.unimetric.documents.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.pack.FitQuestion;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackPart;
import app.unimetric.core.pack.PartRole;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problem;
import app.unimetric.core.thread.Hand;
import app.unimetric.documents.Stored;
import app.unimetric.documents.StrictJson;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A pack inside another by its name, parts by their role, fits by their call, threads by name. */
class PackAroundTest {
  private static final JsonMapper JSON = StrictJson.mapper();
  private final PackReader reader = new PackReader();
  private final String crank = pack("crank", p -> {});

  private static String pack(String key, Consumer<ObjectNode> change) {
    ObjectNode pack = (ObjectNode) JSON.readTree(Stored.text("pack.json"));
    pack.put("key", key);
    change.accept(pack);
    return pack.toString();
  }

  private PackLibrary library() {
    return key -> key.equals("crank") ? Optional.of(crank) : Optional.empty();
  }

  private static String inside(String key) {
    return pack("bracket", p -> p.putArray("around").addObject().put("pack", key));
  }

  @Test
  void theJobAroundIsWrittenIntoTheDocumentSoThatItSaysAllByItself() {
    String open = inside("crank");
    String whole = reader.whole(open, library());
    assertThat(JSON.readTree(whole).path("around").get(0).path("document"))
        .isEqualTo(JSON.readTree(crank));
    assertThat(reader.whole(whole, PackLibrary.EMPTY)).isEqualTo(whole);
    JobPack taken = reader.take(open, library());
    assertThat(taken).isEqualTo(reader.read(whole)).isEqualTo(reader.take(whole));
    JobPack pack = taken.answered(Answers.NONE);
    assertThat(pack.joints())
        .hasSize(2 * reader.take(crank).answered(Answers.NONE).joints().size());
    assertThat(pack.joints())
        .extracting(j -> j.id())
        .contains("caliper.LEFT", "crank.caliper.LEFT");
    assertThat(pack.layout().isAround("crank.caliper.LEFT")).isTrue();
    assertThat(pack.layout().isAround("caliper.LEFT")).isFalse();
    assertThat(pack.assemblies()).extracting(a -> a.id()).contains("crank.brake.LEFT");
  }

  @Test
  void aJobThatIsNotOnOfferOrStandsInsideAThirdIsRefused() {
    InvalidInput lost =
        catchThrowableOfType(InvalidInput.class, () -> reader.take(inside("none"), library()));
    assertThat(lost.problems()).extracting(Problem::field).containsExactly("around[0].pack");
    String nested = inside("crank");
    assertThatThrownBy(
            () ->
                reader.take(
                    pack("third", p -> p.putArray("around").addObject().put("pack", "bracket")),
                    key -> Optional.of(nested)))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("stands inside another job itself");
    assertThatThrownBy(() -> reader.read(inside("crank")))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("is not written into this document");
  }

  @Test
  void partsNameTheirRoleAndFitsTheCallThatAnswersThem() {
    JobPack pack =
        reader.take(
            pack(
                "typed",
                p -> {
                  p.putArray("parts")
                      .addObject()
                      .put("name", "spring")
                      .put("count", 2)
                      .put("role", "CARRIED_OVER");
                  p.putArray("fitChecks")
                      .add("looks alike")
                      .addObject()
                      .put("question", "stack")
                      .put("call", "steerer-stack");
                }));
    assertThat(pack.parts()).contains(new PackPart("spring", 2, PartRole.CARRIED_OVER));
    assertThat(pack.preparation().fits())
        .containsExactly(
            new FitQuestion("looks alike", null), new FitQuestion("stack", FitCall.STEERER_STACK));
    assertThat(pack.preparation().fitChecks()).isEqualTo(List.of("looks alike", "stack"));
  }

  private List<String> places(Consumer<ObjectNode> change) {
    InvalidInput e =
        catchThrowableOfType(InvalidInput.class, () -> reader.take(pack("wrong", change)));
    return e.problems().stream().map(Problem::field).toList();
  }

  @Test
  void whatIsNotKnownIsRefusedAtItsPlace() {
    assertThat(
            places(
                p -> p.putArray("fitChecks").addObject().put("question", "q").put("call", "magic")))
        .anyMatch(f -> f.startsWith("fitChecks[0]"));
    assertThat(places(p -> p.putArray("parts").addObject().put("name", "x").put("count", 1)))
        .containsExactly("parts[0].role");
    assertThat(places(p -> p.put("sidesInTurn", true))).anyMatch(f -> f.endsWith(".eachSide"));
  }

  @Test
  void aThreadGoesByItsOwnNameAndItsHandMayStandBehindIt() {
    Consumer<ObjectNode> cup =
        p -> ((ObjectNode) p.path("joints").get(0)).put("thread", "1.375 in × 24, left-hand");
    JobPack pack = reader.take(pack("cup", cup));
    assertThat(pack.joints().get(0).fastener().thread().designation()).isEqualTo("1.375 in × 24");
    assertThat(pack.joints().get(0).fastener().hand()).isEqualTo(Hand.LEFT);
    assertThat(
            places(
                p -> {
                  cup.accept(p);
                  ((ObjectNode) p.path("joints").get(0)).put("hand", "RIGHT");
                }))
        .containsExactly("joints[0].hand");
    assertThat(places(p -> ((ObjectNode) p.path("joints").get(0)).put("thread", "1/4-21 UNC")))
        .containsExactly("joints[0].thread");
    assertThat(
            places(
                p ->
                    ((ObjectNode) p.path("joints").get(0))
                        .put("thread", "M8")
                        .put("propertyClass", "SAE-5")))
        .containsExactly("joints[0].propertyClass");
  }
}
