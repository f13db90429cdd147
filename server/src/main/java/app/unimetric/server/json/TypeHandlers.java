package app.unimetric.server.json;

import app.unimetric.core.surface.ProductSheet;
import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.util.UUID;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.Nullable;
import org.mybatis.spring.boot.autoconfigure.ConfigurationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How the database's own types come to Java and back. */
@Configuration
class TypeHandlers {
  @Bean
  ConfigurationCustomizer handlers() {
    return configuration -> {
      configuration.getTypeHandlerRegistry().register(UUID.class, new UuidHandler());
      configuration
          .getTypeHandlerRegistry()
          .register(ProductSheet.class, new ProductSheetHandler());
    };
  }

  @MappedTypes(UUID.class)
  private static final class UuidHandler extends BaseTypeHandler<UUID> {
    @Override
    public void setNonNullParameter(PreparedStatement ps, int i, UUID id, @Nullable JdbcType type)
        throws SQLException {
      ps.setObject(i, id, Types.OTHER);
    }

    @Override
    public @Nullable UUID getNullableResult(ResultSet rs, String column) throws SQLException {
      return rs.getObject(column, UUID.class);
    }

    @Override
    public @Nullable UUID getNullableResult(ResultSet rs, int column) throws SQLException {
      return rs.getObject(column, UUID.class);
    }

    @Override
    public @Nullable UUID getNullableResult(CallableStatement cs, int column) throws SQLException {
      return cs.getObject(column, UUID.class);
    }
  }
}
