package app.unimetric.documents.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.plan.WorkedFit;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.JsonNodeFactory;

class FitDocumentTest {
  private static final String FIRST =
      "{\"version\":1,\"call\":\"PADS\",\"state\":\"?now=2\",\"request\":{\"nowMm\":2},\"verdict\":\"FITS\",\"said\":[\"About 3000 km are left.\"]}";
  private static final WorkedFit PADS =
      new WorkedFit(FitCall.PADS, "?now=2", FitVerdict.FITS, List.of("About 3000 km are left."));

  @Test
  void theFirstVersionIsRead() {
    assertThat(FitDocument.read(FIRST)).isEqualTo(PADS);
    assertThat(FitDocument.request(FIRST).path("nowMm").asInt()).isEqualTo(2);
  }

  @Test
  void whatIsWrittenIsReadAgainWithWhatWasMeasured() {
    String written =
        FitDocument.write(PADS, JsonNodeFactory.instance.objectNode().put("nowMm", 2.25));
    assertThat(FitDocument.read(written)).isEqualTo(PADS);
    assertThat(written).contains("\"nowMm\":2.25").contains("\"version\":1");
  }

  @Test
  void aFigureWithoutAVerdictHasNone() {
    WorkedFit mass = new WorkedFit(FitCall.MASS, "?", null, List.of("50 g less."));
    String written = FitDocument.write(mass, JsonNodeFactory.instance.objectNode());
    assertThat(FitDocument.read(written).verdict()).isNull();
  }

  @Test
  void aNewerVersionIsRefusedWithWords() {
    assertThatThrownBy(() -> FitDocument.read("{\"version\": 2}"))
        .hasMessageContaining("newer program");
  }
}
