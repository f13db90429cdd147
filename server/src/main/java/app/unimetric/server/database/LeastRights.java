package app.unimetric.server.database;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.callback.Callback;
import org.flywaydb.core.api.callback.Context;
import org.flywaydb.core.api.callback.Event;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The role the application works under owns nothing: it reads and adds, changes and deletes only
 * what is no evidence, and can neither empty nor alter a table. What owns the tables only migrates
 * them.
 */
@Component
class LeastRights implements Callback {
  /** Tables whose rows are evidence carry a trigger of this name. */
  private static final String ROWS_ARE_EVIDENCE =
      "SELECT c.oid::regclass::text, EXISTS (SELECT 1 FROM pg_trigger t WHERE t.tgrelid = c.oid AND t.tgname = 'evidence')"
          + " FROM pg_class c JOIN pg_namespace n ON n.oid = c.relnamespace"
          + " WHERE n.nspname = current_schema() AND c.relkind IN ('r', 'p')";

  private final String role;
  private final String password;

  LeastRights(
      @Value("${spring.datasource.username}") String role,
      @Value("${spring.datasource.password}") String password) {
    this.role = role;
    this.password = password;
  }

  @Override
  public boolean supports(Event event, Context context) {
    return event == Event.AFTER_MIGRATE;
  }

  @Override
  public boolean canHandleInTransaction(Event event, Context context) {
    return true;
  }

  @Override
  public String getCallbackName() {
    return "least-rights";
  }

  @Override
  public void handle(Event event, Context context) {
    Connection owner = context.getConnection();
    try {
      if (isOwner(owner)) {
        return;
      }
      List<String> commands = new ArrayList<>();
      commands.add(
          (exists(owner) ? "ALTER ROLE " : "CREATE ROLE ")
              + quoted(owner, "quote_ident", role)
              + " LOGIN NOSUPERUSER NOCREATEDB NOCREATEROLE NOREPLICATION PASSWORD "
              + quoted(owner, "quote_literal", password));
      String whom = quoted(owner, "quote_ident", role);
      commands.add("REVOKE ALL ON SCHEMA public FROM PUBLIC");
      commands.add("GRANT USAGE ON SCHEMA public TO " + whom);
      commands.add("REVOKE ALL ON ALL TABLES IN SCHEMA public FROM " + whom);
      for (Table table : tables(owner)) {
        commands.add(
            "GRANT SELECT, INSERT"
                + (table.isEvidence() ? "" : ", UPDATE, DELETE")
                + " ON "
                + table.name()
                + " TO "
                + whom);
      }
      commands.add("GRANT USAGE ON ALL SEQUENCES IN SCHEMA public TO " + whom);
      try (Statement statement = owner.createStatement()) {
        for (String command : commands) {
          statement.execute(command);
        }
      }
    } catch (SQLException e) {
      throw new FlywayException("The application's own role could not be set up", e);
    }
  }

  private record Table(String name, boolean isEvidence) {}

  /** A workshop on a database of its own making may have but one role. */
  private boolean isOwner(Connection owner) throws SQLException {
    try (PreparedStatement ask = owner.prepareStatement("SELECT current_user = ?")) {
      ask.setString(1, role);
      return answer(ask);
    }
  }

  private boolean exists(Connection owner) throws SQLException {
    try (PreparedStatement ask =
        owner.prepareStatement("SELECT EXISTS (SELECT 1 FROM pg_roles WHERE rolname = ?)")) {
      ask.setString(1, role);
      return answer(ask);
    }
  }

  private static boolean answer(PreparedStatement ask) throws SQLException {
    try (ResultSet found = ask.executeQuery()) {
      return found.next() && found.getBoolean(1);
    }
  }

  /** Commands about roles take no parameters; the database quotes what goes into them. */
  private static String quoted(Connection owner, String how, String text) throws SQLException {
    try (PreparedStatement ask = owner.prepareStatement("SELECT " + how + "(?)")) {
      ask.setString(1, text);
      try (ResultSet found = ask.executeQuery()) {
        found.next();
        return found.getString(1);
      }
    }
  }

  private static List<Table> tables(Connection owner) throws SQLException {
    List<Table> tables = new ArrayList<>();
    try (Statement ask = owner.createStatement();
        ResultSet found = ask.executeQuery(ROWS_ARE_EVIDENCE)) {
      while (found.next()) {
        tables.add(new Table(found.getString(1), found.getBoolean(2)));
      }
    }
    return tables;
  }
}
