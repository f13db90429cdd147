package app.unimetric.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.order.OrderRule;
import app.unimetric.core.order.Task;
import app.unimetric.core.plan.Blocker;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.stated.Trait;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Several jobs on one machine as one. */
class VisitTest {
  private static Map<String, Object> document(String key, String before, String after) {
    Map<String, Object> document = SamplePack.document();
    document.put("key", key);
    document.put("title", "Job " + key);
    document.put(
        "steps",
        SamplePack.list(
            Map.of("id", "stand", "phase", "SECURE", "title", "On the stand", "text", key),
            Map.of("id", "off", "phase", "REMOVE", "title", "Off with " + key, "text", "Off.")));
    document.put("order", SamplePack.list(SamplePack.rule(before, after, "FINAL")));
    return document;
  }

  private static Map<String, Object> placed(Map<String, Object> document, int joint, String place) {
    SamplePack.jointOf(document, joint).put("place", place);
    SamplePack.jointOf(document, joint).put("undo", Map.of("text", "Loose."));
    return document;
  }

  private static JobPack visit(JobPack... jobs) {
    Map<String, Object> own = SamplePack.document();
    own.put("key", "visit");
    own.put("title", "Visit");
    own.put("steps", List.of());
    own.put("joints", List.of());
    own.put("order", List.of());
    own.put("checks", List.of());
    return SamplePack.read(own).together(List.of(jobs));
  }

  private static JobPack one() {
    return SamplePack.read(placed(document("one", "plate", "pair"), 0, "front caliper"));
  }

  private static JobPack two() {
    return SamplePack.read(placed(document("two", "plate", "pair"), 0, "front caliper"));
  }

  @Test
  void whatTwoJobsTouchIsUndoneAndDoneOnce() {
    JobPack joined = visit(one(), two()).answered(Answers.NONE);
    assertThat(joined.joints())
        .extracting(PackJoint::id)
        .containsExactly("one.pair", "one.plate", "two.plate");
    assertThat(joined.jobsOf(joined.joints().get(0))).containsExactly("Job one", "Job two");
    assertThat(joined.jobsOf(joined.joints().get(2))).containsExactly("Job two");
    List<String> row =
        JobPlan.of(joined, Circumstances.of(List.of(), LocalDate.of(2026, 6, 1)))
            .work()
            .tasks()
            .stream()
            .map(Task::name)
            .toList();
    assertThat(row).containsOnlyOnce("UNDO undo.one.pair", "FINAL one.pair");
    assertThat(row.indexOf("FINAL two.plate"))
        .as("the rule of the second job holds for the joint of the first")
        .isLessThan(row.indexOf("FINAL one.pair"));
  }

  @Test
  void whatBothAskForBeforeAnythingIsUndoneIsDoneOnceAndSoIsACheck() {
    JobPack joined = visit(one(), two()).answered(Answers.NONE);
    assertThat(joined.steps())
        .extracting(PackStep::id)
        .containsExactly("one.stand", "one.off", "two.off");
    assertThat(joined.checks()).extracting(PackCheck::title).containsExactly("Turns");
    assertThat(joined.cautions()).hasSize(1);
  }

  @Test
  void aRuleSaysWhichJobItComesFromAndAContradictionShowsBoth() {
    Map<String, Object> first = placed(document("one", "plate", "pair"), 0, "front caliper");
    placed(first, 1, "plate");
    Map<String, Object> second = placed(document("two", "pair", "plate"), 0, "front caliper");
    placed(second, 1, "plate");
    JobPack joined = visit(SamplePack.read(first), SamplePack.read(second)).answered(Answers.NONE);
    assertThat(joined.order())
        .extracting(OrderRule::reason)
        .containsExactly("plate before pair. (Job one)", "pair before plate. (Job two)");
    JobPlan plan = JobPlan.of(joined, Circumstances.of(List.of(), LocalDate.of(2026, 6, 1)));
    assertThat(plan.blockers())
        .filteredOn(b -> b.kind() == Blocker.Kind.ORDER_CYCLE)
        .singleElement()
        .extracting(Blocker::message)
        .asString()
        .contains("plate before pair. (Job one)", "pair before plate. (Job two)");
  }

  private static JobPack three(String field, Object value) {
    Map<String, Object> other = placed(document("two", "plate", "pair"), 0, "front caliper");
    Map<String, Object> joint = SamplePack.jointOf(other, 0);
    if (field.startsWith("surface.")) {
      joint.put("surface", Map.of("vibrates", true, field.substring("surface.".length()), value));
    } else {
      joint.put(field, value);
    }
    return SamplePack.read(other);
  }

