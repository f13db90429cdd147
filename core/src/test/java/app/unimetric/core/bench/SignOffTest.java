package app.unimetric.core.bench;

import static app.unimetric.core.quantity.TorqueUnit.NEWTON_METRE;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.Seeded;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Predicate;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Whatever is said in whatever order, nothing is signed off with a hold point passed over or a
 * critical joint unverified; and what did not count says why. Read off the entries alone.
 */
class SignOffTest {
  private static final int MOST = 2500;
  private static final Signature ASTA = new Signature(new UUID(1, 1), "Asta", false);
  private static final Signature LEAD = new Signature(new UUID(2, 2), "Lead", true);

  private RunSheet sheet = sheet();
  private List<Entry> entries = List.of();

  /** A pair, a castellated nut and a plate of carbon that is climbed to hold, all critical. */
  private static RunSheet sheet() {
    Map<String, Object> document = SamplePack.document();
    Map<String, Object> nut = SamplePack.joint("nut", "M10", 1, "PINCH", 22.0);
    nut.put("surface", Map.of("lock", "CASTLE_PIN"));
    Map<String, Object> plate = SamplePack.joint("plate", "M6", 2, "PINCH", 10.0);
    plate.put("carbon", true);
    plate.put("values", SamplePack.list(SamplePack.maximum(5)));
    document.put(
        "joints", SamplePack.list(SamplePack.joint("pair", "M8", 2, "ROW", 22.0), plate, nut));
    return RunSheetWriter.write(
        JobPlan.of(
            SamplePack.read(document),
            Circumstances.of(
                List.of(AtTheBench.click("a", 4.0), AtTheBench.click("b", 6.0)),
                AtTheBench.TODAY)));
  }

  private RunEvent anything(Seeded.Case random, RunState state, int i) {
    List<EventKind> permits = state.permits();
    EventKind kind =
        random.nextInt(5) > 0
            ? permits.get(random.nextInt(5) > 1 ? 0 : random.nextInt(permits.size()))
            : EventKind.values()[random.nextInt(EventKind.values().length)];
    RunStep step = sheet.step(state.currentStep()).orElseThrow();
    Double setting = step.settingNm();
    double figure = setting == null ? random.between(1, 60) : setting * random.between(0.8, 1.1);
    boolean figures = kind == EventKind.READING;
    boolean elsewhere = random.nextInt(12) == 0;
    return LogLine.event(
        new UUID(7, i),
        elsewhere
            ? sheet.steps().get(random.nextInt(sheet.steps().size())).id()
            : state.currentStep(),
        kind,
        state.nextFastener(),
        figures ? (Double) figure : null,
        figures ? NEWTON_METRE : null,
        "3.5 mm, as it is",
        kind == EventKind.FOUND ? Finding.values()[random.nextInt(3)] : null,
        null,
        kind == EventKind.AMENDED ? "b" : null,
        kind == EventKind.CORRECTION
            ? new UUID(7, entries.isEmpty() ? 0 : random.nextInt(entries.size()))
            : null,
        null,
        null,
        kind == EventKind.SLOT_AHEAD
            ? new SlotAhead(random.between(0, 70), random.nextBoolean() ? 0.4 : 2.0)
            : null,
        random.nextInt(3) == 0 ? LEAD : ASTA,
        kind == EventKind.SECOND_LOOK ? new Signature(new UUID(3, 3), "Ilse", false) : null,
        EntryTime.at(Instant.EPOCH.plusSeconds(i)));
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void nothingIsPassedOver(Seeded.Case random) {
    Replay replay = Replay.begin(sheet, ToolsOut.NONE);
    RunState state = replay.state();
    for (int i = 0; i < MOST && !state.signedOff(); i++) {
      replay = replay.with(List.of(anything(random, state, i)));
      state = replay.state();
      entries = state.entries();
    }
    assertThat(state.signedOff()).as("it comes to its end").isTrue();
    assertThat(entries).allMatch(e -> e.notCounted() == null || !e.notCounted().isBlank());
    for (RunStep step : sheet.steps()) {
      if (step.hold() && step.kind() != StepKind.SLIP_TEST) {
        assertThat(last(at(step.id()))).as(step.id()).isNotNegative();
      }
    }
    pulled("pair", 1, 2);
    pulled("nut", 1);
    int slot = last(at("slot.nut").and(e -> e.event().slot() != null));
    assertThat(entries.get(slot).isDeviation()).isFalse();
    assertThat(slot).isGreaterThan(lastPull("nut", 1));
    int test = last(e -> e.event().stepId().startsWith("slip.plate") && e.verdict() != null);
    assertThat(
            entries.get(test).event().kind() == EventKind.HOLDS
                || letStandByALead(entries.get(test)))
        .isTrue();
  }

  /** The last pull of each fastener is in its band, or a lead let it stand, and stands since. */
  private void pulled(String joint, int... fasteners) {
    for (int fastener : fasteners) {
      int pull = lastPull(joint, fastener);
      Entry last = entries.get(pull);
      assertThat(last.verdict() == Verdict.INSIDE || letStandByALead(last))
          .as("%s %s", joint, fastener)
          .isTrue();
      int again =
          last(
              e ->
                  isOf(joint, e)
                      && (e.event().kind() == EventKind.BEGUN_AGAIN
                          || (e.event().kind() == EventKind.SLACKENED
                                  || e.event().kind() == EventKind.REPLACED)
                              && Objects.equals(e.event().fastener(), fastener)));
      assertThat(pull).isGreaterThan(again);
    }
  }

  private boolean letStandByALead(Entry entry) {
    int by =
        last(
            e ->
                (e.event().kind() == EventKind.DEVIATION_ACCEPTED
                        || e.event().kind() == EventKind.LEFT)
                    && e.event().stepId().equals(entry.event().stepId()));
    return entry.acceptedReason() != null && by >= 0 && entries.get(by).event().by().lead();
  }

  private int lastPull(String joint, int fastener) {
    return last(
        e ->
            isOf(joint, e)
                && e.torqueNm() != null
                && e.event().slot() == null
                && sheet.step(stepOf(e)).orElseThrow().percent() == RunStep.FULL_PERCENT
                && Objects.equals(first(e).fastener(), fastener));
  }

  private boolean isOf(String joint, Entry e) {
    return sheet.step(stepOf(e)).filter(s -> joint.equals(s.jointId())).isPresent();
  }

  /** Of a correction the step of what it corrects. */
  private String stepOf(Entry e) {
    return first(e).stepId();
  }

  private RunEvent first(Entry e) {
    RunEvent event = e.event();
    while (event.corrects() != null) {
      UUID before = event.corrects();
      event =
          entries.stream()
              .map(Entry::event)
              .filter(o -> o.id().equals(before))
              .findFirst()
              .orElseThrow();
    }
    return event;
  }

  private static Predicate<Entry> at(String step) {
    return e -> e.event().stepId().equals(step);
  }

  private int last(Predicate<Entry> which) {
    for (int i = entries.size() - 1; i >= 0; i--) {
      if (entries.get(i).counts() && which.test(entries.get(i))) {
        return i;
      }
    }
    return -1;
  }
}
