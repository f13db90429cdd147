package app.unimetric.server.shelf;

import app.unimetric.core.bench.Signature;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface ShelfMapper {
  List<ProductRow> products();

  int addProduct(ProductRow product);

  int throwAway(@Param("id") UUID id, @Param("by") Signature by, @Param("at") Instant at);

  /** Nothing where it is open already. */
  int open(@Param("id") UUID id, @Param("on") LocalDate on);

  List<PartRow> parts();

  /** What is known of a part; what is empty stays as it was. */
  void known(
      @Param("name") String name,
      @Param("size") String size,
      @Param("strength") String strength,
      @Param("orderNumber") String orderNumber);

  boolean movedBefore(@Param("id") UUID id);

  void name(@Param("name") String name);

  /** Nobody else moves pieces of a part until this is over. */
  String lock(@Param("name") String name);

  int pieces(@Param("name") String name);

  void price(@Param("name") String name, @Param("price") BigDecimal price);

  void move(
      @Param("id") UUID id,
      @Param("part") String part,
      @Param("pieces") int pieces,
      @Param("why") String why,
      @Param("by") Signature by,
      @Param("at") Instant at);

  @Nullable BigDecimal rate();

  int setRate(
      @Param("id") UUID id,
      @Param("perHour") BigDecimal perHour,
      @Param("by") Signature by,
      @Param("at") Instant at);
}
