package app.unimetric.server.job;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface JobMapper {
  List<String> packs();

  @Nullable String packText(@Param("key") String key);

  int packVersion(@Param("key") String key);

  int addPack(
      @Param("key") String key,
      @Param("version") int version,
      @Param("document") String document,
      @Param("by") String by);

  int add(
      @Param("id") UUID id,
      @Param("machineId") UUID machineId,
      @Param("title") String title,
      @Param("pack") String pack,
      @Param("createdBy") String createdBy,
      @Param("createdAt") Instant createdAt);

  @Nullable Job byId(@Param("id") UUID id);

  List<Job> ofMachine(@Param("machineId") UUID machineId);

  List<Job> open();

  List<Job> startedSince(@Param("moment") Instant moment);

  int raiseVersion(@Param("id") UUID id, @Param("version") int version);

  List<DecisionRow> decisions(@Param("jobId") UUID jobId);

  List<FoundValue> values(@Param("jobId") UUID jobId);

  void addValue(@Param("jobId") UUID jobId, @Param("v") FoundValue value);

  List<DeskNote> deskNotes(@Param("jobId") UUID jobId);

  void addDeskNote(@Param("jobId") UUID jobId, @Param("n") DeskNote note);

  void addDecision(@Param("jobId") UUID jobId, @Param("d") DecisionRow decision);
}