  @ParameterizedTest
  @CsvSource({
    "count, 3, 3 × M8 8.8",
    "thread, M10x1.25, 2 × M10×1.25 8.8",
    "propertyClass, 10.9, 2 × M8 10.9",
    "hand, LEFT, '2 × M8 8.8, left-hand'",
    "surface.lock, NYLON_INSERT, '2 × M8 8.8, nylon-insert nut'",
    "surface.makerSays, GREASE, '2 × M8 8.8, grease'",
  })
  void whatTwoJobsHaveOtherwiseOfOneJointIsNotPassedOver(
      String field, String value, String fixing) {
    Object said = field.equals("count") ? Integer.valueOf(value) : value;
    JobPack joined = visit(one(), three(field, said)).answered(Answers.NONE);
    assertThat(joined.otherwise(joined.joints().get(0)))
        .extracting(JobPack.Otherwise::words)
        .containsExactly("“Job one” has 2 × M8 8.8", "“Job two” has " + fixing);
    assertThat(joined.otherwise(joined.joints().get(1))).as("no shared one").isEmpty();
    assertThat(JobPlan.of(joined, Circumstances.of(List.of(), LocalDate.of(2026, 6, 1))).blockers())
        .filteredOn(b -> b.kind() == Blocker.Kind.JOBS_DISAGREE)
        .singleElement()
        .satisfies(
            b -> {
              assertThat(b.jointId()).isEqualTo("one.pair");
              assertThat(b.message()).endsWith(fixing + ": say how it is on this machine.");
            });
  }

  @Test
  void whatTwoJobsHaveAlikeOrSayInOtherWordsStandsInNobodysWay() {
    JobPack joined = visit(one(), three("drive", "T45")).answered(Answers.NONE);
    assertThat(joined.otherwise(joined.joints().get(0))).isEmpty();
    assertThat(JobPlan.of(joined, Circumstances.of(List.of(), LocalDate.of(2026, 6, 1))).blockers())
        .extracting(Blocker::kind)
        .doesNotContain(Blocker.Kind.JOBS_DISAGREE);
  }

  @Test
  void theCareOfBothJobsIsTaken() {
    Map<String, Object> careful = placed(document("two", "plate", "pair"), 0, "front caliper");
    SamplePack.jointOf(careful, 0).put("wheel", true);
    SamplePack.jointOf(careful, 0).put("traps", List.of("Hose."));
    PackJoint shared =
        visit(one(), SamplePack.read(careful)).answered(Answers.NONE).joints().get(0);
    assertThat(shared.duty().traits()).contains(Trait.WHEEL, Trait.CRITICAL);
    assertThat(shared.traps()).contains("Hose.");
  }

  @Test
  void partsAreCountedForBothButThoseOfASharedJointOnce() {
    JobPack a = with(one(), List.of(part("Nut", 2), part("Bolt", 1)), false);
    JobPack b = with(two(), List.of(part("Nut", 2)), false);
    assertThat(visit(a, b).answered(Answers.NONE).oneTimeParts())
        .containsExactly(new OneTimePart("Nut", 4), new OneTimePart("Bolt", 1));
    JobPack c = with(two(), List.of(part("Nut", 2)), true);
    assertThat(visit(a, c).answered(Answers.NONE).oneTimeParts())
        .containsExactly(new OneTimePart("Nut", 2), new OneTimePart("Bolt", 1));
  }

  @Test
  void onePlaceOfTwoSidesIsTwoJoints() {
    assertThat(visit(on(one(), Side.LEFT), on(two(), Side.LEFT)).answered(Answers.NONE).joints())
        .extracting(PackJoint::place)
        .containsOnlyOnce("front caliper");
    assertThat(visit(on(one(), Side.LEFT), on(two(), Side.RIGHT)).answered(Answers.NONE).joints())
        .filteredOn(j -> j.place().equals("front caliper"))
        .extracting(PackJoint::side)
        .containsExactly(Side.LEFT, Side.RIGHT);
  }

  private static JobPack on(JobPack p, Side side) {
    return SamplePack.with(
        p, p.parts(), p.joints().stream().map(j -> j.on(side, null)).toList(), List.of());
  }

  private static PackPart part(String name, int count) {
    return new PackPart(name, count, PartRole.USED_ONCE);
  }

  private static JobPack with(JobPack p, List<PackPart> parts, boolean renewed) {
    List<PackJoint> joints =
        p.joints().stream()
            .map(
                j ->
                    new PackJoint(
                        j.id(),
                        j.title(),
                        j.fastener(),
                        j.pattern(),
                        j.duty(),
                        j.situation(),
                        j.torque(),
                        new Turning(
                            j.turning().end(), null, null, renewed, 0, false, null, null, null),
                        j.traps(),
                        j.undoing(),
                        j.side(),
                        j.place()))
            .toList();
    return SamplePack.with(p, parts, joints, p.order());
  }

