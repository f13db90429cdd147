package app.unimetric.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.order.TaskKind;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.pack.SetToCheck;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.WorkLine;
import app.unimetric.core.problem.InvalidInput;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What sets play is turned until its check is good, at its place in the order (job book, 14). */
class SetToCheckTest {
  private static final String FEEL = "no play, and it turns freely";

  /** A cap that sets play, and the clamp that goes tight after it. */
  private static JobPlan plan() {
    return plan(Map.of());
  }

  private static JobPlan plan(Map<String, Object> more) {
    return planned(document(more));
  }

  private static Map<String, Object> document(Map<String, Object> more) {
    Map<String, Object> pack = SamplePack.document();
    Map<String, Object> cap = SamplePack.joint("cap", "M6", 1, "PINCH", 2.0);
    cap.remove("values");
    cap.put("role", "ADJUST");
    cap.put("feel", FEEL);
    cap.put("atMost", 2.0);
    cap.putAll(more);
    Map<String, Object> clamp = SamplePack.joint("clamp", "M6", 2, "PINCH", 6.0);
    pack.put("joints", List.of(cap, clamp));
    pack.put(
        "order", List.of(Map.of("before", "cap", "after", "clamp", "reason", "Play comes first.")));
    return pack;
  }

  private static JobPlan planned(Map<String, Object> pack) {
    return JobPlan.of(
        SamplePack.read(pack),
        Circumstances.of(List.of(AtTheBench.click("t1", 4.0)), LocalDate.of(2026, 5, 4)));
  }

  @Test
  void itNeedsNeitherAValueNorATorqueTool() {
    JobPlan plan = plan();
    assertThat(plan.blockers()).isEmpty();
    assertThat(plan.joints())
        .filteredOn(j -> j.id().equals("cap"))
        .allSatisfy(
            j -> {
              assertThat(j.tool()).isNull();
              assertThat(j.passes()).extracting(p -> p.words()).containsExactly("to its check 1");
              assertThat(j.target()).isEqualTo("to its check, at most 2 N·m").isEqualTo(j.stated());
            });
  }

  @Test
  void itIsFeltAtItsPlaceAndOnceMoreWhenItsClampIsTight() {
    List<RunStep> steps = RunSheetWriter.write(plan()).steps();
    List<String> felt =
        steps.stream().filter(s -> s.kind() == StepKind.SET_TO_CHECK).map(RunStep::id).toList();
    assertThat(felt).containsExactly("set.cap", "felt.cap.clamp");
    List<String> ids = steps.stream().map(RunStep::id).toList();
    int clampTight =
        ids.indexOf(
            steps.stream()
                .filter(s -> s.kind() == StepKind.CHECK_PASS && "clamp".equals(s.jointId()))
                .findFirst()
                .orElseThrow()
                .id());
    assertThat(ids.indexOf("set.cap")).isLessThan(clampTight);
    assertThat(ids.indexOf("felt.cap.clamp")).isGreaterThan(clampTight);
    assertThat(steps)
        .filteredOn(s -> "cap".equals(s.jointId()))
        .noneMatch(s -> s.kind() == StepKind.TIGHTEN || s.kind() == StepKind.CHECK_PASS);
    RunStep set = steps.get(ids.indexOf("set.cap"));
    assertThat(set.hold()).isTrue();
    assertThat(set.text()).contains(FEEL).contains("At most 2 N·m");
    assertThat(plan().work().tasks())
        .filteredOn(t -> "cap".equals(t.jointId()))
        .extracting(t -> t.kind())
        .contains(TaskKind.FINAL);
  }

  @Test
  void theListOfTheWorkSaysThatItIsSet() {
    assertThat(WorkLine.of(plan()))
        .filteredOn(line -> "cap".equals(line.jointId()) && line.kind() == TaskKind.FINAL)
        .extracting(WorkLine::text)
        .containsExactly("to its check");
  }

  @Test
  void itIsNotFeltAgainWhereARuleIsAboutOtherJoints() {
    Map<String, Object> pack = document(Map.of());
    Map<String, Object> lid = SamplePack.joint("lid", "M6", 2, "PINCH", 6.0);
    pack.put("joints", concat((List<?>) pack.get("joints"), lid));
    pack.put(
        "order",
        concat(
            (List<?>) pack.get("order"),
            Map.of("before", "clamp", "after", "lid", "reason", "The lid covers it.")));
    assertThat(RunSheetWriter.write(planned(pack)).steps())
        .extracting(RunStep::id)
        .contains("felt.cap.clamp")
        .doesNotContain("felt.cap.lid");
  }

