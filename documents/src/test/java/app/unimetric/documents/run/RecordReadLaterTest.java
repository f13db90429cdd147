package app.unimetric.documents.run;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.bench.AsBuilt;
import app.unimetric.core.bench.EntryTime;
import app.unimetric.core.bench.EventKind;
import app.unimetric.core.bench.Finding;
import app.unimetric.core.bench.Replay;
import app.unimetric.core.bench.RunEvent;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunSheetWriter;
import app.unimetric.core.bench.RunState;
import app.unimetric.core.bench.Said;
import app.unimetric.core.bench.Signature;
import app.unimetric.core.fastener.Castellation;
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

/** What was done at the bench, written down and read years later. */
class RecordReadLaterTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
  private static final Instant AT = Instant.parse("2026-05-04T08:00:00Z");
  private static final Signature ASTA = new Signature(UUID.randomUUID(), "Asta", true);
  private static final String CLAMP =
      """
      {"format": "unimetric-pack", "version": 1, "key": "k", "title": "t", "summary": "s",
       "machineKind": "BICYCLE", "fits": "f",
       "joints": [{"id": "clamp", "title": "Clamp", "thread": "M5", "count": 2, "layout": "PINCH",
         "carbon": true, "surface": {}, "slipTest": "Twist it with 30 N·m.",
         "values": [{"form": "MAXIMUM", "max": 5, "unit": "N.m", "source": "PART_MARKING",
           "document": "on the clamp"}]}]}
      """;

  private static final String NUT =
      """
      {"format": "unimetric-pack", "version": 1, "key": "k", "title": "t", "summary": "s",
       "machineKind": "ATV", "fits": "f",
       "joints": [{"id": "nut", "title": "Nut", "thread": "M10", "propertyClass": "8.8",
         "count": 1, "surface": {"lock": "CASTLE_PIN"}, "castellation": {"slots": 8, "holes": 2},
         "values": [{"form": "VALUE", "value": 20, "unit": "N.m", "source": "MANUAL",
           "document": "p. 1"}]}]}
      """;

  private static RunSheet sheet(String pack) {
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
        JobPlan.of(new PackReader().read(pack), Circumstances.of(List.of(tool), TODAY)));
  }

  /** By what is usual, but for the first that is said where this kind can be. */
  private static RunState signed(RunSheet sheet, EventKind unusual) {
    List<RunEvent> log = new ArrayList<>();
    RunState state = Replay.of(sheet, log);
    boolean said = false;
    for (int i = 0; state.currentStep() != null && i < 50; i++) {
      boolean now = !said && state.permits().contains(unusual);
      said |= now;
      log.add(event(state, now ? unusual : state.permits().get(0)));
      state = Replay.of(sheet, log);
    }
    return state;
  }

  private static RunEvent event(RunState state, EventKind kind) {
    Said said =
        switch (kind) {
          case SLOT_AHEAD -> new Said.ToSlot("7.5", "0.8");
          case SLACKENED -> new Said.Slackened(null);
          case SLIPS -> new Said.Slips();
          case HOLDS -> new Said.Holds();
          case CLICKED -> new Said.Clicked();
          case HELD -> new Said.Held(null);
          case SIGNED_OFF -> new Said.SignedOff();
          case SECOND_LOOK -> new Said.SecondLook(Finding.GOOD, null);
          case FOUND -> new Said.Found(Finding.GOOD, null, null);
          default -> new Said.Done();
        };
    return new RunEvent(
        UUID.randomUUID(),
        state.currentStep(),
        state.nextFastener(),
        said,
        ASTA,
        null,
        EntryTime.at(AT));
  }

  private static AsBuilt built(RunSheet sheet, EventKind unusual) {
    RunState state = signed(sheet, unusual);
    assertThat(state.signedOff()).isTrue();
    return new AsBuilt(UUID.randomUUID(), sheet, state, "Asta", ASTA.id(), AT);
  }

  @Test
  void howFarANutWentOnToItsSlot() {
    RunSheet sheet = KeptRun.SHEET.read(KeptRun.SHEET.write(sheet(NUT)));
    assertThat(sheet).isEqualTo(sheet(NUT));
    assertThat(sheet.step("slot.nut").orElseThrow().castellation())
        .isEqualTo(new Castellation(8, 2));
    AsBuilt built = built(sheet, EventKind.SLACKENED);
    AsBuilt read = KeptRun.RECORD.read(KeptRun.RECORD.write(built));
    assertThat(read.run().entries()).isEqualTo(built.run().entries());
    assertThat(read.joints()).isEqualTo(built.joints());
    assertThat(read.joints().get(0).slots()).hasSize(1);
    assertThat(read.joints().get(0).slots().get(0).torqueNm()).isEqualTo(27);
    assertThat(read.joints().get(0).slots().get(0).shown()).isEqualTo("7.5° on to the next slot");
  }

  @Test
  void whatItWasLeftAtStandsInTheRecordByItself() {
    RunSheet sheet = KeptRun.SHEET.read(KeptRun.SHEET.write(sheet(CLAMP)));
    assertThat(sheet).isEqualTo(sheet(CLAMP));
    AsBuilt built = built(sheet, EventKind.SLIPS);
    AsBuilt read = KeptRun.RECORD.read(KeptRun.RECORD.write(built));
    assertThat(read).isEqualTo(KeptRun.RECORD.read(KeptRun.RECORD.write(read)));
    assertThat(read.climbedToNm()).isEqualTo(built.climbedToNm());
    assertThat(read.climbedToNm().get("clamp")).isEqualTo(3.5);
    assertThat(read.joints().get(0).finals()).hasSize(2).allMatch(e -> e.torqueNm() == 3.5);
    assertThat(read.targets(List.of()).get(0).setting()).isEqualTo("3.5 N·m on Key");
  }
}
