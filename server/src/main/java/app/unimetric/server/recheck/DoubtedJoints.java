package app.unimetric.server.recheck;

import app.unimetric.core.bench.RunJoint;
import app.unimetric.core.recheck.RecheckDue;
import app.unimetric.server.event.ToolFailed;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.run.RunLog;
import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What a tool tightened since it was last known to be good is looked at again, at once. */
@Component
class DoubtedJoints {
  private static final String RULE = "tool-failed";
  private final RecheckMapper mapper;
  private final RunLog runs;
  private final Jobs jobs;
  private final Fleet fleet;
  private final JsonMapper json;
  private final Clock clock;

  DoubtedJoints(
      RecheckMapper mapper, RunLog runs, Jobs jobs, Fleet fleet, JsonMapper json, Clock clock) {
    this.mapper = mapper;
    this.runs = runs;
    this.jobs = jobs;
    this.fleet = fleet;
    this.json = json;
    this.clock = clock;
  }

  @EventListener
  void doubt(ToolFailed failed) {
    for (RunLog.Touched touched : runs.touched(failed.entryIds())) {
      Job job = jobs.job(touched.jobId());
      Machine machine = fleet.machine(job.machineId());
      mapper.add(
          UUID.randomUUID(),
          machine.id(),
          job.id(),
          new RecheckDue(
              RULE,
              "Tightened with “"
                  + failed.name()
                  + "”: "
                  + failed.why()
                  + ". Try them with a tool that is good before the machine is ridden.",
              false,
              LocalDate.now(clock),
              null,
              null),
          json.writeValueAsString(touched.joints().stream().map(RunJoint::id).toList()),
          touched.joints().stream().map(RunJoint::title).collect(Collectors.joining(", ")),
          machine.meterFigure(),
          failed.at());
    }
  }
}
