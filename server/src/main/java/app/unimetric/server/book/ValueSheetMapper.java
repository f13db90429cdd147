package app.unimetric.server.book;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface ValueSheetMapper {
  /** Lines whose value to change was changed by somebody else since. */
  int overtaken(@Param("id") UUID id);

  /** Takes back what the lines change. */
  int takeBackReplaced(
      @Param("id") UUID id,
      @Param("reason") String reason,
      @Param("by") Signature by,
      @Param("at") Instant at);

  long lastLine(@Param("id") UUID id);

  /** Writes down the lines after one and up to another that bring something. */
  int enterLines(
      @Param("id") UUID id,
      @Param("after") long after,
      @Param("upTo") long upTo,
      @Param("by") Signature by,
      @Param("at") Instant at);

  /** Takes back all that a sheet brought and that still holds. */
  int takeBackBrought(
      @Param("id") UUID id,
      @Param("reason") String reason,
      @Param("by") Signature by,
      @Param("at") Instant at);

  /** What the sheet changed stands again as it was, in the name of who said it. */
  int standAgain(@Param("id") UUID id);

  /** What stands again is confirmed by whom it was before. */
  int confirmedAgain(@Param("id") UUID id);

  /** Make and model of all lines, in small letters, one a row. */
  List<String> models(@Param("id") UUID id);

  /** The values the lines of a sheet take the place of. */
  List<UUID> replaced(@Param("id") UUID id);

  /** The values a sheet brought. */
  List<UUID> brought(@Param("id") UUID id);
}
