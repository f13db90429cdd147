package app.unimetric.server.book;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface ImportMapper {
  int begin(
      @Param("id") UUID id,
      @Param("name") String name,
      @Param("takenFor") String takenFor,
      @Param("by") Signature by,
      @Param("at") Instant at);

  /**
   * @param lines many at once, JSON
   */
  void addLines(@Param("id") UUID id, @Param("lines") String lines);

  @Nullable ValueImport byId(@Param("id") UUID id);

  @Nullable ValueImport lock(@Param("id") UUID id);

  List<ValueImport> newest();

  List<StandingCount> counts(@Param("id") UUID id);

  List<ImportLine> lines(
      @Param("id") UUID id,
      @Param("standing") ImportLine.@Nullable Standing standing,
      @Param("after") long after,
      @Param("most") int most);

  @Nullable ImportLine line(@Param("id") UUID id, @Param("line") long line);

  void judged(@Param("id") UUID id, @Param("l") ImportLine line);

  /** Lines whose value to change was changed by somebody else since. */
  int overtaken(@Param("id") UUID id);

  /** Takes back what the lines change. */
  int takeBackReplaced(
      @Param("id") UUID id,
      @Param("reason") String reason,
      @Param("by") Signature by,
      @Param("at") Instant at);

  /** Writes down all lines that bring something. */
  int enterLines(@Param("id") UUID id, @Param("by") Signature by, @Param("at") Instant at);

  /** Takes back all that a sheet brought and that still holds. */
  int takeBackBrought(
      @Param("id") UUID id,
      @Param("reason") String reason,
      @Param("by") Signature by,
      @Param("at") Instant at);

  /** What the sheet changed stands again as it was, in the name of who said it. */
  int standAgain(@Param("id") UUID id);

  void settle(
      @Param("id") UUID id,
      @Param("state") ValueImport.State state,
      @Param("by") Signature by,
      @Param("at") Instant at);

  /** Make and model of all lines, in small letters, one a row. */
  List<String> models(@Param("id") UUID id);

  /** The values the lines of a sheet take the place of. */
  List<UUID> replaced(@Param("id") UUID id);

  /** The values a sheet brought. */
  List<UUID> brought(@Param("id") UUID id);
}