  @Test
  void aQuestionBothAskIsAskedOnceAndAnsweredForBoth() {
    PackOption alike =
        new PackOption(
            "pins",
            "How many pins?",
            List.of(new PackOption.Answer("one", "One"), new PackOption.Answer("two", "Two")));
    PackOption own =
        new PackOption(
            "nut",
            "Which nut?",
            List.of(new PackOption.Answer("a", "A"), new PackOption.Answer("b", "B")));
    JobPack a = SamplePack.asking(one(), List.of(alike));
    JobPack b =
        SamplePack.asking(
            two(), List.of(new PackOption("pegs", alike.question(), alike.answers()), own));
    JobPack both = visit(a, b);
    assertThat(both.choices().options())
        .extracting(PackOption::id)
        .containsExactly("one.pins", "two.nut");
    Answers given = new Answers(Map.of("one.pins", "two", "two.nut", "b"), List.of());
    assertThat(Visit.answersFor(b, both.choices(), given))
        .isEqualTo(new Answers(Map.of("pegs", "two", "nut", "b"), List.of()));
    assertThat(both.answered(given).joints()).hasSize(3);
    assertThat(
            both.gathered(
                Map.of(
                    "two", new Answers(Map.of("pegs", "two", "nut", "b", "gone", "a"), List.of()))))
        .as("as each was answered by itself")
        .isEqualTo(given);
    assertThat(
            both.gathered(
                    Map.of(
                        "one", new Answers(Map.of("pins", "one"), List.of()),
                        "two", new Answers(Map.of("pegs", "two", "nut", "c"), List.of())))
                .options())
        .as("the first of them counts; an answer nobody offers any more does not")
        .isEqualTo(Map.of("one.pins", "one"));
  }

  private static JobPack sided(JobPack job) {
    return SamplePack.asking(job, List.of(), "plate");
  }

  private static List<String> plates(Answers given) {
    return visit(sided(one()), sided(two())).answered(given).joints().stream()
        .map(PackJoint::id)
        .filter(id -> id.contains("plate"))
        .toList();
  }

  @Test
  void eachJobOfAVisitIsAskedForItsOwnSides() {
    PackChoices asked = visit(sided(one()), sided(two())).choices();
    assertThat(asked.asksSides()).as("the visit as a whole is not asked").isFalse();
    assertThat(asked.options())
        .extracting(PackOption::question)
        .containsExactly("Job one: On which side?", "Job two: On which side?");
    assertThat(asked.options().get(0).answers())
        .extracting(PackOption.Answer::words)
        .containsExactly("Both", "Left", "Right");
    String first = asked.options().get(0).id();
    assertThat(plates(Answers.NONE))
        .containsExactly("one.plate.LEFT", "one.plate.RIGHT", "two.plate.LEFT", "two.plate.RIGHT");
    assertThat(plates(new Answers(Map.of(first, "RIGHT"), List.of())))
        .containsExactly("one.plate.RIGHT", "two.plate.LEFT", "two.plate.RIGHT");
    assertThat(plates(new Answers(Map.of(first, "BOTH"), List.of(Side.LEFT))))
        .as("what was said of the whole once holds where nothing was said of the job")
        .containsExactly("one.plate.LEFT", "one.plate.RIGHT", "two.plate.LEFT");
    assertThat(asked.settled(new Answers(Map.of(first, "BOTH"), List.of(Side.LEFT))).values())
        .containsExactly("BOTH", "LEFT");
  }

  @Test
  void onWhichSideTheMachineHasAThingIsAskedOnceForAllThatAskIt() {
    String where = "On which side is a caliper?";
    JobPack visit =
        visit(
            SamplePack.askingSides(one(), where, "plate"),
            SamplePack.askingSides(two(), where, "plate"));
    assertThat(visit.choices().options()).extracting(PackOption::question).containsExactly(where);
    String asked = visit.choices().options().get(0).id();
    assertThat(visit.answered(new Answers(Map.of(asked, "LEFT"), List.of())).joints())
        .extracting(PackJoint::id)
        .contains("one.plate.LEFT", "two.plate.LEFT")
        .doesNotContain("one.plate.RIGHT", "two.plate.RIGHT");
    assertThat(
            visit
                .gathered(
                    Map.of(
                        "one", new Answers(Map.of(), List.of(Side.LEFT)),
                        "two", new Answers(Map.of(), List.of(Side.RIGHT))))
                .options())
        .as("the first of them counts")
        .isEqualTo(Map.of(asked, "LEFT"));
  }

