package app.unimetric.server.whole;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface WholeMapper {
  /**
   * A job as the list of all shows it.
   *
   * @param signedAt ISO 8601; null while it is not signed
   */
  record ListedWork(
      UUID id,
      int number,
      String title,
      String machine,
      String openedBy,
      String openedAt,
      @Nullable String signedBy,
      @Nullable String signedAt) {}

  /** A document under a name. */
  record Named(String name, String document) {}

  @Select(
      "SELECT j.id, j.number, j.title, m.name AS machine, j.created_by AS opened_by, to_char(j.created_at AT TIME ZONE 'UTC', 'YYYY-MM-DD\"T\"HH24:MI:SS\"Z\"') AS opened_at,"
          + " r.signed_by, to_char(r.signed_at AT TIME ZONE 'UTC', 'YYYY-MM-DD\"T\"HH24:MI:SS\"Z\"') AS signed_at"
          + " FROM job j JOIN machine m ON m.id = j.machine_id LEFT JOIN job_record r ON r.job_id = j.id ORDER BY j.number")
  List<ListedWork> work();

  /** Something added to the record of a job. */
  record Added(int number, String at, String by, String words) {}

  @Select(
      "SELECT j.number, to_char(a.said_at AT TIME ZONE 'UTC', 'YYYY-MM-DD\"T\"HH24:MI:SS\"Z\"') AS at, a.said_by AS by, a.words"
          + " FROM record_addendum a JOIN job j ON j.id = a.job_id ORDER BY a.server_order")
  List<Added> addenda();

  @Select(
      "SELECT base_key || '.' || left(id::text, 8) AS name, document::text AS document FROM model_pack ORDER BY base_key, said_at")
  List<Named> ways();

  @Select("SELECT name, role AS document FROM person ORDER BY lower(name)")
  List<Named> people();

  @Select(
      "SELECT 'settings' AS name, document::text AS document FROM workshop_settings ORDER BY version DESC LIMIT 1")
  @Nullable Named settings();
}
