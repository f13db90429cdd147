package app.unimetric.server.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Workshop;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A server that is started on the data of another version. */
@InWorkshop
class OtherVersionsDataTest {
  private static void write(Workshop workshop, String sql) throws SQLException {
    try (Connection owner = workshop.asOwner();
        Statement statement = owner.createStatement()) {
      statement.execute(sql);
    }
  }

  @Test
  void doesNotStartSaysWhatToDoAndLeavesTheDataAsItIs(Workshop workshop) throws SQLException {
    write(
        workshop,
        "INSERT INTO flyway_schema_history SELECT 99, '99', 'later', type, 'V99__later.sql', 7, installed_by, now(), 1, true"
            + " FROM flyway_schema_history WHERE version = '1'");
    try {
      Throwable failed =
          catchThrowable(() -> workshop.another(Map.of("unimetric.demo", "false")).close());
      assertThat(failed).isNotNull();
      assertThat(new OtherVersionsData().analyze(failed).getDescription())
          .contains("another version", "left as it is");
      assertThat(new OtherVersionsData().analyze(failed).getAction()).contains("--data DIR");
    } finally {
      write(workshop, "DELETE FROM flyway_schema_history WHERE version = '99'");
    }
  }
}
