package app.unimetric.server.machine;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface MachineMapper {
  /**
   * Machines with all the words, the one called so first; without any those that are not retired.
   *
   * @param parts patterns of LIKE
   * @param text the whole of what was typed
   */
  List<Machine> search(@Param("parts") List<String> parts, @Param("text") String text);

  /** Nothing where somebody changed the machine meanwhile. */
  int change(@Param("m") Machine machine, @Param("version") int version);

  int retire(
      @Param("id") UUID id, @Param("version") int version, @Param("at") @Nullable Instant at);

  /**
   * @param into null for a machine of its own
   */
  int merge(
      @Param("id") UUID id, @Param("version") int version, @Param("into") @Nullable UUID into);

  /** Those taken for one that is itself taken for another. */
  int mergeThoseOf(@Param("id") UUID id, @Param("into") UUID into);

  List<Machine> doubles(@Param("id") UUID id);

  void wroteDown(
      @Param("id") UUID id,
      @Param("machineId") UUID machineId,
      @Param("what") String what,
      @Param("by") Signature by,
      @Param("at") Instant at);

  List<MachineChange> changes(@Param("machineId") UUID machineId);

  /** Those in use with one of these names, in small letters; the longest name first. */
  List<Machine> called(@Param("names") String[] names);

  @Nullable Machine byId(@Param("id") UUID id);

  List<MeterReading> readings(@Param("machineId") UUID machineId);

  int raiseVersion(@Param("id") UUID id, @Param("version") int version);

  void add(Machine machine);

  List<Machine> alike(@Param("name") String name, @Param("frameNumber") String frameNumber);

  void broughtBy(@Param("id") UUID id, @Param("at") Instant at, @Param("by") Signature by);

  void addReading(
      @Param("id") UUID id,
      @Param("machineId") UUID machineId,
      @Param("figure") double figure,
      @Param("corrects") @Nullable UUID corrects,
      @Param("reason") @Nullable String reason,
      @Param("readAt") Instant readAt,
      @Param("by") Signature by);

  void replaceMeter(
      @Param("id") UUID id,
      @Param("machineId") UUID machineId,
      @Param("before") double before,
      @Param("after") double after,
      @Param("at") Instant at,
      @Param("by") Signature by);

  boolean isAny();
}
