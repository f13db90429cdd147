package app.unimetric.server.sheet;

import app.unimetric.core.plan.PlanPrint;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * A print of the card and what it no longer tells.
 *
 * @param changes empty while the paper is still true
 */
public record SincePrint(
    UUID id, String printedBy, Instant printedAt, List<PlanPrint.Change> changes) {}