  @Test
  void whatOneJobWasAnsweredBeforeComesIntoTheVisit() {
    JobPack visit = visit(sided(one()), sided(two()));
    Answers before = new Answers(Map.of(), List.of(Side.RIGHT));
    Answers gathered = visit.gathered(Map.of("two", before));
    assertThat(plates(gathered))
        .containsExactly("one.plate.LEFT", "one.plate.RIGHT", "two.plate.RIGHT");
    assertThat(visit.answersOf("two", gathered)).isEqualTo(before);
    assertThat(visit.answersOf("one", gathered)).isEqualTo(Answers.NONE);
    assertThat(one().answersOf("one", before)).as("no visit").isEqualTo(before);
  }

  @Test
  void everyJointIsNamedWithTheKeyOfItsJob() {
    assertThat(visit(one(), two()).everyJoint())
        .containsOnlyKeys("one.pair", "one.plate", "two.pair", "two.plate");
    assertThat(visit(one(), two()).answered(Answers.NONE).layout().together()).hasSize(2);
  }

  @Test
  void valuesAreKeptUnderThePlaceOrTheTitle() {
    JobPack job = one();
    assertThat(job.joints().get(0).valuePlace()).isEqualTo("front caliper");
    assertThat(job.joints().get(1).valuePlace()).isEqualTo("Joint plate");
    assertThat(job.doings()).containsExactlyInAnyOrder("On the stand", "Off with one", "Turns");
  }

  @Test
  void aJointOfOneSideHasValuesOfItsOwnBeforeThoseOfBoth() {
    JobPack both = SamplePack.asking(one(), List.of(), "pair");
    JobPack left = SamplePack.asking(one(), List.of(), Map.of("pair", List.of(Side.LEFT)));
    for (JobPack pack : List.of(both, both.answered(Answers.NONE))) {
      assertThat(both.valuePlaces(pack.joints().get(0))).containsExactly("front caliper");
    }
    for (JobPack pack : List.of(left, left.answered(Answers.NONE))) {
      assertThat(left.valuePlaces(pack.joints().get(0)))
          .containsExactly("front caliper, left", "front caliper");
    }
    JobPack visit = visit(left, two());
    assertThat(visit.valuePlaces(visit.everyJoint().get("one.pair").called("one.pair")))
        .containsExactly("front caliper, left", "front caliper");
    assertThat(visit.valuePlaces(visit.everyJoint().get("two.pair").called("two.pair")))
        .containsExactly("front caliper");
  }

  @Test
  void whichJobAsksIsKnown() {
    JobPack visit = visit(sided(one()), sided(two()));
    assertThat(visit.choices().options())
        .extracting(o -> visit.jobAsking(o).orElse(""))
        .containsExactly("Job one", "Job two");
    assertThat(sided(one()).jobAsking(visit.choices().options().get(0))).isEmpty();
  }

  @Test
  void aThreadThatChangedMarksTheValuesOfThePack() {
    JobPack written = one();
    Map<String, Object> document = placed(document("one", "plate", "pair"), 0, "front caliper");
    SamplePack.jointOf(document, 0).put("thread", "M10x1.25");
    JobPack marked = SamplePack.read(document).markedAgainst(written);
    assertThat(marked.joints().get(0).torque().values().get(0).statedFor()).isEqualTo("M8");
    assertThat(marked.joints().get(1).torque().values().get(0).statedFor()).isNull();
    assertThat(
            JobPlan.of(marked, Circumstances.of(List.of(), LocalDate.of(2026, 6, 1)))
                .joints()
                .stream()
                .filter(j -> j.id().equals("pair"))
                .findFirst()
                .orElseThrow()
                .notes())
        .contains("22 N·m was stated for M8, not for M10×1.25: look it up again.");
  }

  @Test
  void aJobIsFoundByWordsThatBeginItsOwnAndCalledByThoseOfItsTitle() {
    JobPack job = one();
    assertThat(job.isCalled("jo")).isTrue();
    assertThat(job.isCalled("sample")).isFalse();
    assertThat(job.matches("sample pl")).as("from what it fits").isTrue();
    assertThat(job.matches("ample")).isFalse();
  }

  @Test
  void lessCareIsSeenAndMoreIsNot() {
    JobPack critical = one();
    Map<String, Object> document = document("one", "plate", "pair");
    SamplePack.jointOf(document, 1).put("critical", false);
    JobPack lower = SamplePack.read(document);
    assertThat(Lowered.between(critical, lower)).containsExactly("Joint plate");
    assertThat(Lowered.between(lower, critical)).isEmpty();
    assertThat(Lowered.between(critical, critical)).isEmpty();
  }
}
