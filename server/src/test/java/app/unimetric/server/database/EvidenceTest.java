package app.unimetric.server.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * What is evidence cannot be changed, deleted or emptied, and a change past all that is noticed.
 */
@InWorkshop
class EvidenceTest {
  private final Workshop workshop;

  EvidenceTest(Workshop workshop) {
    this.workshop = workshop;
  }

  private List<String> column(String sql) throws SQLException {
    List<String> rows = new ArrayList<>();
    try (Connection owner = workshop.asOwner();
        Statement statement = owner.createStatement();
        ResultSet found = statement.executeQuery(sql)) {
      while (found.next()) {
        rows.add(found.getString(1));
      }
    }
    return rows;
  }

  private void does(String sql) throws SQLException {
    try (Connection owner = workshop.asOwner();
        Statement statement = owner.createStatement()) {
      statement.execute(sql);
    }
  }

  @Test
  void noTableOfEvidenceIsEmptiedByItsOwnerEither() throws SQLException {
    List<String> tables =
        column(
            "SELECT tgrelid::regclass::text FROM pg_trigger WHERE tgname = 'evidence' ORDER BY 1");
    assertThat(tables).contains("run_event", "job_record", "audit_entry", "photograph");
    for (String table : tables) {
      assertThatThrownBy(() -> does("TRUNCATE " + table + " CASCADE"))
          .as(table)
          .isInstanceOf(SQLException.class);
    }
  }

  @Test
  void anEntryThatWasChangedPastTheApplicationShowsAtItsRecord() throws SQLException {
    Visitor guest = Visitor.signedIn(workshop, "Visitor");
    String job = guest.get("/api/log").body().get(0).path("jobId").asString();
    String paper = "/api/log/" + job + "/paper";
    assertThat(guest.get(paper).body().path("intact").asBoolean()).isTrue();
    String where =
        " WHERE server_order = (SELECT max(server_order) FROM run_event WHERE job_id = '"
            + job
            + "')";
    String payload = column("SELECT payload::text FROM run_event" + where).get(0);
    changed(where, payload.replaceFirst("\\{", "{ "));
    try {
      assertThat(guest.get(paper).body().path("intact").asBoolean()).isFalse();
    } finally {
      changed(where, payload);
    }
    assertThat(guest.get(paper).body().path("intact").asBoolean()).isTrue();
  }

  private void changed(String where, String payload) throws SQLException {
    does(
        "ALTER TABLE run_event DISABLE TRIGGER evidence; UPDATE run_event SET payload = '"
            + payload.replace("'", "''")
            + "'"
            + where
            + "; ALTER TABLE run_event ENABLE TRIGGER evidence");
  }

  /** A transaction that needs a second connection starves all when many do it at once. */
  @Test
  void noTransactionAsksForASecondConnection() {
    assertThat(
            new com.tngtech.archunit.core.importer.ClassFileImporter()
                .importPackages("app.unimetric.server").stream()
                    .flatMap(c -> c.getMethods().stream())
                    .filter(
                        m ->
                            m.tryGetAnnotationOfType(
                                    org.springframework.transaction.annotation.Transactional.class)
                                .map(
                                    t ->
                                        t.propagation()
                                            != org.springframework.transaction.annotation
                                                .Propagation.REQUIRED)
                                .orElse(false))
                    .map(m -> m.getFullName()))
        .isEmpty();
  }
}
