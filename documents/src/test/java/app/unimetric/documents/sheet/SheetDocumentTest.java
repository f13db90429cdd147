package app.unimetric.documents.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.pack.Side;
import app.unimetric.core.plan.PlanPrint;
import app.unimetric.core.plan.WorkedFit;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.stated.Source;
import app.unimetric.documents.shape.ShapeEdit;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** What is said on a sheet, as it is stored. */
class SheetDocumentTest {
  static Stream<Arguments> stored() {
    return Stream.of(
        Arguments.of(
            "{\"version\":1,\"jointId\":\"axle\",\"valueId\":\"pack.1\",\"readAs\":\"N.m\",\"reason\":\"Stamp.\"}",
            new SheetSaying.DecisionMade("axle", "pack.1", TorqueUnit.NEWTON_METRE, "Stamp.")),
        Arguments.of(
            "{\"version\":1,\"jointId\":\"axle\",\"valueId\":\"pack.0\",\"reason\":\"Stamp.\"}",
            new SheetSaying.DecisionMade("axle", "pack.0", null, "Stamp.")),
        Arguments.of(
            "{\"version\":1,\"jointId\":\"axle\",\"typed\":\"98 N·m\",\"source\":\"MANUAL\",\"document\":\"p. 61\",\"condition\":\"DRY\"}",
            new SheetSaying.ValueFound(
                "axle", "98 N·m", Source.MANUAL, "p. 61", FrictionCondition.DRY, null)),
        Arguments.of(
            "{\"version\":1,\"jointId\":\"axle\",\"typed\":\"98 N·m\",\"source\":\"MANUAL\",\"document\":\"p. 61\",\"condition\":\"DRY\",\"statedFor\":\"M8\"}",
            new SheetSaying.ValueFound(
                "axle", "98 N·m", Source.MANUAL, "p. 61", FrictionCondition.DRY, "M8")),
        Arguments.of(
            "{\"version\":1,\"edits\":[{\"kind\":\"PUT\",\"at\":[\"title\"],\"was\":\"Pads\",\"now\":\"Front pads\"},{\"kind\":\"INSERT\",\"at\":[\"traps\"],\"now\":\"Mind the hose\"},{\"kind\":\"REMOVE\",\"at\":[\"steps\",\"off\"]},{\"kind\":\"MOVE\",\"at\":[\"steps\",\"on\"],\"before\":\"off\"}],\"undoes\":\"11111111-2222-3333-4444-555555555555\",\"reason\":\"Other caliper.\"}",
            new SheetSaying.Shaped(
                List.of(
                    new ShapeEdit.Put(List.of("title"), text("Pads"), text("Front pads")),
                    new ShapeEdit.Insert(List.of("traps"), text("Mind the hose"), null),
                    new ShapeEdit.Remove(List.of("steps", "off"), null),
                    new ShapeEdit.Move(List.of("steps", "on"), "off")),
                UUID.fromString("11111111-2222-3333-4444-555555555555"),
                "Other caliper.")),
        Arguments.of(
            "{\"version\":1,\"jointId\":\"axle\",\"state\":\"?torque=98\",\"summary\":\"holds\"}",
            new SheetSaying.DeskNoted("axle", "?torque=98", "holds")),
        Arguments.of(
            "{\"version\":1,\"question\":\"axle straight\",\"fits\":false,\"note\":\"bent\"}",
            new SheetSaying.FitAnswered("axle straight", false, "bent", null)),
        Arguments.of(
            "{\"version\":1,\"question\":\"gap\",\"fits\":true,\"note\":\"\",\"worked\":{\"call\":\"STEERER_STACK\",\"state\":\"?steerer=55\",\"verdict\":\"FITS\",\"said\":[\"3 mm.\"]}}",
            new SheetSaying.FitAnswered(
                "gap",
                true,
                "",
                new WorkedFit(
                    FitCall.STEERER_STACK, "?steerer=55", FitVerdict.FITS, List.of("3 mm.")))),
        Arguments.of(
            "{\"version\":1,\"jointIds\":[\"b\",\"a\"]}",
            new SheetSaying.Arranged(List.of("b", "a"))),
        Arguments.of(
            "{\"version\":1,\"amount\":\"80.50\"}",
            new SheetSaying.Quoted(new BigDecimal("80.50"))),
        Arguments.of(
            "{\"version\":1,\"options\":{\"pins\":\"two\"},\"sides\":[\"LEFT\"]}",
            new SheetSaying.Chosen(new Answers(Map.of("pins", "two"), List.of(Side.LEFT)))),
        Arguments.of(
            "{\"version\":1,\"valueId\":\"pack.1\",\"reason\":\"Wrong page.\"}",
            new SheetSaying.Withdrawn("pack.1", "Wrong page.")),
        Arguments.of(
            "{\"version\":1,\"jointId\":\"collar\",\"reason\":\"No tool so small.\"}",
            new SheetSaying.ByFeel("collar", "No tool so small.")),
        Arguments.of("{\"version\":1,\"name\":\"Box 7\"}", new SheetSaying.PartNamed("Box 7")),
        Arguments.of(
            "{\"version\":1,\"joints\":[{\"jointId\":\"axle\",\"title\":\"Axle\",\"target\":\"93–103 N·m\",\"product\":\"grease\",\"setting\":\"98\",\"passes\":\"100 % 1\"}],\"blockers\":[\"none\"]}",
            new SheetSaying.CardPrinted(
                new PlanPrint(
                    List.of(
                        new PlanPrint.Line(
                            "axle", "Axle", "93–103 N·m", "grease", "98", "100 % 1")),
                    List.of("none")))));
  }

  private static JsonNode text(String text) {
    return JsonNodeFactory.instance.stringNode(text);
  }

  @ParameterizedTest
  @MethodSource("stored")
  void whatIsStoredIsRead(String stored, SheetSaying said) {
    assertThat(SheetDocument.read(said.kind(), stored)).isEqualTo(said);
  }

  @ParameterizedTest
  @MethodSource("stored")
  void whatIsWrittenIsReadAgain(String stored, SheetSaying said) {
    assertThat(SheetDocument.read(said.kind(), SheetDocument.write(said))).isEqualTo(said);
  }

  @ParameterizedTest
  @EnumSource(SheetSaying.Kind.class)
  void aNewerVersionIsRefusedWithWords(SheetSaying.Kind kind) {
    assertThatThrownBy(() -> SheetDocument.read(kind, "{\"version\": 2}"))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("version 2")
        .hasMessageContaining("newer program");
  }
}
