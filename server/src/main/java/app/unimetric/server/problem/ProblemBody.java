package app.unimetric.server.problem;

import app.unimetric.core.problem.Problem;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What went wrong, as RFC 9457 wants it.
 *
 * @param errors each with its place in the request; empty when the whole is meant
 * @param yourVersion with 409: the version the request was based on
 * @param currentVersion with 409: the version on file
 * @param expectedCounter with 409 on a device's log: the number that comes next
 */
public record ProblemBody(
    String type,
    String title,
    int status,
    String detail,
    List<Problem> errors,
    @Nullable Integer yourVersion,
    @Nullable Integer currentVersion,
    @Nullable Integer expectedCounter) {}
