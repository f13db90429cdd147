package app.unimetric.server.book;

import app.unimetric.core.bench.Signature;
import app.unimetric.server.machine.Machine;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface BookMapper {
  /** Values of the machine's make, model, year and variant that were not taken back. */
  List<KnownValue> of(@Param("machine") Machine machine);

  void add(
      @Param("machine") Machine machine,
      @Param("years") ModelYears years,
      @Param("value") KnownValue value);

  void takeBack(
      @Param("id") UUID id,
      @Param("valueId") UUID valueId,
      @Param("reason") String reason,
      @Param("by") Signature by,
      @Param("at") Instant at);
}
