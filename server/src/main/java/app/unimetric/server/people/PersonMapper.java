package app.unimetric.server.people;

import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface PersonMapper {
  @Nullable Person byName(@Param("name") String name);

  @Nullable Person byId(@Param("id") UUID id);

  List<Person> all();

  int count();

  /** Waits until nobody else changes who leads, and tells who can. */
  List<UUID> lockLeads();

  void add(Person person);

  /** Nothing where somebody changed the person meanwhile. */
  int change(@Param("p") Person person, @Param("was") int version);

  void setPassword(
      @Param("id") UUID id, @Param("hash") String hash, @Param("from") Instant sessionsFrom);

  void setPin(@Param("id") UUID id, @Param("hash") String hash);

  /** The same password, hashed as is done now. */
  void rehash(@Param("id") UUID id, @Param("hash") String hash);

  void wroteDown(
      @Param("id") UUID id,
      @Param("personId") UUID personId,
      @Param("what") String what,
      @Param("by") @Nullable Signature by,
      @Param("at") Instant at);

  List<PersonChange> changes(@Param("personId") UUID personId);
}
