package app.unimetric.server.bring;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface BroughtMapper {
  int begin(
      @Param("id") UUID id,
      @Param("kind") SheetKind kind,
      @Param("name") String name,
      @Param("takenFor") String takenFor,
      @Param("by") Signature by,
      @Param("at") Instant at);

  /**
   * @param lines many at once, JSON
   */
  void addLines(@Param("id") UUID id, @Param("lines") String lines);

  @Nullable BroughtSheet byId(@Param("id") UUID id);

  @Nullable BroughtSheet lock(@Param("id") UUID id);

  List<BroughtSheet> newest(@Param("kind") SheetKind kind);

  List<StandingCount> counts(@Param("id") UUID id);

  List<BroughtLine> lines(
      @Param("id") UUID id,
      @Param("standing") @Nullable Standing standing,
      @Param("after") long after,
      @Param("most") int most);

  @Nullable BroughtLine line(@Param("id") UUID id, @Param("line") long line);

  void judged(@Param("id") UUID id, @Param("l") BroughtLine line);

  void settle(
      @Param("id") UUID id,
      @Param("state") BroughtSheet.State state,
      @Param("by") Signature by,
      @Param("at") Instant at);
}
