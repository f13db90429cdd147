package app.unimetric.server.problem;

import java.net.ConnectException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;

/** Tells whether a failure means that PostgreSQL cannot be reached. */
final class DatabaseAway {
  private DatabaseAway() {}

  static boolean causes(Throwable failure) {
    int depth = 0;
    for (Throwable t = failure; t != null && depth < 30; t = t.getCause(), depth++) {
      if (t instanceof CannotGetJdbcConnectionException
          || t instanceof CannotCreateTransactionException
          || t instanceof TransactionSystemException
          || t instanceof DataAccessResourceFailureException
          || t instanceof SQLTransientConnectionException
          || t instanceof ConnectException
          || t instanceof SQLException sql && isConnection(sql.getSQLState())) {
        return true;
      }
    }
    return false;
  }

  /** Class 08: connection exception; 57P: the server is shutting down or starting. */
  private static boolean isConnection(@org.jspecify.annotations.Nullable String state) {
    return state != null && (state.startsWith("08") || state.startsWith("57P"));
  }
}
