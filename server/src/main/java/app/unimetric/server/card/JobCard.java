package app.unimetric.server.card;

import app.unimetric.core.pack.Measure;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.pack.Phase;
import app.unimetric.core.pack.StatedValue;
import app.unimetric.core.plan.Blocker;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.JointTasks;
import app.unimetric.core.plan.PlanPrint;
import app.unimetric.core.plan.PlannedJoint;
import app.unimetric.core.plan.UntilRide;
import app.unimetric.core.quantity.MinutesText;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.sequence.Pass;
import app.unimetric.core.sequence.PassKind;
import app.unimetric.core.tool.ToolChoice;
import app.unimetric.server.job.Job;
import app.unimetric.server.machine.Machine;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.HtmlUtils;

/** A plan on paper, as XHTML for the PDF library: readable in black and white. */
final class JobCard {
  private static final String STYLE =
      "@page { size: A4; margin: 9mm 11mm 11mm 11mm;"
          + " @bottom-left { content: 'The maker\\2019s document governs. Unimetric computes and records.'; font: 7pt DejaVu; }"
          + " @bottom-right { content: counter(page) ' / ' counter(pages); font: 7pt DejaVu; } }"
          + " body { font: 7.5pt DejaVu; line-height: 1.3; color: #000; }"
          + " h1 { font-size: 14pt; margin: 0; } h2 { font-size: 8.5pt; margin: 1.8mm 0 0.5mm; border-bottom: 0.5pt solid #000; }"
          + " table { width: 100%; border-collapse: collapse; -fs-table-paginate: paginate; }"
          + " td, th { text-align: left; vertical-align: top; padding: 1mm 2mm 1mm 0; border-bottom: 0.3pt solid #777; }"
          + " th { font-weight: normal; font-size: 7pt; } tr { page-break-inside: avoid; }"
          + " .set { font-size: 13pt; font-weight: bold; white-space: nowrap; } .small { font-size: 7pt; }"
          + " .stop { border: 1.2pt solid #000; padding: 1.2mm; margin: 1.2mm 0; font-weight: bold; }"
          + " ul { margin: 0; padding-left: 4mm; } .head td { border: 0; }"
          + " .pair > tbody > tr { page-break-inside: auto; } .pair > tbody > tr > td { border: 0; padding: 0 4mm 0 0; }";

  private final Job job;
  private final Machine machine;
  private final JobPlan plan;
  private final String address;
  private final LocalDate day;
  private final String part;
  private final List<PlanPrint.Change> changes;
  private final StringBuilder html = new StringBuilder(16_384);

  private JobCard(
      Job job,
      Machine machine,
      JobPlan plan,
      String address,
      LocalDate day,
      String part,
      List<PlanPrint.Change> changes) {
    this.job = job;
    this.part = part;
    this.machine = machine;
    this.plan = plan;
    this.address = address;
    this.day = day;
    this.changes = changes;
  }

  /**
   * @param part what is fitted
   * @param changes what the card printed before no longer tells; empty when none was
   */
  static String html(
      Job job,
      Machine machine,
      JobPlan plan,
      String address,
      LocalDate day,
      String part,
      List<PlanPrint.Change> changes) {
    return new JobCard(job, machine, plan, address, day, part, changes).write();
  }

