package app.unimetric.documents.run;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.core.bench.EntryTime;
import app.unimetric.core.bench.EventKind;
import app.unimetric.core.bench.Replay;
import app.unimetric.core.bench.RunEvent;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunSheetWriter;
import app.unimetric.core.bench.RunState;
import app.unimetric.core.bench.Signature;
import app.unimetric.core.bench.StepKind;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import app.unimetric.documents.pack.PackReader;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** A clamp climbed to hold, written down and read years later. */
class ClimbedRecordTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
  private static final Instant AT = Instant.parse("2026-05-04T08:00:00Z");
  private static final Signature ASTA = new Signature(UUID.randomUUID(), "Asta", true);
  private static final String PACK =
      """
      {"format": "unimetric-pack", "version": 2, "key": "k", "title": "t", "summary": "s",
       "machineKind": "BICYCLE", "fits": "f",
       "joints": [{"id": "clamp", "title": "Clamp", "thread": "M5", "count": 2, "layout": "PINCH",
         "carbon": true, "surface": {}, "slipTest": "Twist it with 30 N·m.",
         "values": [{"form": "MAXIMUM", "max": 5, "unit": "N.m", "source": "PART_MARKING",
           "document": "on the clamp"}]}]}
      """;

  private static RunSheet sheet() {
    CribTool tool =
        new CribTool(
            "t",
            "Key",
            ToolType.CLICK,
            new TorqueTool(2, 25, 4.0, 0.5, TorqueUnit.NEWTON_METRE, List.of()),
            LocalDate.of(2026, 1, 1),
            1,
            null);
    return RunSheetWriter.write(
        JobPlan.of(new PackReader().read(PACK), Circumstances.of(List.of(tool), TODAY)));
  }

  /** The clamp slips once and holds at the second torque. */
  private static RunState signed(RunSheet sheet) {
    List<RunEvent> log = new ArrayList<>();
    RunState state = Replay.of(sheet, log);
    boolean slipped = false;
    for (int said = 0; state.currentStep() != null && said < 50; said++) {
      boolean test =
          sheet.step(state.currentStep()).orElseThrow().kind() == StepKind.SLIP_TEST && !slipped;
      slipped |= test;
      log.add(
          new RunEvent(
              UUID.randomUUID(),
              state.currentStep(),
              test ? EventKind.SLIPS : state.permits().get(0),
              state.nextFastener(),
              null,
              null,
              null,
              null,
              null,
              null,
              null,
              null,
              null,
              null,
              ASTA,
              null,
              EntryTime.at(AT)));
      state = Replay.of(sheet, log);
    }
    return state;
  }

  @Test
  void whatItWasLeftAtStandsInTheRecordByItself() {
    RunSheet sheet = RunSheetDocument.read(RunSheetDocument.write(sheet()));
    assertThat(sheet).isEqualTo(sheet());
    RunState state = signed(sheet);
    assertThat(state.signedOff()).isTrue();
    AsBuilt built = new AsBuilt(UUID.randomUUID(), sheet, state, "Asta", ASTA.id(), AT);
    AsBuilt read = RecordDocument.read(RecordDocument.write(built));
    assertThat(read).isEqualTo(RecordDocument.read(RecordDocument.write(read)));
    assertThat(read.climbedToNm()).isEqualTo(built.climbedToNm());
    assertThat(read.climbedToNm().get("clamp")).isEqualTo(3.5);
    assertThat(read.joints().get(0).finals()).hasSize(2).allMatch(e -> e.torqueNm() == 3.5);
    assertThat(read.targets(List.of()).get(0).setting()).isEqualTo("3.5 N·m on Key");
  }
}
