package app.unimetric.server.database;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

@Mapper
interface BackupMapper {
  @Select("SELECT file, bytes, made_at FROM backup_made ORDER BY id DESC LIMIT 1")
  @Nullable BackupMade last();
}
