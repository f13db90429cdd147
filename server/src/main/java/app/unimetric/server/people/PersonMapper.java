package app.unimetric.server.people;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface PersonMapper {
  @Nullable Person byName(@Param("name") String name);

  List<Person> all();

  int count();

  void add(Person person);
}
