package app.unimetric.server.log;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface RecordMapper {
  void add(
      @Param("jobId") UUID jobId,
      @Param("by") Signature by,
      @Param("signedAt") Instant signedAt,
      @Param("asBuilt") String asBuilt);

  void count(@Param("c") RecordCount count);

  /**
   * @param text in the head of a record
   * @param words prefixes of words in a record, as PostgreSQL asks for them; null for none
   * @param from first moment it may be signed at; null for any
   * @param until first moment it may not be signed at any more; null for any
   */
  List<ListedRecord> search(
      @Param("text") String text,
      @Param("words") @Nullable String words,
      @Param("from") @Nullable Instant from,
      @Param("until") @Nullable Instant until,
      @Param("outside") boolean outside,
      @Param("corrected") boolean corrected);

  /** Documents of the records with all these words, JSON, the newest first. */
  List<String> naming(@Param("words") String words);

  /** Records whose words are not kept yet. */
  List<UUID> wordless(@Param("most") int most);

  void words(@Param("jobId") UUID jobId, @Param("words") String[] words);

  List<CancelledRow> cancelled(@Param("text") String text);

  @Nullable ListedRecord listed(@Param("jobId") UUID jobId);

  /** The document of a record, JSON. */
  @Nullable String document(@Param("jobId") UUID jobId);
}
