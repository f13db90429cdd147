package app.unimetric.server.recheck;

import app.unimetric.core.bench.RunJoint;
import app.unimetric.core.bench.Signature;
import app.unimetric.core.recheck.MovedCause;
import app.unimetric.core.recheck.RecheckDue;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.sheet.Sheets;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What follows where something had moved: it is done again, or looked at once more. */
@Component
class WhatFollows {
  private final RecheckMapper mapper;
  private final Jobs jobs;
  private final Sheets sheets;
  private final JsonMapper json;

  WhatFollows(RecheckMapper mapper, Jobs jobs, Sheets sheets, JsonMapper json) {
    this.mapper = mapper;
    this.jobs = jobs;
    this.sheets = sheets;
    this.json = json;
  }

  /**
   * @param from what it follows from, once
   * @param joints that moved; empty for all the re-check is about
   * @return the job that does it again; null when it is only looked at once more
   */
  @Nullable UUID open(
      UUID from,
      RecheckRow row,
      List<RunJoint> joints,
      MovedCause.Follows follows,
      Instant at,
      Signature by) {
    if (follows == MovedCause.Follows.TAKE_APART) {
      UUID again = id("redo ", from);
      Job before = jobs.job(row.jobId());
      jobs.again(again, before, sheets.document(before), at, by);
      return again;
    }
    mapper.add(
        id("again ", from),
        row.machineId(),
        row.jobId(),
        new RecheckDue("moved", "It moved at the last look.", true, null, null, null),
        joints.isEmpty()
            ? row.jointIds()
            : json.writeValueAsString(joints.stream().map(RunJoint::id).toList()),
        joints.isEmpty()
            ? row.joints()
            : joints.stream().map(RunJoint::title).collect(Collectors.joining(", ")),
        row.meterNow(),
        at);
    return null;
  }

  private static UUID id(String what, UUID from) {
    return UUID.nameUUIDFromBytes((what + from).getBytes(StandardCharsets.UTF_8));
  }
}