  private String write() {
    html.append("<html><head><title>")
        .append(text(job.title()))
        .append("</title><style>")
        .append(STYLE)
        .append("</style></head><body>");
    head();
    if (!plan.ready()) {
      html.append("<div class=\"stop\">Not ready. ")
          .append(
              text(plan.blockers().stream().map(this::inTheWay).collect(Collectors.joining(" "))))
          .append("</div>");
    }
    list(
        "Changed since the card printed before",
        changes.stream().filter(c -> c.jointId() == null).map(PlanPrint.Change::words).toList());
    html.append("<h2>Joints in working order</h2><table><thead><tr>");
    for (String column :
        List.of("", "", "Joint", "Stated", "On the thread", "Tool and setting", "Passes", "Done")) {
      html.append("<th>").append(column).append("</th>");
    }
    html.append("</tr></thead><tbody>");
    for (int i = 0; i < plan.joints().size(); i++) {
      joint(i + 1, plan.joints().get(i));
    }
    html.append("</tbody></table>");
    html.append("<table class=\"pair\"><tr><td>");
    list("Must fit", plan.pack().preparation().fitChecks());
    list("Needed", List.of(needed()));
    measures("Measure as found", plan.pack().preparation().asFound());
    steps("Before", Phase.Part.BEFORE);
    measures("Inspect", plan.pack().preparation().inspections());
    html.append("</td><td>");
    steps("Between", Phase.Part.AMONG);
    steps("After the last torque", Phase.Part.AFTER);
    list(
        "Before it is ridden",
        plan.pack().checks().stream().map(c -> c.title() + ": " + c.text()).toList());
    steps("First ride", Phase.Part.RIDE);
    list("Cautions", plan.pack().cautions());
    html.append("</td></tr></table>");
    html.append(
        "<p>Done by ____________________ Second look ____________________ Date __________</p>");
    return html.append("</body></html>").toString();
  }

  private String inTheWay(Blocker blocker) {
    return plan.joints().stream()
            .map(PlannedJoint::joint)
            .filter(j -> j.id().equals(blocker.jointId()))
            .map(j -> j.title() + ": ")
            .collect(Collectors.joining())
        + blocker.message()
        + (blocker.message().matches(".*[.!?]") ? "" : ".");
  }

  private void head() {
    html.append("<table class=\"head\"><tr><td><h1>")
        .append(text(job.title()))
        .append("</h1>")
        .append(
            text(
                "Job "
                    + job.number()
                    + " · "
                    + machine.name()
                    + " · "
                    + machine.model()
                    + " "
                    + machine.modelYear()
                    + ", "
                    + machine.variant()
                    + " · frame "
                    + machine.frameNumber()))
        .append("<br/>")
        .append(text("Part: " + part))
        .append("<br/>")
        .append(text("Printed " + day + " · " + plan.pack().summary()))
        .append(text(time()))
        .append("</td><td style=\"width: 24mm\">")
        .append(QrCode.svg(address))
        .append("</td></tr></table>");
  }

  private String time() {
    UntilRide ride = plan.ride();
    return (ride.workMinutes() > 0 ? " About " + Math.round(ride.workMinutes()) + " min." : "")
        + (ride.cureMinutes() > 0
            ? " Ride no earlier than "
                + MinutesText.words(ride.cureMinutes())
                + " after the last final torque."
            : "")
        + (ride.unknown().isEmpty()
            ? ""
            : " Cure time not known: " + String.join(", ", ride.unknown()) + ".");
  }

  private void joint(int place, PlannedJoint j) {
    html.append("<tr><td>").append(place).append("</td><td>");
    html.append(JointSketch.svg(j.joint().layout(), j.positions())).append("</td><td><b>");
    html.append(text(j.joint().title())).append("</b><br/>");
    html.append(text(j.joint().count() + " × " + j.joint().thread().designation() + " " + mark(j)));
    html.append(j.joint().critical() ? "<br/>critical" : "");
    line(j.joint().turning().drive());
    line(
        j.joint().turning().counterHold() == null
            ? null
            : "hold with " + j.joint().turning().counterHold());
    j.notes().forEach(this::line);
    changes.stream()
        .filter(c -> j.joint().id().equals(c.jointId()))
        .forEach(c -> html.append("<br/><b>▲ ").append(text(c.words())).append("</b>"));
    html.append("</td><td>");
    for (StatedValue value : j.joint().values()) {
      html.append(text(value.value().asPrinted()))
          .append("<br/><span class=\"small\">")
          .append(text(value.document()))
          .append("</span><br/>");
    }
    html.append("</td><td>").append(text(j.compound().advice().words()));
    html.append("<br/><span class=\"small\">").append(text(j.compound().where())).append("</span>");
    JointTasks.Moment moment = plan.tasks().moments().get(j.joint().id());
    line(moment == null || moment.words().isEmpty() ? null : moment.words());
    html.append("</td><td>").append(setting(j)).append("</td><td>");
    html.append(text(passes(j))).append("</td><td>");
    html.append("□ ".repeat(Math.min(j.joint().count(), 24))).append("</td></tr>");
  }

