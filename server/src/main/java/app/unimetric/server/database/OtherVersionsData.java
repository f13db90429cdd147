package app.unimetric.server.database;

import org.flywaydb.core.api.exception.FlywayValidateException;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Tells whoever starts the server on the data of another version what to do; nothing is wiped. */
class OtherVersionsData extends AbstractFailureAnalyzer<FlywayValidateException> {
  @Override
  protected FailureAnalysis analyze(Throwable rootFailure, FlywayValidateException cause) {
    return new FailureAnalysis(
        "The data of this workshop was written by another version of Unimetric, which this one does not read. It was left as it is.",
        "Start the version that wrote it, or begin a new workshop in another folder: ./start --data DIR.",
        cause);
  }
}
