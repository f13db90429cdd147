package app.unimetric.server.book;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.book.SpecLine;
import app.unimetric.server.machine.Machine;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

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

  /**
   * Values that hold and have all the words, the newest first.
   *
   * @param parts patterns of LIKE
   * @param before only those that stand before this place
   */
  List<BookValue> search(
      @Param("parts") List<String> parts, @Param("before") long before, @Param("most") int most);

  /** Values for one of these places of machines of the same make that do not hold for this one. */
  List<SisterValue> sisters(
      @Param("machine") Machine machine,
      @Param("places") List<String> places,
      @Param("most") int most);

  boolean holdsAny();

  @Nullable BookValue byId(@Param("id") UUID id);

  /** Values that hold for one joint of a model, the newest first. */
  List<BookValue> about(
      @Param("make") String make, @Param("model") String model, @Param("place") String place);

  /** Values that hold for any of these models. */
  List<BookValue> ofModels(@Param("models") String[] models);

  /** Values that hold for joints of which more than one is known. */
  List<BookValue> sharedPlaces(@Param("most") int most);

  int enter(
      @Param("id") UUID id,
      @Param("line") SpecLine line,
      @Param("replaces") @Nullable UUID replaces,
      @Param("by") Signature by,
      @Param("at") Instant at);

  int confirm(
      @Param("id") UUID id,
      @Param("valueId") UUID valueId,
      @Param("by") Signature by,
      @Param("at") Instant at);

  int note(
      @Param("id") UUID id,
      @Param("valueId") UUID valueId,
      @Param("words") String words,
      @Param("by") Signature by,
      @Param("at") Instant at);

  List<BookNote> notes(@Param("valueId") UUID valueId);

  /** Places that values are kept under, as they are written most often. */
  List<String> places();
}
