package app.unimetric.server.machine;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface MachineSheetMapper {
  /** All there are, also those retired. */
  List<Machine> all();

  /** Names of machines that came to be since the sheet was looked at. */
  List<String> takenSince(@Param("id") UUID id);

  /** Names of machines of changed lines that somebody changed by hand after a moment. */
  List<String> changedAfter(@Param("id") UUID id, @Param("moment") Instant moment);

  /** Writes beside each line what it changes. */
  int keepWhatWas(@Param("id") UUID id);

  int add(@Param("id") UUID id, @Param("by") Signature by, @Param("at") Instant at);

  /** First readings of the machines that were added. */
  int read(@Param("id") UUID id, @Param("by") Signature by, @Param("at") Instant at);

  int change(@Param("id") UUID id);

  /** Writes down of each machine that is changed that it is. */
  int wroteDown(
      @Param("id") UUID id,
      @Param("what") String what,
      @Param("by") Signature by,
      @Param("at") Instant at);

  int wroteDownBrought(
      @Param("id") UUID id,
      @Param("what") String what,
      @Param("by") Signature by,
      @Param("at") Instant at);

  int retireBrought(@Param("id") UUID id, @Param("at") Instant at);

  int standAgain(@Param("id") UUID id);
}
