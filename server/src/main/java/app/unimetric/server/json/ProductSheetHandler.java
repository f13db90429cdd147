package app.unimetric.server.json;

import app.unimetric.core.surface.ProductSheet;
import app.unimetric.documents.shelf.ProductSheetDocument;
import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.Nullable;

/** What a product's sheet says, as JSON. */
@MappedTypes(ProductSheet.class)
final class ProductSheetHandler extends BaseTypeHandler<ProductSheet> {
  @Override
  public void setNonNullParameter(
      PreparedStatement to, int at, ProductSheet sheet, @Nullable JdbcType type)
      throws SQLException {
    to.setObject(at, ProductSheetDocument.write(sheet), Types.OTHER);
  }

  @Override
  public @Nullable ProductSheet getNullableResult(ResultSet from, String column)
      throws SQLException {
    return read(from.getString(column));
  }

  @Override
  public @Nullable ProductSheet getNullableResult(ResultSet from, int column) throws SQLException {
    return read(from.getString(column));
  }

  @Override
  public @Nullable ProductSheet getNullableResult(CallableStatement from, int column)
      throws SQLException {
    return read(from.getString(column));
  }

  private static @Nullable ProductSheet read(@Nullable String text) {
    return text == null ? null : ProductSheetDocument.read(text);
  }
}