  private void line(@Nullable String words) {
    if (words != null) {
      html.append("<br/><span class=\"small\">").append(text(words)).append("</span>");
    }
  }

  private static String mark(PlannedJoint j) {
    return j.joint().propertyClass() == null ? "" : j.joint().propertyClass().mark();
  }

  private static String setting(PlannedJoint j) {
    TorqueBand band = j.resolution().band();
    ToolChoice choice = j.tool();
    Double scale = choice == null ? null : choice.setting().scale();
    if (band == null || choice == null || scale == null) {
      return band == null ? "–" : "no tool";
    }
    return "<span class=\"set\">"
        + text(plain(scale) + " " + choice.tool().tool().unit().sign())
        + "</span><br/>"
        + text(choice.tool().name())
        + "<br/><span class=\"small\">"
        + text(plain(band.minNm()) + "–" + plain(band.maxNm()) + " N·m")
        + "</span>";
  }

  private static String passes(PlannedJoint j) {
    return j.passes().stream().map(JobCard::pass).collect(Collectors.joining(" → "));
  }

  private static String pass(Pass pass) {
    return switch (pass.kind()) {
      case HAND -> "by hand";
      case CIRCULAR_CHECK -> "check round";
      default ->
          Math.round(pass.percent())
              + " %"
              + (pass.kind() == PassKind.SNUG && pass.order().size() > 1
                  ? " ("
                      + pass.order().stream().map(String::valueOf).collect(Collectors.joining(" "))
                      + ")"
                  : "");
    };
  }

  private void list(String title, List<String> items) {
    List<String> said = items.stream().filter(i -> !i.isBlank()).toList();
    if (said.isEmpty()) {
      return;
    }
    html.append("<h2>").append(text(title)).append("</h2><ul>");
    said.forEach(i -> html.append("<li>").append(text(i)).append("</li>"));
    html.append("</ul>");
  }

  private void steps(String title, Phase.Part part) {
    list(title, plan.pack().steps(part).stream().map(this::step).toList());
  }

  private void measures(String title, List<Measure> measures) {
    list(title, measures.stream().map(m -> m.words() + " ________").toList());
  }

  private String step(PackStep step) {
    return (step.hold() ? "Hold: " : "")
        + besideWords(step)
        + step.title()
        + ". "
        + step.text()
        + (step.traps().isEmpty() ? "" : " ! " + String.join(" ! ", step.traps()));
  }

  private String besideWords(PackStep step) {
    PackStep.Beside beside = step.beside();
    if (beside == null) {
      return "";
    }
    return plan.joints().stream()
        .filter(j -> j.joint().id().equals(beside.jointId()))
        .map(j -> (beside.after() ? "After " : "Before ") + j.joint().title() + ": ")
        .collect(Collectors.joining());
  }

  private String needed() {
    return Stream.of(
            plan.pack().preparation().specialTools().stream(),
            plan.pack().preparation().consumables().stream(),
            plan.pack().oneTimeParts().stream().map(p -> p.count() + " × " + p.name()))
        .flatMap(items -> items)
        .collect(Collectors.joining(", "));
  }

  private static String plain(double figure) {
    String text = String.format(Locale.ROOT, figure >= 100 ? "%.0f" : "%.1f", figure);
    return text.endsWith(".0") ? text.substring(0, text.length() - 2) : text;
  }

  private static String text(String words) {
    return HtmlUtils.htmlEscapeDecimal(words, "UTF-8").replaceAll("\\p{Cntrl}", " ");
  }
}