  private static List<Object> concat(List<?> some, Object one) {
    return Stream.<Object>concat(some.stream(), Stream.of(one)).toList();
  }

  @Test
  void itIsAnsweredGoodOrNotGoodAndNotGoodHoldsTheJob() {
    AtTheBench bench = new AtTheBench(RunSheetWriter.write(plan()));
    bench.until(StepKind.SET_TO_CHECK);
    assertThat(bench.state().permits())
        .as("its grease is on, so its work may begin again")
        .containsExactly(EventKind.FOUND, EventKind.BEGUN_AGAIN);
    RunEvent bad =
        new RunEvent(
            UUID.randomUUID(),
            "set.cap",
            null,
            new Said.Found(Finding.BAD, "it knocks", null),
            new Signature(UUID.randomUUID(), "Asta", false),
            null,
            EntryTime.at(Instant.EPOCH));
    bench.log.add(bad);
    assertThat(bench.state().currentStep()).isEqualTo("set.cap");
    assertThat(bench.state().shown().advice()).startsWith("It is not right yet");
    assertThat(bench.say(EventKind.FOUND).doneSteps()).contains("set.cap");
  }

  @Test
  void whatTheMakerDrawsToATorqueHasItsPassesFirstAndIsFeltInsteadOfGoneRound() {
    JobPlan plan =
        plan(
            Map.of(
                "count",
                2,
                "drawToNm",
                4.0,
                "values",
                List.of(SamplePack.value(4.0, "N.m", "KIT_SHEET"))));
    assertThat(plan.blockers()).isEmpty();
    List<RunStep> cap =
        RunSheetWriter.write(plan).steps().stream().filter(s -> "cap".equals(s.jointId())).toList();
    assertThat(cap).noneMatch(s -> s.kind() == StepKind.CHECK_PASS);
    List<RunStep> drawn = cap.stream().filter(s -> s.kind() == StepKind.TIGHTEN).toList();
    RunStep last = drawn.get(drawn.size() - 1);
    assertThat(last.settingNm()).isBetween(3.5, 4.5);
    assertThat(cap.get(cap.indexOf(last) + 1).id()).isEqualTo("set.cap");
    assertThat(cap.get(cap.indexOf(last) + 1).text()).startsWith("It is drawn to its torque");
    assertThat(plan.work().tasks())
        .filteredOn(t -> "cap".equals(t.jointId()) && t.kind() == TaskKind.FINAL)
        .as("one row of the work holds its final torque")
        .hasSize(1);
  }

  @Test
  void whatIsDrawnToAndHasNoValueYetIsNotReady() {
    assertThat(plan(Map.of("drawToNm", 4.0)).ready()).isFalse();
  }

  /** At a re-check nothing is set anew: it is looked at. */
  @Test
  void lookedAtAgainItIsFeltByHandAndNotTurned() {
    RunSheet sheet = RunSheetWriter.write(plan(Map.of("tried", true)));
    List<RunStep> cap = sheet.steps().stream().filter(s -> "cap".equals(s.jointId())).toList();
    assertThat(cap).extracting(RunStep::id).contains("try.cap").doesNotContain("set.cap");
    assertThat(cap.get(0).judged()).isTrue();
  }

  @Test
  void whatIsDrawnToFirstNamesWhoSaysSo() {
    SetToCheck drawn = new SetToCheck(FEEL, null, new SetToCheck.DrawTo(4, "Sheet 7, page 2"));
    assertThat(drawn.text()).startsWith("It is drawn to its torque; now feel");
    assertThatThrownBy(() -> new SetToCheck.DrawTo(4, " "))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("saidBy");
    assertThatThrownBy(() -> new SetToCheck.DrawTo(0, "page 2")).isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> new SetToCheck(" ", null, null)).hasMessageContaining("feel");
    assertThatThrownBy(() -> new SetToCheck(FEEL, -1.0, null)).hasMessageContaining("atMost");
  }
}
