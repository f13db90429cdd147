package app.unimetric.server.audit;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface AuditMapper {
  void add(
      @Param("kind") AuditKind kind,
      @Param("who") String who,
      @Param("about") String about,
      @Param("address") String address);

  /** Newest first, those before one. */
  List<AuditEntry> before(
      @Param("id") long id, @Param("kind") @Nullable AuditKind kind, @Param("most") int most);
}
