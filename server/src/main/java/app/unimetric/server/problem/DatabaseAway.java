package app.unimetric.server.problem;

import java.net.ConnectException;
import java.sql.SQLException;
import java.sql.SQLRecoverableException;
import java.sql.SQLTransientConnectionException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.RecoverableDataAccessException;
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
          || t instanceof SQLRecoverableException
          || t instanceof RecoverableDataAccessException
          || t instanceof SQLException sql && isConnection(sql)) {
        return true;
      }
    }
    return false;
  }

  /**
   * Class 08: connection exception; 57P: the server is shutting down or starting; none at all: the
   * pool says that it closed a broken connection.
   */
  private static boolean isConnection(SQLException e) {
    String state = e.getSQLState();
    return state == null
        ? String.valueOf(e.getMessage()).contains("closed")
        : state.startsWith("08") || state.startsWith("57P");
  }
}
